<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A job has a roster with today's line-up, and captions of what was taken; both as they were typed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rosters', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->unique()->constrained()->cascadeOnDelete();
            $table->text('players')->nullable();
            $table->text('line_up')->nullable();
            $table->text('codes')->nullable();
            $table->text('captions')->nullable();
        });
        foreach (['INSERT', 'UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                'CREATE TRIGGER rosters_counts_'.
                    strtolower($verb).
                    " AFTER {$verb} ON rosters BEGIN UPDATE changes SET number = number + 1; END",
            );
        }
    }

    public function down(): void
    {
        Schema::drop('rosters');
    }
};
