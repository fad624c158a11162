<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A group that is to be called after another. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('formal_groups', function (Blueprint $table): void {
            $table->foreignId('after_id')->nullable();
        });
    }
};
