<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a camera that stands alone is mounted is kept with what it asks of the kit. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kit_asks', static fn (Blueprint $table) => $table->text('mounted')->nullable());
    }

    public function down(): void
    {
        Schema::table('kit_asks', static fn (Blueprint $table) => $table->dropColumn('mounted'));
    }
};
