<?php

declare(strict_types=1);

namespace App\Http;

/** Where a remedy's button leads: a form to post, or a link to the form that still asks for words. */
final readonly class RemedyRoute
{
    /** @param  array<string, string|int>  $fields */
    public function __construct(public string $url, public array $fields = [], public bool $isLink = false) {}
}
