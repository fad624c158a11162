<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The folder that a capture program writes into, the two routes out of it, and what was seen of each file. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('session_folders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('folder');
            $table->foreignId('automatic_id')->constrained('destinations');
            $table->foreignId('by_hand_id')->constrained('destinations');
            $table->unsignedInteger('allowed_minutes')->default(10);
            $table->boolean('is_watched')->default(true);
            $table->unsignedInteger('looked_at')->nullable();
            $table->text('problem')->nullable();
        });
        Schema::create('session_files', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('session_folder_id')->constrained()->cascadeOnDelete();
            $table->string('path');
            $table->unsignedBigInteger('bytes');
            $table->unsignedInteger('modified_at');
            $table->string('hash')->nullable();
            $table->unsignedInteger('seen_at');
            $table->unsignedInteger('whole_at')->nullable();
            $table->unsignedInteger('automatic_at')->nullable();
            $table->unsignedInteger('by_hand_at')->nullable();
            $table->boolean('is_gone')->default(false);
            $table->unique(['session_folder_id', 'path']);
        });
    }

    public function down(): void
    {
        Schema::drop('session_files');
        Schema::drop('session_folders');
    }
};
