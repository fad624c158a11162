<?php

declare(strict_types=1);

namespace NorthSatchel\People\Crew;

use NorthSatchel\Time\ClockTime;

/** Somebody who is called for a day: crew, client side or talent. */
final readonly class CrewMember
{
    /** Below this one is a minor; local law may say otherwise. */
    private const ADULT_AGE = 18;

    /**
     * @param  int|null  $from  minutes of the clock
     * @param  int|null  $age  years, of whom it matters
     * @param  int|null  $mostMinutes  for which they may be there
     */
    public function __construct(
        public string $group,
        public string $name,
        public string $role = '',
        public ?int $from = null,
        public ?int $to = null,
        public string $contact = '',
        public ?int $age = null,
        public ?string $guardian = null,
        public ?int $mostMinutes = null,
    ) {}

    public function isMinor(): bool
    {
        return $this->age !== null && $this->age < self::ADULT_AGE;
    }

    /** As it stands on a sheet that others read: of a minor only the first name. */
    public function shown(): string
    {
        return $this->isMinor() ? explode(' ', $this->name)[0] : $this->name;
    }

    public function hours(): string
    {
        return $this->from === null ? '' : ClockTime::face($this->from).($this->to === null ? '' : '–'.ClockTime::face($this->to));
    }

    /** Whether a plan that says a name means this one: the whole name, or the first one. */
    public function isCalled(string $name): bool
    {
        $said = mb_strtolower(trim($name));

        return $said === mb_strtolower($this->name) || $said === mb_strtolower(explode(' ', $this->name)[0]);
    }
}
