<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Boards are read in what a capture program writes, too: a reading and a word are of a frame of a card, or of a file of a session. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('session_files', function (Blueprint $table): void {
            $table->unsignedInteger('taken_at')->nullable();
        });
        Schema::create('session_readings', function (Blueprint $table): void {
            $table->foreignId('session_file_id')->primary()->constrained()->cascadeOnDelete();
            // Of a file that was written anew the reading holds no longer.
            $table->string('content');
            $table->text('codes');
        });
        Schema::table('board_words', function (Blueprint $table): void {
            $table->unsignedInteger('frame_id')->nullable()->change();
            $table->foreignId('session_file_id')->nullable()->constrained()->cascadeOnDelete();
        });
        // A table that is changed is made anew, and its triggers go with the old one.
        foreach (['session_readings', 'board_words'] as $name) {
            foreach (['INSERT', 'UPDATE', 'DELETE'] as $verb) {
                DB::statement(
                    "CREATE TRIGGER IF NOT EXISTS {$name}_counts_".
                        strtolower($verb).
                        " AFTER {$verb} ON {$name} BEGIN UPDATE changes SET number = number + 1; END",
                );
            }
        }
    }

    public function down(): void
    {
        Schema::drop('session_readings');
        Schema::table('session_files', static fn (Blueprint $table) => $table->dropColumn('taken_at'));
    }
};
