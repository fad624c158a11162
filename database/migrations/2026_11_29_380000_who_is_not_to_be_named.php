<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who of a roster is not to be named. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('rosters', function (Blueprint $table): void {
            $table->text('no_consent')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('rosters', function (Blueprint $table): void {
            $table->dropColumn('no_consent');
        });
    }
};
