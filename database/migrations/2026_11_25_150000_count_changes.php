<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A number that grows with every change to what brief, scout, plan and kit are judged by, so that their findings can be kept. */
return new class extends Migration
{
    private const JUDGED_BY = [
        'jobs', 'places', 'people', 'travels', 'segments', 'shot_lines', 'spots', 'obstacles', 'items', 'bodies',
        'cards', 'packing', 'access_windows', 'device_events',
    ];

    public function up(): void
    {
        Schema::create('changes', function (Blueprint $table): void {
            $table->unsignedBigInteger('number');
        });
        DB::table('changes')->insert(['number' => 0]);
        foreach (self::JUDGED_BY as $table) {
            foreach (['INSERT', 'UPDATE', 'DELETE'] as $verb) {
                DB::statement(
                    "CREATE TRIGGER {$table}_counts_".
                        strtolower($verb).
                        " AFTER {$verb} ON {$table} BEGIN UPDATE changes SET number = number + 1; END",
                );
            }
        }
    }
};
