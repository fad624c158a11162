<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Minutes of stairs and lifts on the way out; a gate costs none. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('access_windows', static function (Blueprint $table): void {
            $table->unsignedInteger('out_minutes')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('access_windows', static fn (Blueprint $table) => $table->dropColumn('out_minutes'));
    }
};
