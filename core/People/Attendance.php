<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** Whether somebody of the list can be called into a picture, by what is written of them. */
enum Attendance
{
    case Comes;

    /** Has died, or does not come: nobody calls for them. */
    case Absent;

    /** Is there for the work: in a group only where somebody puts them in. */
    case Works;

    private const NAMED_ABSENT = '/†|^(?:[Tt]he )?[Ll]ate (?=\p{Lu})|\bR\.?I\.?P\b/u';

    private const ABSENT = '/^(?:†.*|(?:sadly |recently )?(?:has |have |had )?(?:passed (?:away|on)|died|deceased|departed|declined)\b.*|'.
        'late|dead|r\.?i\.?p\.?|in (?:loving )?memor(?:y|iam)\b.*|remembered|no longer with us|absent|stays? (?:at home|away)|'.
        '(?:(?:is |will |does )?not|(?:isn|won|doesn)[\'’]t) (?:be )?(?:com(?:e|ing)|attend(?:ing)?|there|invited|present)\b.*|'.
        'can(?:not|[\'’]t) (?:come|attend|be there)\b.*)$/iu';

    /**
     * What somebody is at a wedding who is no guest (common practice, no source); what a guest may live from as well is none of it.
     */
    private const WORK = '/^(?:the |our |an? )?(?:(?:wedding|event|lead|second|live|jazz|string) )?(?:planner|co-?ordinator|florist|cater(?:er|ing)|'.
        'waiters?|bartenders?|bar staff|dj|band|quartet|trio|organist|chauffeur|videographers?|photographers?|second shooter|'.
        '(?:wedding|ceremony|church|live) (?:musicians?|singers?|harpist|pianist|violinist|cellist|guitarist)|'.
        'make-?up(?: artist)?|hairdresser|hair(?: and make-?up)?(?: stylist)?|celebrant|officiant|registrar|vicar|priest|pastor|minister|'.
        'rabbi|imam|verger|toastmaster|(?:venue|hotel|banquet|event|stage) (?:manager|owner|staff)|'.
        'sound(?: engineer)?|security|suppliers?|vendors?)\b/iu';

    /** A line that names nobody but a work: "DJ", "2 photographers". */
    private const WORK_ALONE = '/^(?:the |our |\d+ )?(?:dj|band|photographers?|videographers?|florist|caterers?|planner|'.
        'waiters?|bar staff|musicians?)$/iu';

    /** Who is also this is a guest. */
    private const GUEST = '/\b(?:friends?|guests?|neighbours?|colleagues?|famil(?:y|ies)|relatives?|grandp\w+|retired|former|works as)\b/iu';

    /**
     * @param  string  $name  as it was typed
     * @param  list<string>  $known  what is written of them and is no relation
     */
    public static function of(string $name, array $known, bool $isRelated): self
    {
        $known = array_merge(...array_map(static fn (string $k): array => preg_split('/\s+[-–—]\s+|\s*;\s*/u', $k) ?: [], $known) ?: [[]]);
        $is = static fn (string $pattern): bool => preg_grep($pattern, $known) !== [];

        return match (true) {
            preg_match(self::NAMED_ABSENT, $name) === 1, $is(self::ABSENT) => self::Absent,
            ! $isRelated && preg_match(self::WORK_ALONE, $name) === 1 => self::Works,
            ! $isRelated && $is(self::WORK) && ! $is(self::GUEST) => self::Works,
            default => self::Comes,
        };
    }
}
