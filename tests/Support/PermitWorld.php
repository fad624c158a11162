<?php

declare(strict_types=1);

namespace Tests\Support;

use App\CommandLine\PermitCommand;
use App\CommandLine\PermitWords;
use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\CardLog;
use App\Desks\Cards\SealDesk;
use App\Desks\Copies\PermitDesk;
use App\Desks\Copies\ProofDesk;
use App\Desks\Copies\RunWork;
use App\Devices\PlaceMark;
use App\Devices\StandIn\StandInDrive;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Cards\AuditRuleRecord;
use App\Models\Cards\Run;
use App\Models\Copies\CopyEvent;
use App\Models\Copies\Destination;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use App\Models\Kit\Item;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Cards\Permit\FormatPermit;
use NorthSatchel\Volume\UnableToRead;

/**
 * A small world in which everything happens to three cards (two of them twins), four drives (two of them partitions of one disk)
 * and two jobs, by a random history; and a reference that looks at every byte of it whenever a permit is asked for.
 *
 * The reference: a file is safe when its very bytes lie, listed with their hash, in the bags last read at enough different
 * disks. Of a drive that is here the bytes are looked at now; one that is away counts as it was when it was last read, for the
 * days of the rule. It uses none of the program's code but the list of which bag was read last.
 */
final class PermitWorld
{
    private const DRIVES = ['fir' => 'disk one', 'birch' => 'disk one', 'oak' => 'oak', 'ash' => 'ash'];

    private const CARDS = ['C1', 'C2', 'C3'];

    private const GATES = ['permit.not-sealed', 'permit.no-twin-check', 'permit.unreadable', 'permit.nothing'];

    private readonly \Random\Randomizer $random;

    /** @var array<string, Card> */
    private array $cards = [];

    /** @var array<string, Destination> */
    private array $places = [];

    /** @var list<Job> */
    private array $jobs = [];

    /** @var array<string, bool> cards of which something changed since their seal */
    private array $dirty = ['C1' => false, 'C2' => false, 'C3' => false];

    /** @var array<string, array<string, string>> what a picture was before it was cut short, by card and path */
    private array $whole = ['C1' => [], 'C2' => [], 'C3' => []];

    /**
     * @var array<int, array{int, array<string, true>, int}> by copy event: its place, the contents that lay in its bag when it was read,
     * when
     */
    private array $read = [];

    /** @var array<string, string|null> which drive stands at whose folder; null for none */
    private array $standing = [];

    private int $number = 0;

    /** @var list<string> */
    public array $log = [];

    /** @var list<string> what should not be */
    public array $wrong = [];

    /** @var array<string, int> */
    public array $counts = ['asked' => 0, 'granted' => 0, 'refused' => 0, 'formatted' => 0, 'compared' => 0];

    public function __construct(private readonly string $root, int $seed)
    {
        $this->random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        Carbon::setTestNow('2027-06-05 20:00:00');
        config(['satchel.standins' => "{$root}/standins", 'satchel.reads_beside' => false]);
        $place = Place::query()->create([
            'name' => 'The quarry',
            'latitude' => 58.4,
            'longitude' => 15.6,
            'timezone' => 'Europe/Stockholm',
        ]);
        foreach (['first', 'second'] as $name) {
            $this->jobs[] = Job::query()->create([
                'name' => $name,
                'kind' => 'event',
                'date' => '2027-06-05',
                'place_id' => $place->id,
                'covered_from' => $name === 'first' ? '10:00' : '15:00',
                'covered_to' => $name === 'first' ? '14:00' : '20:00',
                'temperature_c' => 10,
            ]);
        }
        $bodies = [];
        foreach (['A', 'B'] as $name) {
            $item = Item::query()->create(['kind' => 'body', 'label' => "Body {$name}"]);
            $bodies[$name] = Body::query()->create([
                'item_id' => $item->id,
                'serial' => "W{$name}",
                'raw_mb' => 20,
                'jpeg_mb' => 5,
                'frames_per_charge' => 500,
                'standby_hours_per_charge' => 20,
                'crop_factor' => 1,
                'planned_mode' => 'mirror',
            ]);
            $this->pack($item);
        }
        foreach (['C1' => ['A', 1], 'C2' => ['A', 2], 'C3' => ['B', 1]] as $label => [$body, $slot]) {
            $item = Item::query()->create(['kind' => 'card', 'label' => $label]);
            mkdir("{$root}/standins/cards/{$label}", 0777, true);
            $this->cards[$label] = Card::query()->create([
                'item_id' => $item->id,
                'capacity_gb' => 64,
                'folder' => "{$root}/standins/cards/{$label}",
            ]);
            $this->pack($item);
            app(CardLog::class)->add(
                $this->cards[$label]->load('item'),
                CardEventKind::Loaded,
                $this->jobs[0]->id,
                $bodies[$body]->id,
                $slot,
                at: now()->subHours(9),
            );
        }
        foreach (self::DRIVES as $name => $disk) {
            StandInDrive::make("{$root}/standins/drives/{$name}", 4000, disk: $disk);
            $this->places[$name] = Destination::query()->create([
                'name' => $name,
                'folder' => "{$root}/standins/drives/{$name}",
                'kept' => 'bag',
                'mark' => PlaceMark::leave("{$root}/standins/drives/{$name}"),
            ]);
            $this->standing[$name] = $name;
        }
        AuditRuleRecord::query()->create([
            'looks_first' => false,
            'permit_copies' => 2,
            'more_without_twin' => 1,
            'away_days' => 30,
            'reads_again' => 'minute',
            'waits_for_elsewhere' => false,
        ]);
        $this->shoot();
    }

    /** Lives through so many deeds; a permit is asked for now and then, and at the end for every card. */
    public function live(int $deeds): void
    {
        for ($i = 0; $i < $deeds; $i++) {
            $this->deed();
        }
        foreach (self::CARDS as $label) {
            $this->seal($label);
            $this->compare($label);
            $this->copy($label);
            $this->ask($label);
            $this->random->getInt(0, 1) === 1 && $this->deed();
            $this->askOrFormat($label);
        }
    }

    private function deed(): void
    {
        $label = $this->pick(self::CARDS);
        $drive = $this->pick(array_keys(self::DRIVES));
        match ($this->random->getInt(0, 26)) {
            0, 1 => $this->shoot(),
            2 => $this->change($label, isHidden: false),
            3 => $this->change($label, isHidden: true),
            4 => $this->add($label),
            5, 6, 7 => $this->seal($label),
            8, 9 => $this->compare($label),
            10, 11, 12 => $this->copy($label),
            13 => $this->verify($label, $drive),
            14 => $this->unplug($drive),
            15 => $this->plugAll(),
            16 => $this->swap($drive, $this->pick(array_keys(self::DRIVES))),
            17 => $this->delete($drive),
            18 => $this->rot($drive),
            19 => $this->forge($drive),
            20 => $this->clock($this->pick([-7200, -60, 3600, 20 * 86400, 31 * 86400])),
            21 => $this->cut($label),
            22 => $this->rule(),
            23, 24 => $this->inOrder($label),
            default => $this->askOrFormat($label),
        };
    }

    private function shoot(): void
    {
        $twin = $this->random->getInt(0, 2) > 0;
        for ($i = $this->random->getInt(1, 3); $i > 0; $i--) {
            $ending = $this->pick(['JPG', 'MOV', 'HIF', 'WAV']);
            $path = sprintf('DCIM/100WORLD/W%07d.%s', ++$this->number, $ending);
            $bytes = match (true) {
                $ending === 'JPG' => self::jpeg($this->number),
                $this->random->getInt(0, 9) === 0 => '',
                default => $this->random->getBytes($this->random->getInt(1, 900)),
            };
            foreach ($twin ? ['C1', 'C2'] : ['C3'] as $label) {
                $this->put($label, $path, $bytes);
            }
        }
        $this->log[] = $twin ? 'shot with the twins' : 'shot with C3';
    }

    private function put(string $label, string $path, string $bytes): void
    {
        $file = "{$this->cards[$label]->folder}/{$path}";
        is_dir(dirname($file)) || mkdir(dirname($file), 0777, true);
        file_put_contents($file, $bytes);
        touch($file, 1_812_000_000 + $this->number);
        $this->dirty[$label] = true;
    }

    /** Another content in an existing file; hidden: of the same size, the time put back. */
    private function change(string $label, bool $isHidden): void
    {
        foreach ($this->random->getInt(0, 1) === 1 && $label !== 'C3' ? ['C1', 'C2'] : [$label] as $one) {
            // A picture that is changed may be damaged by it, and then another rule holds: it is cut short elsewhere.
            $files = array_filter(
                self::filesIn((string) $this->cards[$one]->folder),
                static fn (string $path): bool => ! str_ends_with($path, '.JPG'),
                ARRAY_FILTER_USE_KEY,
            );
            if ($files === []) {
                return;
            }
            $path = (string) array_key_last($files);
            $file = "{$this->cards[$one]->folder}/{$path}";
            $time = (int) filemtime($file);
            $bytes = $files[$path];
            if ($bytes === '') {
                return;
            }
            unset($this->whole[$one][$path]);
            file_put_contents($file, $isHidden ? $bytes ^ str_pad("\1", strlen($bytes), "\0", STR_PAD_LEFT) : $bytes.'.');
            touch($file, $isHidden ? $time : $time + 1);
            $this->dirty[$one] = true;
        }
        $this->log[] = ($isHidden ? 'hidden ' : '')."change on {$label}";
    }

    private function add(string $label): void
    {
        $this->put($label, sprintf('DCIM/100WORLD/W%07d.WAV', ++$this->number), $this->random->getBytes(50));
        $this->log[] = "added to {$label}";
    }

    /** A jpeg cut short on one card. */
    private function cut(string $label): void
    {
        foreach (self::filesIn((string) $this->cards[$label]->folder) as $path => $bytes) {
            if (str_ends_with((string) $path, '.JPG') && ! isset($this->whole[$label][$path]) && strlen($bytes) > 300) {
                $file = "{$this->cards[$label]->folder}/{$path}";
                $time = (int) filemtime($file);
                file_put_contents($file, substr($bytes, 0, 250));
                touch($file, $time);
                $this->whole[$label][(string) $path] = $bytes;
                $this->dirty[$label] = true;
                $this->log[] = "cut {$path} on {$label}";

                return;
            }
        }
    }

    private function seal(string $label): void
    {
        $this->fresh();
        try {
            app(SealDesk::class)->seal($this->card($label));
            $this->dirty[$label] = false;
            $this->log[] = "sealed {$label}";
        } catch (UnableToRead) {
            $this->log[] = "{$label} is empty";
        }
    }

    private function compare(string $label): void
    {
        $this->run('twin', $label, []);
    }

    private function copy(string $label): void
    {
        $names = array_values(array_filter(array_keys(self::DRIVES), fn (): bool => $this->random->getInt(0, 3) > 0));
        $this->run('copy', $label, $names);
    }

    private function verify(string $label, string $drive): void
    {
        $this->run('verify', $label, [$drive]);
    }

    /** @param  list<string>  $drives */
    private function run(string $kind, string $label, array $drives): void
    {
        $this->fresh();
        if (! app(CardLog::class)->lifeOf($this->card($label))->isSealed || ($kind !== 'twin' && $drives === [])) {
            return;
        }
        $job = $this->jobs[$this->random->getInt(0, 1)];
        $run = Run::query()->create([
            'job_id' => $job->id,
            'kind' => $kind,
            'state' => 'waiting',
            'card_ids' => [$this->cards[$label]->id],
            'destination_ids' => array_map(fn (string $d): int => $this->places[$d]->id, $drives),
        ]);
        app(RunWork::class)->carryOut($run);
        $this->remember();
        $this->log[] = "{$kind} {$label} ".implode(' ', $drives).': '.$run->refresh()->state->value;
    }

    private function unplug(string $drive): void
    {
        $at = array_search($drive, $this->standing, true);
        if ($at === false) {
            return;
        }
        $folder = $this->places[(string) $at]->folder;
        rename($folder, "{$this->root}/standins/away-{$drive}");
        rename("{$folder}.json", "{$this->root}/standins/away-{$drive}.json");
        // An empty mount folder stays, or goes.
        $this->random->getInt(0, 1) === 1 && mkdir($folder);
        $this->standing[(string) $at] = null;
        $this->log[] = "{$drive} unplugged";
    }

    /** Everything back where it belongs. */
    private function plugAll(): void
    {
        foreach (array_keys(self::DRIVES) as $drive) {
            $this->unplug($drive);
        }
        foreach (array_keys(self::DRIVES) as $drive) {
            $folder = $this->places[$drive]->folder;
            is_dir($folder) && rmdir($folder);
            rename("{$this->root}/standins/away-{$drive}", $folder);
            rename("{$this->root}/standins/away-{$drive}.json", "{$folder}.json");
            $this->standing[$drive] = $drive;
        }
        $this->log[] = 'all plugged in';
    }

    /** Two drives come up at each other's folder. */
    private function swap(string $a, string $b): void
    {
        if ($a === $b || ! in_array($a, $this->standing, true) || ! in_array($b, $this->standing, true)) {
            return;
        }
        [$atA, $atB] = [(string) array_search($a, $this->standing, true), (string) array_search($b, $this->standing, true)];
        [$one, $two] = [$this->places[$atA]->folder, $this->places[$atB]->folder];
        foreach (['', '.json'] as $end) {
            rename($one.$end, "{$this->root}/swap{$end}");
            rename($two.$end, $one.$end);
            rename("{$this->root}/swap{$end}", $two.$end);
        }
        [$this->standing[$atA], $this->standing[$atB]] = [$b, $a];
        $this->log[] = "{$a} and {$b} came up at each other's folder";
    }

    private function delete(string $drive): void
    {
        $bag = $this->bagOn($drive);
        if ($bag === null) {
            return;
        }
        if ($this->random->getInt(0, 1) === 1) {
            exec('rm -r '.escapeshellarg($bag));
        } else {
            $files = array_keys(self::filesIn("{$bag}/data"));
            $files === [] || unlink("{$bag}/data/{$this->pick($files)}");
        }
        $this->log[] = "deleted on {$drive}";
    }

    private function rot(string $drive): void
    {
        $bag = $this->bagOn($drive);
        $files = $bag === null ? [] : array_filter(self::filesIn("{$bag}/data"), static fn (string $bytes): bool => $bytes !== '');
        if ($files === []) {
            return;
        }
        $path = $this->pick(array_keys($files));
        $file = "{$bag}/data/{$path}";
        $time = (int) filemtime($file);
        file_put_contents($file, $files[$path] ^ str_pad("\2", strlen($files[$path]), "\0"));
        touch($file, $time);
        $this->log[] = "rot on {$drive}";
    }

    /** A bag replaced by another one that is whole in itself, or a payload and its list changed to agree. */
    private function forge(string $drive): void
    {
        [$bag, $other] = [$this->bagOn($drive), $this->bagOn($this->pick(array_keys(self::DRIVES)))];
        if ($bag === null) {
            return;
        }
        if ($other !== null && $other !== $bag && $this->random->getInt(0, 1) === 1) {
            exec('rm -r '.escapeshellarg($bag).' && cp -a '.escapeshellarg($other).' '.escapeshellarg($bag));
        } else {
            $files = array_keys(self::filesIn("{$bag}/data"));
            if ($files === []) {
                return;
            }
            $path = $this->pick($files);
            file_put_contents("{$bag}/data/{$path}", 'forged');
            $list = "{$bag}/manifest-blake2b512.txt";
            $hash = bin2hex(sodium_crypto_generichash('forged', '', 64));
            is_file($list) &&
                file_put_contents(
                    $list,
                    preg_replace('/^[0-9a-f]+(  data\/'.preg_quote($path, '/').')$/m', "{$hash}\$1", (string) file_get_contents($list)),
                );
        }
        $this->log[] = "forged on {$drive}";
    }

    private function clock(int $seconds): void
    {
        Carbon::setTestNow(now()->addSeconds($seconds));
        $this->log[] = "clock {$seconds} s";
    }

    private function rule(): void
    {
        AuditRuleRecord::query()->create([
            'looks_first' => false,
            'permit_copies' => $this->random->getInt(1, 3),
            'more_without_twin' => 1,
            'away_days' => $this->pick([0, 7, 30]),
            'reads_again' => $this->pick(['minute', 'all']),
            'waits_for_elsewhere' => false,
        ]);
        $this->log[] = 'another rule';
    }

    /** As a careful person does it. */
    private function inOrder(string $label): void
    {
        $this->seal($label);
        $this->compare($label);
        $this->copy($label);
        $this->ask($label);
    }

    private function askOrFormat(string $label): void
    {
        $this->fresh();
        if (app(CardLog::class)->lifeOf($this->card($label))->state === CardState::Permitted) {
            $this->format($label);
        } else {
            $this->ask($label);
        }
    }

    private function ask(string $label): void
    {
        $this->fresh();
        $permit = app(PermitDesk::class)->ask($this->job(), $this->card($label), 'the world');
        $this->remember();
        $this->counts['asked']++;
        $this->counts[$permit->isGranted ? 'granted' : 'refused']++;
        $this->log[] = "asked for {$label}: ".($permit->isGranted ? 'granted' : $permit->verdicts->worst()?->code);
        $this->judge($label, $permit);
        $this->askBeside($label, $permit);
        $this->fresh();
        $page = app(ProofDesk::class)->answer($this->card($label));
        if ($page->isGranted !== $permit->isGranted) {
            $this->wrong[] = "the page says otherwise of {$label} right after the permit";
        }
    }

    private function format(string $label): void
    {
        $unsafe = $this->unsafe($label);
        $had = self::filesIn((string) $this->cards[$label]->folder);
        try {
            app(PermitDesk::class)->format($this->job(), $this->card($label));
        } catch (ValidationException $e) {
            $this->remember();
            $this->log[] = "format of {$label} refused";
            if (self::filesIn((string) $this->cards[$label]->folder) !== $had) {
                $this->wrong[] = "a refused format changed {$label}";
            }

            return;
        }
        $this->remember();
        $this->counts['formatted']++;
        $this->log[] = "formatted {$label}";
        if ($unsafe !== []) {
            $this->wrong[] = "FORMATTED AWAY on {$label}: ".implode(', ', $unsafe);
        }
        $this->whole[$label] = [];
        $this->fresh();
        $body = Body::query()->orderBy('id')->get()[$label === 'C3' ? 1 : 0];
        app(CardLog::class)->add(
            $this->card($label),
            CardEventKind::Loaded,
            $this->jobs[0]->id,
            $body->id,
            $label === 'C2' ? 2 : 1,
            at: now(),
        );
    }

    private function judge(string $label, FormatPermit $permit): void
    {
        $codes = array_map(static fn ($v): string => $v->code, iterator_to_array($permit->verdicts));
        $unsafe = $this->unsafe($label);
        // What changed between its seal and the first reading is sealed as it was read: its bytes decide.
        if ($permit->isGranted && $unsafe !== []) {
            $this->wrong[] = "FALSE GRANT for {$label}: ".implode(', ', $unsafe);
        }
        if ($permit->isGranted || array_intersect($codes, self::GATES) !== []) {
            return;
        }
        if (array_intersect($codes, ['permit.changed', 'permit.differs']) !== [] && ! $this->dirty[$label]) {
            $this->wrong[] = "false refusal for {$label}: nothing on it has changed";
        }
        if (in_array('permit.damaged', $codes, true) && ! $this->isDoubtful($label)) {
            $this->wrong[] = "false refusal for {$label}: nothing on it is damaged";
        }
        if (in_array('permit.copies', $codes, true) && $unsafe === [] && ! $this->dirty[$label]) {
            $this->wrong[] = "false refusal for {$label}: all of it is safe";
        }
    }

    /** The same asked of the command that knows no database; where all drives stand at their places, there is nothing else to know. */
    private function askBeside(string $label, FormatPermit $permit): void
    {
        $codes = array_map(static fn ($v): string => $v->code, iterator_to_array($permit->verdicts));
        $bags = [];
        foreach ($this->lastReadings() as $event) {
            $drive = (string) array_search(
                $event->destination_id,
                array_map(static fn (Destination $d): int => $d->id, $this->places),
                true,
            );
            $folder = "{$this->places[$drive]->folder}/{$event->bag}";
            if ($this->standing[$drive] !== $drive) {
                return;
            }
            if (is_dir($folder)) {
                $bags[] = [$folder, (string) realpath($folder), self::DRIVES[$drive]];
            }
        }
        $life = app(CardLog::class)->lifeOf($this->card($label));
        $isWhole = $this->whole === ['C1' => [], 'C2' => [], 'C3' => []];
        if (
            $bags === [] ||
            ! $life->isSealed ||
            ! $isWhole ||
            self::filesIn((string) $this->cards[$label]->folder) === [] ||
            array_intersect($codes, ['permit.changed', 'permit.differs', 'permit.unreadable']) !== []
        ) {
            return;
        }
        $wanted = AuditRuleRecord::query()->latest('id')->firstOrFail()->permit_copies + ($life->isAlone() ? 1 : 0);
        $beside = PermitCommand::prove(new PermitWords((string) $this->cards[$label]->folder, $bags, null, $wanted, true))->isGranted();
        $here = array_intersect($codes, ['permit.copies', 'permit.not-a-file', 'permit.unread']) === [];
        $this->counts['compared']++;
        if ($beside !== $here) {
            $this->wrong[] = "for {$label} the command says ".($beside ? 'yes' : 'no').' and the program '.($here ? 'yes' : 'no');
        }
    }

    /** @return list<string> files of a card whose bytes do not lie on enough disks */
    private function unsafe(string $label): array
    {
        $this->fresh();
        $life = app(CardLog::class)->lifeOf($this->card($label));
        $rule = AuditRuleRecord::query()->latest('id')->firstOrFail();
        $wanted = $rule->permit_copies + ($life->isAlone() ? $rule->more_without_twin : 0);
        $lies = [];
        foreach ($this->lastReadings() as $event) {
            $drive = (string) array_search(
                $event->destination_id,
                array_map(static fn (Destination $d): int => $d->id, $this->places),
                true,
            );
            if ($this->standing[$drive] === $drive) {
                $contents = self::listed("{$this->places[$drive]->folder}/{$event->bag}");
            } else {
                [, $contents, $at] = $this->read[$event->id];
                $age = now()->getTimestamp() - $at;
                $contents = $age > $rule->away_days * 86400 || $age < -300 ? [] : $contents;
            }
            foreach (array_keys($contents) as $content) {
                $lies[$content][self::DRIVES[$drive]] = true;
            }
        }
        $unsafe = [];
        foreach (self::filesIn((string) $this->cards[$label]->folder) as $path => $bytes) {
            // What was cut short on one twin and is whole on the other is healed by that.
            $wholeBytes = $this->whole[$label][$path] ?? null;
            $isHealed = $wholeBytes !== null && isset($life->twinCheck->healing[$path]);
            if (count($lies[md5($isHealed ? $wholeBytes : $bytes)] ?? []) < $wanted) {
                $unsafe[] = (string) $path;
            }
        }

        return $unsafe;
    }

    /** Whether something on a card is damaged, or other than on its twin when the two were compared. */
    private function isDoubtful(string $label): bool
    {
        $this->fresh();

        return $this->whole[$label] !== [] || (app(CardLog::class)->lifeOf($this->card($label))->twinCheck->states ?? []) !== [];
    }

    /** What lies in every bag that was read just now. */
    private function remember(): void
    {
        foreach ($this->lastReadings() as $event) {
            if (! isset($this->read[$event->id])) {
                $drive = (string) array_search(
                    $event->destination_id,
                    array_map(static fn (Destination $d): int => $d->id, $this->places),
                    true,
                );
                $this->read[$event->id] = [
                    $event->destination_id,
                    $this->standing[$drive] === $drive ? self::listed("{$this->places[$drive]->folder}/{$event->bag}") : [],
                    $event->at->getTimestamp(),
                ];
            }
        }
    }

    /** @return list<CopyEvent> */
    private function lastReadings(): array
    {
        $last = [];
        foreach (CopyEvent::query()->orderBy('id')->get() as $event) {
            $last["{$event->card_id} {$event->fill} {$event->destination_id}"] = $event;
        }

        return array_values($last);
    }

    /** @return array<string, true> MD5 of every payload that the bag lists with the BLAKE2b that it has */
    private static function listed(string $bag): array
    {
        $list =
            is_file("{$bag}/bagit.txt") && is_file("{$bag}/manifest-blake2b512.txt")
                ? (string) file_get_contents("{$bag}/manifest-blake2b512.txt")
                : '';
        $contents = [];
        foreach (explode("\n", $list) as $line) {
            $path = substr($line, 130);
            $bytes = str_starts_with($path, 'data/') && is_file("{$bag}/{$path}") ? (string) file_get_contents("{$bag}/{$path}") : null;
            if ($bytes !== null && bin2hex(sodium_crypto_generichash($bytes, '', 64)) === substr($line, 0, 128)) {
                $contents[md5($bytes)] = true;
            }
        }

        return $contents;
    }

    /** @return array<string, string> bytes by path */
    private static function filesIn(string $folder): array
    {
        $files = [];
        if (is_dir($folder)) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
                $files[substr((string) $file, strlen($folder) + 1)] = (string) file_get_contents((string) $file);
            }
        }
        ksort($files, SORT_STRING);

        return $files;
    }

    private function bagOn(string $drive): ?string
    {
        $at = array_search($drive, $this->standing, true);
        $bags = $at === false ? [] : (glob("{$this->places[(string) $at]->folder}/*_fill*", GLOB_ONLYDIR) ?: []);

        return $bags === [] ? null : $this->pick($bags);
    }

    private static function jpeg(int $number): string
    {
        $image = imagecreatetruecolor(24, 16);
        for ($i = 0; $i < 24; $i++) {
            imageline($image, $i, 0, $i, 15, ($number * 7919 + $i * 104729) & 0xFFFFFF);
        }
        ob_start();
        imagejpeg($image, null, 90);

        return (string) ob_get_clean();
    }

    private function pack(Item $item): void
    {
        foreach ($this->jobs as $job) {
            $job->packing()->create(['item_id' => $item->id, 'lane' => 'lead']);
        }
    }

    private function card(string $label): Card
    {
        return Card::query()->with('item')->findOrFail($this->cards[$label]->id);
    }

    private function job(): Job
    {
        return BriefDesk::open($this->jobs[0]->id);
    }

    /** Each deed meets the application as a request does. */
    private function fresh(): void
    {
        app()->forgetScopedInstances();
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
