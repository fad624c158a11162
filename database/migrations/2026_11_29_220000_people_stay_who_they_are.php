<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** People keep their numbers when the list is typed anew, and whoever was taken off can come back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('people', static function (Blueprint $table): void {
            $table->unsignedInteger('position')->default(0);
            $table->boolean('is_gone_for_good')->default(false);
            $table->softDeletes();
        });
        DB::table('people')->update(['position' => DB::raw('id')]);
    }
};
