<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What the arithmetic needs of each thing, whose it is, its tests; what is asked for by hand; bags to put it into. */
return new class extends Migration
{
    private const JUDGED_BY = ['item_tests', 'kit_asks', 'bags'];

    public function up(): void
    {
        Schema::table('items', function (Blueprint $table): void {
            $table->json('specs')->nullable();
            $table->unsignedInteger('weight_g')->nullable();
            $table->unsignedInteger('lead_days')->nullable();
            $table->string('ownership')->default('owned');
            $table->string('from_whom')->nullable();
            $table->string('due_on', 10)->nullable();
            $table->string('bought_on', 10)->nullable();
            $table->string('returned_on', 10)->nullable();
        });
        Schema::create('item_tests', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('item_id')->constrained();
            $table->foreignId('job_id')->nullable()->constrained();
            $table->string('result');
            $table->string('note')->nullable();
            $table->dateTime('at', 3);
            $table->index(['item_id', 'id']);
        });
        Schema::create('kit_asks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('segment_id')->nullable()->constrained();
            $table->string('what');
            $table->unsignedInteger('count')->default(1);
            $table->string('priority')->default('must');
            $table->string('note')->nullable();
            $table->double('distance_m')->nullable();
            $table->double('f_number')->nullable();
            $table->unsignedInteger('iso')->default(100);
            $table->double('stops_lost')->default(0);
            $table->double('hours')->default(0);
            $table->timestamps();
        });
        Schema::create('bags', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('kind')->default('case');
            $table->unsignedInteger('places')->default(6);
            $table->unsignedInteger('limit_g')->nullable();
            $table->timestamps();
        });
        Schema::table('packing', function (Blueprint $table): void {
            $table->foreignId('bag_id')->nullable();
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('kit_school')->default('lightest');
            $table->unsignedInteger('kit_limit_g')->nullable();
            $table->boolean('goes_by_air')->default(false);
            $table->json('settings_sheet')->nullable();
            $table->string('wide_side')->default('left');
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                'CREATE TRIGGER item_tests_no_'.
                    strtolower($verb).
                    " BEFORE {$verb} ON item_tests BEGIN SELECT RAISE(ABORT, 'item_tests is an append-only log'); END",
            );
        }
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
