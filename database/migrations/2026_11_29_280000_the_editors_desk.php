<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where pictures go while a job still goes on, and each that is sent or waits. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('editors_desks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->string('path');
            $table->string('host')->nullable();
            $table->unsignedInteger('port')->nullable();
            $table->string('user')->nullable();
            $table->text('secret')->nullable();
            $table->string('fingerprint')->nullable();
            $table->string('creator')->nullable();
            $table->string('copyright')->nullable();
            $table->float('rate_mb_s')->nullable();
        });
        Schema::create('sent_pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('frame_id')->constrained()->cascadeOnDelete();
            $table->string('due_clock')->nullable();
            $table->string('name')->nullable();
            $table->string('hash')->nullable();
            $table->unsignedInteger('bytes')->nullable();
            $table->unsignedInteger('tries')->default(0);
            $table->string('why')->nullable();
            $table->timestamp('sent_at')->nullable();
            $table->timestamps();
            $table->unique(['job_id', 'frame_id']);
        });
    }

    public function down(): void
    {
        Schema::drop('sent_pictures');
        Schema::drop('editors_desks');
    }
};
