<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What must stand before the doors of an event open, and by whom. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sendings', function (Blueprint $table): void {
            $table->text('tasks')->nullable();
            $table->string('doors_clock')->nullable();
            $table->unsignedInteger('hands')->default(1);
            $table->unsignedInteger('spare_minutes')->default(30);
        });
    }

    public function down(): void
    {
        Schema::table('sendings', function (Blueprint $table): void {
            $table->dropColumn(['tasks', 'doors_clock', 'hands', 'spare_minutes']);
        });
    }
};
