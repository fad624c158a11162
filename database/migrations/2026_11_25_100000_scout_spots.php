<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Spots of a place, remembered for the next job there, and what takes the sun from them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('spots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('place_id')->constrained();
            $table->string('name');
            $table->double('facing_deg')->nullable();
            $table->boolean('is_indoor')->default(false);
            $table->double('room_m')->nullable();
            $table->text('notes')->nullable();
            $table->string('rejected_because')->nullable();
            $table->string('scouted_on', 10)->nullable();
            $table->unique(['place_id', 'name']);
            $table->timestamps();
        });
        Schema::create('obstacles', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('spot_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->double('bearing_deg');
            $table->double('distance_m');
            $table->double('height_m');
            $table->double('width_m');
            $table->timestamps();
        });
        Schema::table('segments', function (Blueprint $table): void {
            $table->foreignId('spot_id')->nullable()->constrained();
        });
    }
};
