<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Devices\LocalVolume;
use App\Models\Copies\CopyEvent;
use App\Models\Copies\Destination;
use Illuminate\Support\Collection;
use NorthSatchel\Cards\Permit\Medium;
use NorthSatchel\Volume\UnableToRead;

/** The places that copies lie at: which is here now, and which medium each is. */
final class Places
{
    /** @var Collection<int, Destination>|null by id */
    private ?Collection $all = null;

    /** @var array<int, LocalVolume|string> by id, the place itself or why it is not here */
    private array $now = [];

    /** @return Collection<int, Destination> by id */
    public function all(): Collection
    {
        return $this->all ??= Destination::query()->orderBy('id')->get()->keyBy('id');
    }

    public function get(int $id): Destination
    {
        return $this->all()->get($id) ?? throw new \OutOfBoundsException("No place has the number {$id}.");
    }

    /** @return LocalVolume|string the place, or why it is not here */
    public function now(int $id): LocalVolume|string
    {
        if (! isset($this->now[$id])) {
            try {
                $this->now[$id] = Devices::destination($this->get($id));
            } catch (FolderNotAllowed|UnableToRead $e) {
                $this->now[$id] = $e->getMessage();
            }
        }

        return $this->now[$id];
    }

    /** What a bag lay on when it was read: what the owner calls its place, or what the system said then. */
    public function medium(CopyEvent $event): Medium
    {
        $said = $this->get($event->destination_id)->medium_said;
        $disks = $event->data['disks'] ?? null;
        // Readings noted before disks were have the name that was taken for one then.
        $disks = is_array($disks) ? array_values(array_filter($disks, is_string(...))) : [$event->device];

        return $said === null ? Medium::found($disks) : Medium::said($said, $disks);
    }

    /** Whether both are here and on one disk; of one that is not here nobody can tell. */
    public function areOne(Destination $one, Destination $other): bool
    {
        return ! is_string($this->now($one->id)) && ! is_string($this->now($other->id))
            && Devices::mediumOf($one)->isSameAs(Devices::mediumOf($other));
    }

    /**
     * Places that are on one medium, so that copies on all of them count once.
     *
     * @return array<int, array<int, string>> names of the others by their id, by id; of those that are here
     */
    public function sharing(): array
    {
        $media = [];
        foreach ($this->all() as $id => $place) {
            $now = $this->now($id);
            if (! is_string($now) && $place->route === Destination::OURS) {
                $media[$id] = Devices::mediumOf($place);
            }
        }
        $sharing = [];
        foreach ($media as $id => $medium) {
            foreach ($media as $other => $its) {
                if ($id !== $other && $medium->isSameAs($its)) {
                    $sharing[$id][$other] = $this->get($other)->name;
                }
            }
        }

        return $sharing;
    }

    /**
     * What a bag looks like from outside: names, sizes and times of everything in it. Where this changes, what was read in it
     * counts no more.
     *
     * @throws UnableToRead
     */
    public static function stamp(LocalVolume $place, string $bag): string
    {
        $context = hash_init('xxh128');
        foreach ($place->entries($bag === CopyEvent::NO_BAG ? '' : $bag) as $entry) {
            hash_update($context, "{$entry->path}\0{$entry->kind->name}\0{$entry->bytes}\0{$entry->modifiedAt}\n");
        }

        return hash_final($context);
    }

    public function forget(): void
    {
        $this->all = null;
        $this->now = [];
    }
}
