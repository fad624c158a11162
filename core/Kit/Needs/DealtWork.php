<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

/** The frames of a day dealt to the bodies. */
final readonly class DealtWork
{
    /**
     * @param  list<BodyWork>  $shared
     * @param  list<LoneWork>  $alone
     */
    public function __construct(
        public array $shared,
        public array $alone,
    ) {}
}
