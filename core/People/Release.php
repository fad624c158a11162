<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Looked;
use NorthSatchel\Some;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** May the family go? Only where every group is shot, everybody named was in one, and each was there when theirs was taken. */
final readonly class Release
{
    private const NAMED = 6;

    /**
     * @param  list<string>  $shot  titles
     * @param  list<string>  $owed  titles
     * @param  list<string>  $inNone  names of people in no group
     * @param  array<string, list<string>>  $leftOut  by name, titles of the groups that were shot without them
     * @param  list<string>  $unticked  titles of the groups that were shot while nobody in them was ticked as found
     * @param  list<string>  $unasked  names of the list that no group asks for: who does not come, or is there for the work
     */
    private function __construct(
        public array $shot,
        public array $owed,
        public array $inNone,
        public array $leftOut,
        public array $unticked,
        public array $unasked,
    ) {}

    /** @param  bool  $isShared  whether it stands on a page for others: of a child only the first name is told there */
    public static function of(Calling $calling, bool $isShared = false): self
    {
        $say = static fn (string $name): string => $isShared ? $calling->shared($name) : $name;
        $leftOut = $unticked = [];
        foreach ($calling->shot() as $id) {
            if ($calling->isUnticked($id)) {
                $unticked[] = $id;

                continue;
            }
            foreach ($calling->absent($id) as $name) {
                $leftOut[$say($name)][] = $calling->group($id)->title;
            }
        }

        return new self(
            self::titles($calling, $calling->shot()),
            self::titles($calling, $calling->left()),
            array_map($say, $calling->inNone()),
            $leftOut,
            self::titles($calling, $unticked),
            array_map($say, $calling->unasked()),
        );
    }

    /**
     * @param  list<int>  $ids
     * @return list<string>
     */
    private static function titles(Calling $calling, array $ids): array
    {
        return array_map(static fn (int $id): string => $calling->group($id)->title, $ids);
    }

    public function verdicts(): Verdicts
    {
        $looked = Looked::at(count($this->shot), 'group');
        if ($looked === null) {
            return new Verdicts([
                $this->owed === []
                    ? Verdict::mind('call.no-groups', 'No group is on the list.', 'Make the list first; who may go follows from it.')
                    : Verdict::mind('call.none-yet', 'Nobody can go yet.', 'No group is shot.'),
            ]);
        }
        $found = array_values(array_filter([$this->owed(), $this->inNone(), $this->leftOut(), $this->unticked($looked)]));

        return new Verdicts(
            $found === []
                ? [
                    Verdict::fine(
                        'call.all-go',
                        'Everybody can go. Thank you.',
                        "{$looked->words} shot, nobody who was to be taken was in none, and all were ticked as there when theirs was taken.".
                            ($this->unasked === [] ? '' : ' Not asked for: '.Some::of($this->unasked, self::NAMED).'.'),
                        $looked,
                    ),
                ]
                : $found,
        );
    }

    private function owed(): ?Verdict
    {
        return $this->owed === []
            ? null
            : Verdict::stop(
                'call.owed',
                count($this->owed) === 1 ? "“{$this->owed[0]}” is still owed." : count($this->owed).' groups are still owed.',
                Some::of($this->owed, self::NAMED).'.',
                ['groups' => count($this->owed)],
            );
    }

    private function inNone(): ?Verdict
    {
        return $this->inNone === []
            ? null
            : Verdict::stop(
                'call.in-none',
                count($this->inNone) === 1 ? "{$this->inNone[0]} was in no group." : count($this->inNone).' people were in no group.',
                Some::of($this->inNone, self::NAMED).': once they have gone, it is too late. Call one with the couple.',
                ['people' => count($this->inNone)],
            );
    }

    private function leftOut(): ?Verdict
    {
        $said = [];
        foreach ($this->leftOut as $name => $titles) {
            $said[] = "{$name} in “{$titles[0]}”".(count($titles) > 1 ? ' and '.(count($titles) - 1).' more' : '');
        }

        return $said === []
            ? null
            : Verdict::stop(
                'call.left-out',
                count($said) === 1
                    ? array_key_first($this->leftOut).' was not there when a group of theirs was taken.'
                    : count($said).' people were not there when a group of theirs was taken.',
                'Missing: '.Some::of($said, self::NAMED).'. Take it again with them, or ask the couple.',
                ['people' => count($said)],
            );
    }

    private function unticked(Looked $looked): ?Verdict
    {
        return $this->unticked === []
            ? null
            : Verdict::mind(
                'call.unticked',
                "{$looked->words} shot; who stood in ".
                    (count($this->unticked) === count($this->shot) ? 'them' : count($this->unticked).' of them').
                    ' nobody ticked.',
                'Look through the pictures of '.Some::of($this->unticked, self::NAMED).' before you let the family go.',
                ['groups' => count($this->unticked)],
            );
    }
}
