<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How far a body's clock was ahead during a job; the last line of each body holds. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('clock_offsets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('body_id')->constrained();
            $table->integer('offset_s');
            $table->string('how');
            $table->dateTime('at', 3);
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                'CREATE TRIGGER clock_offsets_no_'.
                    strtolower($verb).
                    " BEFORE {$verb} ON clock_offsets BEGIN SELECT RAISE(ABORT, 'clock_offsets is an append-only log'); END",
            );
        }
    }
};
