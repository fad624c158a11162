<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        $this->owner();
        $this->briefAndPlan();
        $this->kit();
        $this->cards();
        $this->copies();
        $this->queue();
        foreach (['card_events', 'copy_events', 'device_events'] as $log) {
            $this->appendOnly($log);
        }
    }

    private function owner(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('allowed_roots', function (Blueprint $table): void {
            $table->id();
            $table->string('path')->unique();
            $table->timestamps();
        });
        Schema::create('device_events', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('kind');
            $table->json('on');
            $table->dateTime('made_at', 3);
            $table->dateTime('received_at', 3);
        });
    }

    private function briefAndPlan(): void
    {
        Schema::create('places', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->double('latitude')->nullable();
            $table->double('longitude')->nullable();
            $table->string('timezone');
            $table->text('notes')->nullable();
            $table->timestamps();
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('kind');
            $table->string('client')->nullable();
            $table->string('date', 10)->index();
            $table->foreignId('place_id')->constrained();
            $table->string('covered_from', 5);
            $table->string('covered_to', 5);
            $table->double('temperature_c')->default(15);
            $table->text('must_haves')->nullable();
            $table->text('restrictions')->nullable();
            $table->timestamps();
        });
        Schema::create('people', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('role')->nullable();
            $table->timestamps();
        });
        Schema::create('travels', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('from_place_id')->constrained('places');
            $table->foreignId('to_place_id')->constrained('places');
            $table->unsignedInteger('minutes');
            $table->unique(['from_place_id', 'to_place_id']);
            $table->timestamps();
        });
        Schema::create('segments', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('place_id')->nullable()->constrained();
            $table->string('title');
            $table->string('lane')->default('lead');
            $table->string('start_clock', 5);
            $table->unsignedInteger('minutes');
            $table->string('priority')->default('must');
            $table->boolean('is_outdoor')->default(false);
            $table->boolean('is_anchor')->default(false);
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('shot_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('segment_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->string('what');
            $table->string('priority')->default('should');
            $table->unsignedInteger('minutes')->default(3);
            $table->unsignedInteger('frames')->default(10);
            $table->unsignedInteger('focal_mm')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });
    }

    private function kit(): void
    {
        Schema::create('items', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->string('label')->unique();
            $table->string('description')->nullable();
            $table->unsignedInteger('focal_min_mm')->nullable();
            $table->unsignedInteger('focal_max_mm')->nullable();
            $table->string('cell_type')->nullable();
            $table->timestamps();
        });
        Schema::create('bodies', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('item_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('serial')->unique();
            $table->double('raw_mb');
            $table->double('jpeg_mb');
            $table->unsignedInteger('frames_per_charge');
            $table->double('standby_hours_per_charge');
            $table->double('crop_factor')->default(1);
            $table->string('planned_mode')->default('mirror');
            $table->timestamps();
        });
        Schema::create('cards', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('item_id')->unique()->constrained()->cascadeOnDelete();
            $table->double('capacity_gb');
            $table->string('folder')->nullable();
            $table->timestamps();
        });
        Schema::create('packing', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('item_id')->constrained();
            $table->string('lane')->default('lead');
            $table->unique(['job_id', 'item_id']);
            $table->timestamps();
        });
    }

    private function cards(): void
    {
        Schema::create('card_events', function (Blueprint $table): void {
            $table->id();
            $table->uuid('event_id')->unique();
            $table->foreignId('card_id')->constrained();
            $table->foreignId('job_id')->nullable()->constrained();
            $table->foreignId('body_id')->nullable()->constrained();
            $table->unsignedTinyInteger('slot')->nullable();
            $table->string('kind');
            $table->json('data')->nullable();
            $table->dateTime('at', 3);
            $table->index(['card_id', 'id']);
        });
        Schema::create('camera_checks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->json('read');
            $table->dateTime('at', 3);
        });
        Schema::create('frames', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('card_id')->constrained();
            $table->unsignedInteger('fill');
            $table->foreignId('body_id')->nullable()->constrained();
            $table->binary('path');
            $table->string('kind')->nullable();
            $table->unsignedBigInteger('bytes');
            $table->unsignedBigInteger('modified_at');
            $table->string('hash', 128)->nullable()->index();
            $table->integer('taken_at')->nullable();
            $table->string('body_serial')->nullable();
            $table->string('lens')->nullable();
            $table->double('shutter_s')->nullable();
            $table->double('f_number')->nullable();
            $table->unsignedInteger('iso')->nullable();
            $table->unique(['card_id', 'fill', 'path']);
        });
    }

    private function copies(): void
    {
        Schema::create('destinations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('item_id')->nullable()->constrained();
            $table->string('name')->unique();
            $table->string('folder')->unique();
            $table->string('kept')->default('bag');
            $table->timestamps();
        });
        Schema::create('copy_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('card_id')->constrained();
            $table->unsignedInteger('fill');
            $table->foreignId('destination_id')->constrained();
            $table->string('kind');
            $table->string('bag');
            $table->string('device');
            $table->json('data')->nullable();
            $table->dateTime('at', 3);
            $table->index(['card_id', 'fill', 'destination_id']);
        });
        Schema::create('copies', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('frame_id')->constrained();
            $table->foreignId('copy_event_id')->constrained();
            $table->unique(['frame_id', 'copy_event_id']);
        });
        Schema::create('runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->string('kind');
            $table->json('card_ids');
            $table->json('destination_ids');
            $table->string('state')->default('waiting');
            $table->string('phase')->nullable();
            $table->string('doing')->nullable();
            $table->unsignedBigInteger('bytes_done')->default(0);
            $table->unsignedBigInteger('bytes_total')->default(0);
            $table->double('started_at')->nullable();
            $table->double('told_at')->nullable();
            $table->json('report')->nullable();
            $table->timestamps();
        });
    }

    private function queue(): void
    {
        Schema::create('queued_work', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_work', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }

    /** The database itself refuses to change or forget what was logged. */
    private function appendOnly(string $log): void
    {
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::statement("CREATE TRIGGER {$log}_no_".strtolower($verb)." BEFORE {$verb} ON {$log}
                BEGIN SELECT RAISE(ABORT, '{$log} is an append-only log'); END");
        }
    }
};
