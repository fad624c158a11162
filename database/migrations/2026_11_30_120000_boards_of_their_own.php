<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Number boards go with their job wherever it is taken: what is printed on them is no longer the job's place in this database. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('studios', function (Blueprint $table): void {
            $table->unsignedInteger('board_key')->nullable();
        });
        // What is printed already stays right.
        DB::table('studios')->update(['board_key' => DB::raw('job_id')]);
        // Raws may carry a picture that could not be looked at before: they are looked at again.
        DB::table('board_readings')->where('codes', 'null')->delete();
    }

    public function down(): void
    {
        Schema::table('studios', static fn (Blueprint $table) => $table->dropColumn('board_key'));
    }
};
