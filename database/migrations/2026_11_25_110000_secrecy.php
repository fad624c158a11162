<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is hidden from whom: an item from audiences, or a whole brief from everybody but the photographers. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['segments', 'shot_lines'] as $items) {
            Schema::table($items, function (Blueprint $table): void {
                $table->json('hidden_from')->nullable();
            });
        }
        Schema::table('jobs', function (Blueprint $table): void {
            $table->boolean('is_confidential')->default(false);
        });
    }
};
