<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Looks in their box of time, and the rooms of a house. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('studios', function (Blueprint $table): void {
            $table->text('looks')->nullable();
            $table->unsignedInteger('look_minutes')->default(120);
            $table->unsignedInteger('look_hands')->default(1);
            $table->text('rooms')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('studios', function (Blueprint $table): void {
            $table->dropColumn(['looks', 'look_minutes', 'look_hands', 'rooms']);
        });
    }
};
