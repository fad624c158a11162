<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** Somebody of the family or the party, as one line says. */
final readonly class Relative
{
    /** Who waits badly counts for more than one (common practice, no source). */
    private const WEIGHTS = ['infant' => 3, 'wheelchair' => 2, 'elderly' => 2, 'seated' => 2];

    /**
     * @param  list<Relation>  $relations  kind: parent, grandparent, sibling, child, partner, former, wide,
     *     attendant
     * @param  list<string>  $needs  seated, wheelchair, infant, elderly
     * @param  list<string>  $apart  names of those never in one frame
     * @param  list<string>  $notBeside  names of those never side by side
     */
    public function __construct(
        public string $name,
        public bool $isOfTheCouple,
        public array $relations,
        public array $needs,
        public ?int $heightCm,
        public array $apart,
        public array $notBeside,
        public ?string $leavesAt,
        public bool $isTold,
        public string $knownBy,
        public bool $isForCeremonyOnly = false,
        /** bride, groom or couple; null for everybody else. */
        public ?string $role = null,
        public Attendance $attendance = Attendance::Comes,
        /** In years, where it is said. */
        public ?int $age = null,
    ) {}

    public function withPartner(string $name): self
    {
        return $this->with([...$this->relations, new Relation('partner', $name)], $this->apart, $this->notBeside);
    }

    /**
     * The same with the names of others as the list has them.
     *
     * @param  list<Relation>  $relations
     * @param  list<string>  $apart
     * @param  list<string>  $notBeside
     */
    public function with(array $relations, array $apart, array $notBeside): self
    {
        return new self(
            $this->name,
            $this->isOfTheCouple,
            $relations,
            $this->needs,
            $this->heightCm,
            $apart,
            $notBeside,
            $this->leavesAt,
            $this->isTold,
            $this->knownBy,
            $this->isForCeremonyOnly,
            $this->role,
            $this->attendance,
            $this->age,
        );
    }

    public function weight(): int
    {
        return max([1, ...array_map(static fn (string $need): int => self::WEIGHTS[$need] ?? 1, $this->needs)]);
    }

    public function sits(): bool
    {
        return array_intersect(['seated', 'wheelchair'], $this->needs) !== [];
    }
}
