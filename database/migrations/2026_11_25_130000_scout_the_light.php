<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a scout writes down of a spot, and the pictures it was measured with. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('spots', function (Blueprint $table): void {
            $table->double('latitude')->nullable();
            $table->double('longitude')->nullable();
            $table->double('east_m')->nullable();
            $table->double('north_m')->nullable();
            $table->string('power')->nullable();
            $table->string('background')->nullable();
            $table->string('plan_b')->nullable();
            $table->string('plan_b_trigger')->nullable();
            $table->text('skyline')->nullable();
            $table->text('windows')->nullable();
        });
        Schema::create('test_pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('spot_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('file');
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->double('focal35_mm')->nullable();
            $table->double('latitude')->nullable();
            $table->double('longitude')->nullable();
            $table->double('direction_deg')->nullable();
            $table->boolean('is_magnetic')->default(false);
            $table->double('ev100')->nullable();
            $table->integer('taken_at')->nullable();
            $table->timestamps();
        });
    }
};
