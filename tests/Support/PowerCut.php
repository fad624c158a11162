<?php

declare(strict_types=1);

namespace Tests\Support;

/** The power went: nothing catches this. */
final class PowerCut extends \RuntimeException {}
