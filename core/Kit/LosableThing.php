<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/** Something with what it gives and what it must be given by something else. */
final readonly class LosableThing
{
    /** @var list<string> once each */
    public array $gives;

    /** @var list<string> */
    public array $requires;

    /**
     * @param  list<string>  $gives  capabilities
     * @param  list<string>  $requires  capabilities that another thing must give
     * @param  bool  $canBeLost  false for what is no thing of its own, such as a lens put on a body
     */
    public function __construct(array $gives, array $requires = [], public bool $canBeLost = true)
    {
        $this->gives = array_values(array_unique($gives));
        $this->requires = array_values(array_unique($requires));
    }
}
