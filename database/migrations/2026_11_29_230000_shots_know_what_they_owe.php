<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * A shot that is owed of a family group says which, so that it is struck out once the group is shot. No foreign key: that would
 * rebuild the table and lose its triggers.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shot_lines', static function (Blueprint $table): void {
            $table->unsignedBigInteger('owed_group_id')->nullable();
        });
    }
};
