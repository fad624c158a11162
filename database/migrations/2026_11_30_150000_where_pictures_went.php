<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The desk that a picture went to, for the editor may change in between. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('sent_pictures', static function (Blueprint $table): void {
            $table->string('sent_to', 500)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('sent_pictures', static fn (Blueprint $table) => $table->dropColumn('sent_to'));
    }
};
