<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a calendar says of an event beyond what a plan understands. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('segments', static function (Blueprint $table): void {
            $table->text('calendar_rest')->nullable();
        });
    }
};
