<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The products of a catalogue, what was read of their boards in each frame, and what somebody said where a board was forgotten. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('studios', function (Blueprint $table): void {
            $table->text('products')->nullable();
        });
        Schema::create('board_readings', function (Blueprint $table): void {
            $table->unsignedInteger('frame_id')->primary();
            $table->text('codes');
        });
        Schema::create('board_words', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('frame_id');
            $table->unsignedInteger('product');
        });
        foreach (['board_readings', 'board_words'] as $name) {
            foreach (['INSERT', 'UPDATE', 'DELETE'] as $verb) {
                DB::statement(
                    "CREATE TRIGGER {$name}_counts_".
                        strtolower($verb).
                        " AFTER {$verb} ON {$name} BEGIN UPDATE changes SET number = number + 1; END",
                );
            }
        }
    }

    public function down(): void
    {
        Schema::drop('board_words');
        Schema::drop('board_readings');
        Schema::table('studios', function (Blueprint $table): void {
            $table->dropColumn('products');
        });
    }
};
