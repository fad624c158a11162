<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A ground whose outline is no rectangle. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('grounds', function (Blueprint $table): void {
            $table->text('outline')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('grounds', function (Blueprint $table): void {
            $table->dropColumn('outline');
        });
    }
};
