<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use App\CommandLine\Refusal;
use NorthSatchel\ImpossibleValue;

/** `satchel compute TOPIC`: one JSON object in, one out. */
final class ComputeCommand
{
    private const LONGEST_INPUT = 32 * 1024 * 1024;

    /**
     * @param  list<string>  $arguments
     *
     * @throws Refusal
     */
    public static function run(array $arguments): int
    {
        $topics = new Topics;
        if (count($arguments) !== 1) {
            throw Refusal::because('topic must be given once: ./satchel compute TOPIC, one of '.implode(', ', $topics->names()));
        }
        if (! in_array($arguments[0], $topics->names(), true)) {
            throw Refusal::of('topic', 'must be one of '.implode(', ', $topics->names()));
        }
        $text = (string) stream_get_contents(STDIN, self::LONGEST_INPUT);
        $input = json_decode($text, false, 64);
        if (! $input instanceof \stdClass) {
            throw Refusal::because('input must be one JSON object');
        }
        try {
            $answer = $topics->answer($arguments[0], $input);
        } catch (ImpossibleValue $e) {
            throw Refusal::of($e->field, $e->must);
        }
        echo json_encode($answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION), "\n";

        return 0;
    }
}
