<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Cover;

/** A thing that may be chosen. */
final readonly class CoverItem
{
    /**
     * @param  int  $weight  grams, not negative
     * @param  list<string>  $gives  capabilities, once each
     * @param  list<string>  $requires  capabilities that another chosen thing must give
     */
    public function __construct(public string $id, public int $weight, public array $gives, public array $requires = []) {}
}
