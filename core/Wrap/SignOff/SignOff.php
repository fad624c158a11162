<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap\SignOff;

/**
 * Final pictures, what is shown of each, and what the client said. Of each pick the last word holds; a picture is signed off by a yes to one
 * of its picks that is newer than any other pick of it and than any no.
 */
final readonly class SignOff
{
    /**
     * @param  list<string>  $pictures  their names
     * @param  list<Pick>  $picks
     * @param  list<Answer>  $answers  in the order of time
     */
    public function __construct(public array $pictures, public array $picks, public array $answers) {}

    /** @return list<Pick> the newest first */
    public function picksOf(string $picture): array
    {
        $picks = array_values(array_filter($this->picks, static fn (Pick $p): bool => $p->picture === $picture));
        usort($picks, static fn (Pick $a, Pick $b): int => [$b->addedAt, $b->id] <=> [$a->addedAt, $a->id]);

        return $picks;
    }

    /** The last yes or no to any pick of a picture. */
    public function last(string $picture): ?Answer
    {
        $ids = array_map(static fn (Pick $p): int => $p->id, $this->picksOf($picture));
        $found = null;
        foreach ($this->answers as $answer) {
            $found = $answer->isYes !== null && in_array($answer->pick, $ids, true) ? $answer : $found;
        }

        return $found;
    }

    public function state(string $picture): PictureState
    {
        $picks = $this->picksOf($picture);
        $last = $this->last($picture);

        return match (true) {
            $picks === [] => PictureState::NoPick,
            // What was added after the last word nobody has answered to.
            $last === null || $picks[0]->addedAt > $last->at => PictureState::Waiting,
            $last->isYes === true => PictureState::Signed,
            default => PictureState::Refused,
        };
    }

    /** How far it is, and by whose word: "signed off: Odd, 3 Dec 14:05". */
    public function says(string $picture, \DateTimeZone $zone): string
    {
        $state = $this->state($picture);
        $last = $state === PictureState::Signed || $state === PictureState::Refused ? $this->last($picture) : null;

        return $state->value.($last === null
            ? ''
            : ": {$last->name}, ".(new \DateTimeImmutable("@{$last->at}"))->setTimezone($zone)->format('j M H:i'));
    }

    /** @return list<Answer> to a pick, in the order of time */
    public function answersTo(Pick $pick): array
    {
        return array_values(array_filter($this->answers, static fn (Answer $a): bool => $a->pick === $pick->id));
    }

    /** For the retoucher: the photographer's note, and every word of the client with its place. */
    public function notes(Pick $pick): string
    {
        $notes = $pick->note === '' ? [] : [$pick->note];
        foreach ($this->answersTo($pick) as $answer) {
            $words = trim(implode(' ', array_filter([$answer->where() === '' ? '' : "({$answer->where()})", $answer->words])));
            $said = $answer->isYes === null ? '' : ($answer->isYes ? 'yes' : 'no');
            $notes[] = "{$answer->name}: ".implode(', ', array_filter([$said, $words], static fn (string $w): bool => $w !== ''));
        }

        return implode('; ', $notes);
    }
}
