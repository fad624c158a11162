<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A change of the plan knows the tap that made it. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('ALTER TABLE plan_changes ADD COLUMN tap_id TEXT');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE plan_changes DROP COLUMN tap_id');
    }
};
