<?php

declare(strict_types=1);

namespace NorthSatchel\Cards;

/** One line of a card's log. */
final readonly class CardEvent
{
    /** @param  array<string, mixed>  $data */
    public function __construct(
        public CardEventKind $kind,
        public float $at,
        public ?int $jobId = null,
        public ?int $bodyId = null,
        public ?int $slot = null,
        public array $data = [],
    ) {}

    /** @return array<string, string> texts among the data, under their keys */
    public function texts(string $name): array
    {
        $texts = [];
        $value = $this->data[$name] ?? null;
        foreach (is_array($value) ? $value : [] as $key => $text) {
            if (is_string($text)) {
                $texts[(string) $key] = $text;
            }
        }

        return $texts;
    }

    /** A text among the data; empty where there is none. */
    public function text(string $name): string
    {
        $value = $this->data[$name] ?? null;

        return is_string($value) ? $value : '';
    }
}
