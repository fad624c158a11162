<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who is called for a studio day, and what stands on the sheet beside them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('studios', function (Blueprint $table): void {
            $table->text('crew')->nullable();
            $table->string('hospital')->nullable();
            $table->string('parking')->nullable();
            $table->text('call_note')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('studios', function (Blueprint $table): void {
            $table->dropColumn(['crew', 'hospital', 'parking', 'call_note']);
        });
    }
};
