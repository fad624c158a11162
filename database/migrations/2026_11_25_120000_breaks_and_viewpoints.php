<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Meals and rests, and from where a shot is taken. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('segments', function (Blueprint $table): void {
            $table->boolean('is_break')->default(false);
        });
        Schema::table('shot_lines', function (Blueprint $table): void {
            $table->string('distance')->nullable();
            $table->string('height')->nullable();
            $table->string('side')->nullable();
        });
    }
};
