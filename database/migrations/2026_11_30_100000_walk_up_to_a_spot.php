<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** People who are shot while they walk up to a spot: how far, and towards which bearing. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('spots', static function (Blueprint $table): void {
            $table->float('walk_m')->nullable();
            $table->float('walk_deg')->nullable();
        });
    }
};
