<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The groups of the formals, in the order in which they are called, and the segment in which that is done. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('formal_groups', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->string('title');
            $table->json('people');
            $table->string('priority')->default('should');
            $table->boolean('is_pinned')->default(false);
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->foreignId('formals_segment_id')->nullable();
            $table->boolean('formals_gathered')->default(false);
        });
        foreach (['INSERT', 'UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                'CREATE TRIGGER formal_groups_counts_'.
                    strtolower($verb).
                    " AFTER {$verb} ON formal_groups BEGIN UPDATE changes SET number = number + 1; END",
            );
        }
    }
};
