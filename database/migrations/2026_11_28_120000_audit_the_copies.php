<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What kind of device a place is, whose password opens it, how fast it is; and the rule by which copies are kept. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('destinations', function (Blueprint $table): void {
            $table->string('device_kind')->default('ssd');
            $table->string('account')->nullable();
            $table->double('mb_per_s')->default(150);
        });
        Schema::create('audit_rules', function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('copies')->default(3);
            $table->unsignedInteger('kinds')->default(2);
            $table->unsignedInteger('elsewhere')->default(1);
            $table->unsignedInteger('again_after_days')->default(90);
            $table->boolean('waits_for_elsewhere')->default(false);
            $table->json('a_year')->nullable();
            $table->timestamps();
        });
    }
};
