<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Drives that are given away and come back, frames that must be looked at before a format, and work that is paused. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('handovers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('destination_id')->constrained();
            $table->string('who');
            $table->string('why')->nullable();
            $table->date('due_on');
            $table->json('contents');
            $table->dateTime('gone_at', 3);
            $table->dateTime('back_at', 3)->nullable();
        });
        DB::statement(
            "CREATE TRIGGER handovers_no_delete BEFORE DELETE ON handovers BEGIN SELECT RAISE(ABORT, 'handovers is an append-only ".
                "log'); END",
        );
        // Only that it came back is added, once.
        DB::statement(
            'CREATE TRIGGER handovers_no_update BEFORE UPDATE ON handovers WHEN OLD.back_at IS NOT NULL OR OLD.who <> NEW.who OR '.
                'OLD.contents <> NEW.contents OR OLD.gone_at <> NEW.gone_at OR OLD.destination_id <> NEW.destination_id BEGIN SELECT '.
                "RAISE(ABORT, 'handovers is an append-only log'); END",
        );
        Schema::table('audit_rules', function (Blueprint $table): void {
            $table->boolean('looks_first')->default(true);
        });
        Schema::table('runs', function (Blueprint $table): void {
            $table->boolean('pause_asked')->default(false);
        });
    }
};
