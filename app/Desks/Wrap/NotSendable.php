<?php

declare(strict_types=1);

namespace App\Desks\Wrap;

use NorthSatchel\Failure;

/** A picture cannot go as it is, and why in plain words: it waits until somebody changes that. */
final class NotSendable extends \RuntimeException implements Failure {}
