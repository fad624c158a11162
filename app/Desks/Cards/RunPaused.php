<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use NorthSatchel\Failure;

/**
 * Somebody asked for a pause: the work stops where it is, and finds its own traces when it goes on. No fault, so it is no RuntimeException
 * that a copier might take for one.
 */
final class RunPaused extends \Exception implements Failure {}
