<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a segment can give when the day runs late, and what was done about it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('segments', function (Blueprint $table): void {
            $table->unsignedInteger('short_minutes')->nullable();
            $table->unsignedInteger('low_minutes')->nullable();
            $table->unsignedInteger('high_minutes')->nullable();
            $table->boolean('may_move')->default(false);
            $table->unsignedInteger('takes_in_minutes')->default(0);
        });
        Schema::create('plan_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('said');
            $table->json('before');
            $table->dateTime('undone_at')->nullable();
            $table->timestamps();
        });
    }
};
