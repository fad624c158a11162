<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The share of a frame that a shot leaves empty, for words that are printed over it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shot_lines', static function (Blueprint $table): void {
            $table->smallInteger('empty_percent')->nullable();
        });
    }
};
