<?php

declare(strict_types=1);

namespace App\Bundle;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * What goes into the bundle of a job, in the order in which it is read in again. Sign-ins, links, folders of this machine
 * and pictures stay here.
 */
final class BundleTables
{
    /** @return list<BundleTable> */
    public static function all(): array
    {
        $of = static fn (string $table): \Closure => static fn (int $job): Builder => DB::table($table)->where('job_id', $job);
        $places = static fn (int $job): Builder => DB::table('segments')
            ->where('job_id', $job)
            ->whereNotNull('place_id')
            ->select('place_id')
            ->union(DB::table('jobs')->where('id', $job)->select('place_id'))
            ->union(DB::table('access_windows')->where('job_id', $job)->select('place_id'));
        $items = static fn (int $job): Builder => DB::table('packing')->where('job_id', $job)->select('item_id');
        $cards = static fn (int $job): Builder => DB::table('card_events')
            ->where('job_id', $job)
            ->select('card_id')
            ->union(DB::table('cards')->whereIn('item_id', $items($job))->select('id'));
        $loads = static fn (string $table): \Closure => static fn (int $job): Builder => DB::table($table)->whereIn('card_id', $cards($job));

        return [
            new BundleTable('places', static fn (int $job): Builder => DB::table('places')->whereIn('id', $places($job))),
            new BundleTable(
                'jobs',
                static fn (int $job): Builder => DB::table('jobs')->where('id', $job),
                ['place_id' => 'places'],
                ['separations', 'settings_sheet'],
                later: ['formals_segment_id' => 'segments'],
            ),
            new BundleTable(
                'travels',
                static fn (int $job): Builder => DB::table('travels')
                    ->whereIn('from_place_id', $places($job))
                    ->whereIn('to_place_id', $places($job)),
                ['from_place_id' => 'places', 'to_place_id' => 'places'],
            ),
            new BundleTable('spots', static fn (int $job): Builder => DB::table('spots')->whereIn('place_id', $places($job)), [
                'place_id' => 'places',
            ]),
            new BundleTable('grounds', static fn (int $job): Builder => DB::table('grounds')->whereIn('place_id', $places($job)), [
                'place_id' => 'places',
            ]),
            new BundleTable(
                'obstacles',
                static fn (int $job): Builder => DB::table('obstacles')->whereIn(
                    'spot_id',
                    DB::table('spots')->whereIn('place_id', $places($job))->select('id'),
                ),
                ['spot_id' => 'spots'],
            ),
            new BundleTable(
                'segments',
                $of('segments'),
                ['job_id' => 'jobs', 'place_id' => 'places', 'spot_id' => 'spots'],
                ['hidden_from', 'people', 'also_lanes', 'cover'],
            ),
            new BundleTable(
                'shot_lines',
                $of('shot_lines'),
                ['job_id' => 'jobs', 'segment_id' => 'segments'],
                ['hidden_from', 'people'],
                later: ['owed_group_id' => 'formal_groups'],
            ),
            new BundleTable('people', $of('people'), ['job_id' => 'jobs']),
            new BundleTable(
                'formal_groups',
                $of('formal_groups'),
                ['job_id' => 'jobs'],
                ['people'],
                later: ['after_id' => 'formal_groups'],
            ),
            new BundleTable(
                'access_windows',
                $of('access_windows'),
                ['job_id' => 'jobs', 'place_id' => 'places', 'spot_id' => 'spots'],
                ['lanes'],
            ),
            new BundleTable('rosters', $of('rosters'), ['job_id' => 'jobs']),
            new BundleTable('sendings', $of('sendings'), ['job_id' => 'jobs']),
            new BundleTable('studios', $of('studios'), ['job_id' => 'jobs']),
            new BundleTable('kit_asks', $of('kit_asks'), ['job_id' => 'jobs', 'segment_id' => 'segments'], ['mounted']),
            new BundleTable(
                'items',
                static fn (int $job): Builder => DB::table('items')
                    ->whereIn('id', $items($job))
                    ->orWhereIn('id', DB::table('cards')->whereIn('id', $cards($job))->select('item_id'))
                    ->orWhereIn(
                        'id',
                        DB::table('bodies')
                            ->whereIn('id', DB::table('card_events')->where('job_id', $job)->select('body_id'))
                            ->select('item_id'),
                    ),
                json: ['specs'],
            ),
            new BundleTable(
                'bodies',
                static fn (int $job): Builder => DB::table('bodies')
                    ->whereIn('item_id', $items($job))
                    ->orWhereIn('id', DB::table('card_events')->where('job_id', $job)->select('body_id')),
                ['item_id' => 'items'],
            ),
            new BundleTable(
                'cards',
                static fn (int $job): Builder => DB::table('cards')->whereIn('id', $cards($job)),
                ['item_id' => 'items'],
                without: ['folder'],
            ),
            new BundleTable('packing', $of('packing'), ['job_id' => 'jobs', 'item_id' => 'items'], without: ['bag_id']),
            new BundleTable(
                'card_events',
                static fn (int $job): Builder => DB::table('card_events')
                    ->whereIn('card_id', $cards($job))
                    ->where(static fn (Builder $q): Builder => $q->where('job_id', $job)->orWhereNull('job_id')),
                ['card_id' => 'cards', 'job_id' => 'jobs', 'body_id' => 'bodies'],
                ['data'],
                ['event_id'],
            ),
            new BundleTable('clock_offsets', $of('clock_offsets'), ['job_id' => 'jobs', 'body_id' => 'bodies']),
            new BundleTable('frames', $loads('frames'), ['card_id' => 'cards', 'body_id' => 'bodies']),
            new BundleTable(
                'destinations',
                static fn (int $job): Builder => DB::table('destinations')->whereIn(
                    'id',
                    DB::table('copy_events')->whereIn('card_id', $cards($job))->select('destination_id'),
                ),
                without: ['item_id', 'folder', 'account', 'mark', 'medium_said', 'medium_words'],
            ),
            new BundleTable(
                'frame_claims',
                static fn (int $job): Builder => DB::table('frame_claims')->whereIn('card_id', $cards($job))->where('job_id', $job),
                ['card_id' => 'cards', 'job_id' => 'jobs'],
            ),
            new BundleTable(
                'board_words',
                static fn (int $job): Builder => $of('board_words')($job)->whereNotNull('frame_id'),
                ['job_id' => 'jobs', 'frame_id' => 'frames'],
                without: ['session_file_id'],
            ),
            new BundleTable('copy_events', $loads('copy_events'), ['card_id' => 'cards', 'destination_id' => 'destinations'], ['data']),
        ];
    }
}
