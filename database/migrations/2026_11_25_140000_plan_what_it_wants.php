<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Days, light, hours, people and passes of a plan; cues and free-standing lines of a shot list; sets of shots. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('segments', function (Blueprint $table): void {
            $table->unsignedInteger('day')->default(0);
            $table->string('light')->default('any');
            $table->string('earliest_clock', 5)->nullable();
            $table->string('latest_clock', 5)->nullable();
            $table->unsignedInteger('setup_minutes')->default(0);
            $table->unsignedInteger('worth')->nullable();
            $table->json('people')->nullable();
            $table->json('also_lanes')->nullable();
        });
        Schema::table('travels', function (Blueprint $table): void {
            foreach (['walk_minutes', 'parking_minutes', 'loading_minutes'] as $part) {
                $table->unsignedInteger($part)->default(0);
            }
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('appointment_from', 5)->nullable();
            $table->string('appointment_to', 5)->nullable();
            $table->json('separations')->nullable();
        });
        Schema::create('access_windows', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('place_id')->constrained();
            $table->foreignId('spot_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('pass');
            $table->json('lanes')->nullable();
            $table->unsignedInteger('day')->default(0);
            $table->string('opens_clock', 5);
            $table->string('closes_clock', 5);
            $table->unsignedInteger('gate_minutes')->default(0);
            $table->timestamps();
        });
        $this->shots();
    }

    /** A line may stand free of any segment: it belongs to the job. */
    private function shots(): void
    {
        Schema::table('shot_lines', function (Blueprint $table): void {
            $table->foreignId('segment_id')->nullable()->change();
            $table->foreignId('job_id')->nullable()->constrained()->cascadeOnDelete();
            $table->json('people')->nullable();
            $table->string('light')->nullable();
            $table->string('cue')->nullable();
            $table->unsignedInteger('cue_seconds')->nullable();
            $table->string('prompt')->nullable();
            $table->string('notes')->nullable();
        });
        DB::statement('UPDATE shot_lines SET job_id = (SELECT job_id FROM segments WHERE segments.id = shot_lines.segment_id)');
        Schema::create('shot_sets', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->string('name')->unique();
            $table->json('lines');
            $table->timestamps();
        });
    }
};
