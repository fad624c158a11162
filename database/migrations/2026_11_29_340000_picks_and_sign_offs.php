<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is shown to the client for each final picture, and what they said of it; nothing of that is ever changed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('picks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('picture');
            $table->unsignedInteger('session_file_id')->nullable();
            $table->unsignedInteger('frame_id')->nullable();
            $table->string('name');
            $table->text('note')->nullable();
            $table->unsignedInteger('added_at');
        });
        Schema::create('client_answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('pick_id')->constrained()->cascadeOnDelete();
            $table->foreignId('share_link_id')->nullable();
            $table->boolean('is_yes')->nullable();
            $table->text('words');
            $table->string('name');
            $table->float('mark_x')->nullable();
            $table->float('mark_y')->nullable();
            $table->unsignedInteger('at');
        });
    }

    public function down(): void
    {
        Schema::drop('client_answers');
        Schema::drop('picks');
    }
};
