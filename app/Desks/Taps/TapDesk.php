<?php

declare(strict_types=1);

namespace App\Desks\Taps;

use App\Models\Taps\TapRecord;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Taps\TapLog;

/** Keeps what was tapped and reads it, by job. The same tap twice does no harm, and the order of arrival does not matter. */
final class TapDesk
{
    /** @var array<int, TapLog> by job, for this request */
    private array $logs = [];

    /** @param  iterable<TapListener>  $listeners */
    public function __construct(private readonly iterable $listeners) {}

    public function log(int $jobId): TapLog
    {
        if (! isset($this->logs[$jobId])) {
            $this->prepare([$jobId]);
        }

        return $this->logs[$jobId];
    }

    /** @param  list<int>  $jobIds  that are about to be asked for */
    public function prepare(array $jobIds): void
    {
        $taps = array_fill_keys(array_values(array_filter($jobIds, fn (int $id): bool => ! isset($this->logs[$id]))), []);
        foreach ($taps === [] ? [] : TapRecord::query()->whereIn('job_id', array_keys($taps))->get() as $record) {
            $taps[(int) $record->job_id][] = self::tap($record);
        }
        foreach ($taps as $jobId => $of) {
            $this->logs[$jobId] = TapLog::of($of);
        }
    }

    /**
     * Takes what was pressed on a page: what cannot be is said, and nothing is noted. Its id grows with time, so that of two presses
     * in one moment the later one counts.
     *
     * @param  array<string, int|float|string|null>  $on
     *
     * @throws ValidationException
     * @throws ModelNotFoundException when a thing that it names is no longer there
     */
    public function press(TapKind $kind, array $on): void
    {
        $this->whole(new Tap((string) Str::uuid7(), $kind, (float) now()->format('U.v'), $on));
    }

    /**
     * Keeps a tap of a device, whatever it says: it happened.
     *
     * @return string|null what it clashes with; null where it fits
     */
    public function keep(Tap $tap): ?string
    {
        try {
            $this->whole($tap);

            return null;
        } catch (ValidationException $e) {
            $clash = $e->getMessage();
        } catch (ModelNotFoundException) {
            $clash = 'What this tap was about is no longer there.';
        }
        DB::transaction(function () use ($tap, $clash): void {
            foreach ($this->hearing($tap) as $listener) {
                $listener->clash($tap, $clash);
            }
            $this->note($tap);
        });

        return $clash;
    }

    /**
     * The tap and what it does, or neither.
     *
     * @throws ValidationException when it contradicts what is known
     * @throws ModelNotFoundException
     */
    private function whole(Tap $tap): void
    {
        $outside = DB::transactionLevel();
        DB::beginTransaction();
        try {
            if (! TapRecord::query()->whereKey($tap->id)->exists()) {
                foreach ($this->hearing($tap) as $listener) {
                    $listener->take($tap);
                }
                $this->note($tap);
            }
            DB::commit();
        } finally {
            if (DB::transactionLevel() > $outside) {
                DB::rollBack();
            }
        }
    }

    /** @return list<TapListener> */
    private function hearing(Tap $tap): array
    {
        return array_values(array_filter([...$this->listeners], static fn (TapListener $l): bool => $l->hears($tap)));
    }

    private function note(Tap $tap): void
    {
        TapRecord::query()->insertOrIgnore([
            'id' => $tap->id,
            'kind' => $tap->kind->value,
            'on' => json_encode((object) $tap->on, JSON_THROW_ON_ERROR),
            'made_at' => Carbon::createFromTimestampMsUTC((int) round($tap->at * 1000))->format('Y-m-d H:i:s.v'),
            'received_at' => now()->format('Y-m-d H:i:s.v'),
        ]);
        $this->logs = [];
    }

    public static function tap(TapRecord $record): Tap
    {
        return new Tap($record->id, $record->kind, (float) $record->made_at->format('U.v'), $record->on);
    }
}
