<?php

declare(strict_types=1);

namespace NorthSatchel;

/**
 * What kind of scene a segment is, by its words and the kind of the job: how many frames it usually takes and which lenses it usually
 * wants follow from it, and so cannot disagree (common practice, no source).
 */
enum SceneKind
{
    case Rest;
    case Travel;
    /** Lights set up and tried: the whole kit of the setups that follow, and a test frame now and then. */
    case Prelight;
    /** Building, mounting, sending, copying: work without a frame. */
    case Handling;
    case Dance;
    /** Of a sport, across a field or the water. */
    case Action;
    /** Seen from afar: a stage, a podium. */
    case Stage;
    case Groups;
    case Portraits;
    case Couple;
    case Ceremony;
    case Ready;
    case Speeches;
    case Table;
    /** Things under lights. */
    case Setup;
    case Room;
    case Other;

    private const STUDIO = '/\b(?:light and positions|setup|packshot|still life|catalogue|product|element)/iu';

    /** In the order in which they are looked for. */
    private const WORDS = [
        'Rest' => '/^arriv|\blight(?:s|ing)? and\b|\b(?:breaks?|meal for|rest|strike|set up|rig(?:ging)?)\b/iu',
        'Travel' => '/\b(?:driv(?:e|ing)|travel(?:ling)?|transfers?|load(?:ing)?|pack(?:ing)?)\b/iu',
        'Prelight' => '/\b(?:pre-?light|set(?:ting)? the lights?\b|test frames?\b)/iu',
        'Handling' => '/^build(?:ing)?\b|\b(?:build(?:ing)? the (?:set|stage)|mount(?:ing)?|'.
            'send(?:ing)?(?![ -]?off)|upload(?:ing)?|captions?|cop(?:y|ies|ied)|sign-off|take (?:the \w+ )?down)\b/iu',
        'Dance' => '/\b(?:dance|dancing|party|floor|band|disco)/iu',
        'Action' => '/\b(?:match(?:es)?|races?|game|heats?|bouts?|regatta|innings|kick-?off|warm(?:ing)?[- ]?up|(?:first|second) half|'.
            '(?:first|second|third|fourth|last) (?:quarter|period|third)|(?:half )?marathon|sprint|relay|triathlon|criterium|laps?|'.
            'km \d+|\d+ ?km?|(?:fun|park|trail|colour|children[’\'`]?s|kids[’\'`]?) run|'.
            '(?:start|finish|winners?|leaders?)(?: of)?(?: the)? (?:wo)?(?:men|boys|girls|runners|riders|elite|juniors|seniors|wave|field|race))\b|'.
            '\b(?:finals?|finish(?: line)?)$/iu',
        'Stage' => '/\b(?:concert|programme|award|prize|medal|podium|opening|play|celebrat)/iu',
        'Groups' => '/\b(?:group|famil|formal|(?:team|squad|class|choir|staff) (?:photo|picture|portrait))/iu',
        'Portraits' => '/\bportrait/iu',
        'Couple' => '/\b(?:couple|first look|reveal)/iu',
        'Ceremony' => '/\b(?:ceremon|vow|church|chapel|service|prayer)/iu',
        'Ready' => '/\b(?:ready|preparation|detail|dress)/iu',
        'Speeches' => '/\b(?:speech|toast)/iu',
        'Table' => '/\b(?:dinner|reception|drinks|guest|mingl)/iu',
        'Setup' => '/\b(?:setup|packshot|product|catalogue|still life|look|element)/iu',
        'Room' => '/\b(?:room|front|house|interior)/iu',
    ];

    /** Titles whose kind is kept at hand. */
    private const KEPT = 500;

    /**
     * @param  JobKind|null  $kind  of the job; null: unknown
     * @param  bool  $isPeriod  photographers stand at posts in it while something is played
     */
    public static function of(string $title, ?JobKind $kind = null, bool $isPeriod = false): self
    {
        /** @var array<string, self> $kept */
        static $kept = [];
        $kept = count($kept) > self::KEPT ? [] : $kept;

        return $kept["{$kind?->value} {$isPeriod} {$title}"] ??= self::read($title, $kind, $isPeriod);
    }

    /** Whether a sport is played in it, and not got ready for. */
    public static function isPlayed(string $title, JobKind $kind): bool
    {
        return self::of($title, $kind) === self::Action && preg_match('/\bwarm/iu', $title) !== 1;
    }

    private static function read(string $title, ?JobKind $kind, bool $isPeriod): self
    {
        foreach (self::WORDS as $name => $words) {
            $scene = self::named($name);
            if (preg_match($words, $title) === 1 && ($scene !== self::Action || $kind === null || $kind->hasPosts())) {
                return $isPeriod && ! in_array($scene, [self::Stage, self::Rest], true) ? self::Action : $scene;
            }
        }

        return $isPeriod ? self::Action : self::Other;
    }

    /** Frames that it usually takes in an hour. */
    public function framesAnHour(): int
    {
        return match ($this) {
            self::Rest, self::Travel, self::Handling => 0,
            self::Dance => 200,
            self::Action, self::Stage => 240,
            self::Groups => 180,
            self::Portraits, self::Couple => 160,
            self::Ceremony => 150,
            self::Ready, self::Speeches, self::Table => 100,
            self::Setup, self::Room => 60,
            self::Prelight => 20,
            self::Other => 80,
        };
    }

    /** Whether a scene of that title is lit by what one brings, as in a studio. */
    public static function isLitByUs(string $title, ?self $scene): bool
    {
        return ($scene ?? self::of($title)) === self::Prelight || preg_match(self::STUDIO, $title) === 1;
    }

    /** Whether one stays away from what happens, so that a longer lens is wanted too. */
    public function isFromAfar(): bool
    {
        return in_array($this, [self::Stage, self::Portraits, self::Ceremony, self::Speeches], true);
    }

    private static function named(string $name): self
    {
        foreach (self::cases() as $case) {
            if ($case->name === $name) {
                return $case;
            }
        }

        return self::Other;
    }
}
