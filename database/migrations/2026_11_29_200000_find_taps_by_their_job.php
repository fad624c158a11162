<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The log of taps is read for the jobs at hand alone: the job that a tap names becomes a column with an index. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(
            'ALTER TABLE device_events ADD COLUMN job_id INTEGER GENERATED ALWAYS AS (CAST(json_extract("on", \'$.job\') AS '.
                'INTEGER)) VIRTUAL',
        );
        DB::statement('CREATE INDEX device_events_of_job ON device_events (job_id)');
    }
};
