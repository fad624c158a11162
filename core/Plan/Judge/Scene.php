<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\SceneKind;

/** A segment with its shots, as a brief is held against it. */
final readonly class Scene
{
    /** Words for one thing (common practice, no source). */
    private const SAME = [['vow', 'ceremo', 'servic'], ['prayer', 'servic', 'blessi'], ['speech', 'dinner', 'toast']];

    /** What people call the play of a sport (common practice, no source). */
    private const PLAY = '/\b(?:play|game|match|race|heat|bout|action|competition|half|period)/iu';

    /**
     * @param  list<SceneShot>  $shots
     * @param  list<string>  $people  who is needed
     * @param  float|null  $roomM  that the spot gives
     * @param  int|null  $from  minutes since midnight of its day
     */
    public function __construct(
        public int $id,
        public string $title,
        public ?string $place,
        public ?string $spot,
        public array $shots,
        public array $people = [],
        public ?float $roomM = null,
        public ?SceneKind $kind = null,
        public ?int $from = null,
        public ?int $to = null,
    ) {}

    /** Whether a place or a scene of those words is meant; all are where nothing was said. */
    public function isAt(?string $where): bool
    {
        $words = Words::of((string) $where);

        return $where === null || array_intersect($words, Words::of("{$this->title} {$this->place} {$this->spot}")) !== [];
    }

    /** Its title and its shots. */
    public function words(): string
    {
        return implode(' ', [$this->title, ...array_map(static fn (SceneShot $s): string => $s->what, $this->shots)]);
    }

    /** Whether that happens in it, by its words; all does where nothing was said. */
    public function has(?string $what): bool
    {
        $words = Words::of((string) $what);
        $own = Words::of($this->words());
        foreach (self::SAME as $same) {
            $words = array_intersect($words, $same) === [] ? $words : [...$words, ...$same];
        }

        return $what === null ||
            array_intersect($words, $own) !== [] ||
            ($this->kind === SceneKind::Action && preg_match(self::PLAY, $what) === 1);
    }
}
