<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A place has a ground with zones and posts; a segment may be a period in which everybody stays at a post. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('grounds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('place_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->float('length_m');
            $table->float('width_m');
            $table->float('bearing_deg')->default(0);
            $table->text('zones')->nullable();
            $table->text('posts')->nullable();
            $table->text('ways')->nullable();
        });
        foreach (['INSERT', 'UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                'CREATE TRIGGER grounds_counts_'.
                    strtolower($verb).
                    " AFTER {$verb} ON grounds BEGIN UPDATE changes SET number = number + 1; END",
            );
        }
        DB::statement('ALTER TABLE segments ADD COLUMN cover TEXT');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE segments DROP COLUMN cover');
        Schema::drop('grounds');
    }
};
