<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a job wants sent while it still goes on, the gaps for it, and the rate that was measured. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sendings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('lane')->default('lead');
            $table->float('rate_mb_s')->default(1);
            $table->float('overhead_s')->default(0);
            $table->text('pictures')->nullable();
            $table->text('gaps')->nullable();
        });
        foreach (['INSERT', 'UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                'CREATE TRIGGER sendings_counts_'.
                    strtolower($verb).
                    " AFTER {$verb} ON sendings BEGIN UPDATE changes SET number = number + 1; END",
            );
        }
    }

    public function down(): void
    {
        Schema::drop('sendings');
    }
};
