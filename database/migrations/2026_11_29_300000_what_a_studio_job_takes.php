<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What the final pictures of a studio job are put together from, and what it takes from setup to setup. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('studios', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->unique()->constrained()->cascadeOnDelete();
            $table->text('elements')->nullable();
            $table->text('changes')->nullable();
            $table->unsignedInteger('change_minutes')->default(10);
            $table->string('begins_clock')->nullable();
        });
        foreach (['INSERT', 'UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                'CREATE TRIGGER studios_counts_'.
                    strtolower($verb).
                    " AFTER {$verb} ON studios BEGIN UPDATE changes SET number = number + 1; END",
            );
        }
    }

    public function down(): void
    {
        Schema::drop('studios');
    }
};
