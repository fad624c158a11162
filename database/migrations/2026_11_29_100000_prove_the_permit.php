<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What the proof of a permit stands on: seals as inventories, what was read back from each bag by content, what a place is by
 * what system and owner say, the owner's rule, and whose frames are whose.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('frames', function (Blueprint $table): void {
            // The seal of this fill that saw the file last; what it held before that seal counts for nothing.
            $table->unsignedInteger('seal')->default(1);
        });
        // When the frames of a load were taken, written at its seal: which jobs it concerns is found without reading frames.
        Schema::create('loads', function (Blueprint $table): void {
            $table->foreignId('card_id')->constrained();
            $table->unsignedInteger('fill');
            $table->foreignId('body_id')->nullable()->constrained();
            $table->integer('first_taken');
            $table->integer('last_taken');
            $table->primary(['card_id', 'fill']);
        });
        DB::statement(
            'INSERT INTO loads (card_id, fill, body_id, first_taken, last_taken) SELECT card_id, fill, max(body_id), min(taken_at), '.
                'max(taken_at) FROM frames WHERE taken_at IS NOT NULL GROUP BY card_id, fill',
        );
        // What was counted by name until now counts again once it was read; of loads that were formatted away the old word stays.
        $isPresent =
            "fill = 1 + (SELECT count(*) FROM card_events WHERE card_events.card_id = frames.card_id AND card_events.kind = 'formatted')";
        DB::statement("UPDATE frames SET hash = NULL WHERE {$isPresent}");
        Schema::rename('copies', 'copies_by_name');
        DB::statement(
            'CREATE TABLE copies (content TEXT NOT NULL, copy_event_id INTEGER NOT NULL REFERENCES copy_events (id), PRIMARY KEY '.
                '(content, copy_event_id)) WITHOUT ROWID',
        );
        DB::statement('CREATE INDEX copies_of_event ON copies (copy_event_id)');
        DB::statement(
            'INSERT OR IGNORE INTO copies (content, copy_event_id) SELECT substr(frames.hash, 1, 64), copy_event_id FROM copies_by_name '.
                'JOIN frames ON frames.id = copies_by_name.frame_id WHERE frames.hash IS NOT NULL',
        );
        Schema::drop('copies_by_name');
        Schema::table('copy_events', fn (Blueprint $table) => $table->index(['destination_id', 'id']));
        Schema::table('card_events', fn (Blueprint $table) => $table->index(['job_id', 'card_id']));
        Schema::table('destinations', function (Blueprint $table): void {
            $table->string('mark', 64)->nullable();
            $table->string('medium_said', 80)->nullable();
            $table->string('medium_words', 500)->nullable();
        });
        Schema::table('handovers', fn (Blueprint $table) => $table->unsignedBigInteger('back_after')->nullable());
        Schema::table('audit_rules', function (Blueprint $table): void {
            $table->unsignedInteger('permit_copies')->default(2);
            $table->unsignedInteger('more_without_twin')->default(1);
            $table->unsignedInteger('away_days')->default(30);
            $table->string('reads_again')->default('minute');
        });
        Schema::create('permits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('card_id')->constrained();
            $table->unsignedInteger('fill');
            $table->foreignId('job_id')->nullable()->constrained();
            $table->string('who');
            $table->json('paper');
            $table->dateTime('at', 3);
            $table->index(['card_id', 'fill']);
        });
        Schema::create('frame_claims', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('card_id')->constrained();
            $table->unsignedInteger('fill');
            $table->foreignId('job_id')->constrained();
            $table->integer('from_taken')->nullable();
            $table->integer('to_taken')->nullable();
            $table->string('words', 300)->nullable();
            $table->dateTime('at', 3);
            $table->index(['card_id', 'fill']);
        });
        // What follows from cards and copies is kept until one of these changes.
        foreach (['card_events', 'copy_events', 'clock_offsets', 'frame_claims', 'destinations', 'handovers', 'audit_rules'] as $table) {
            foreach (['INSERT', 'UPDATE', 'DELETE'] as $verb) {
                DB::statement(
                    "CREATE TRIGGER {$table}_counts_".
                        strtolower($verb).
                        " AFTER {$verb} ON {$table} BEGIN UPDATE changes SET number = number + 1; END",
                );
            }
        }
        foreach (['permits', 'frame_claims'] as $log) {
            foreach (['UPDATE', 'DELETE'] as $verb) {
                DB::statement(
                    "CREATE TRIGGER {$log}_no_".
                        strtolower($verb).
                        " BEFORE {$verb} ON {$log} BEGIN SELECT RAISE(ABORT, '{$log} is an append-only log'); END",
                );
            }
        }
    }
};
