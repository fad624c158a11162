<?php

declare(strict_types=1);

namespace App\Devices;

use NorthSatchel\Failure;

/** A picture is not on the editor's desk, and why in plain words; it may be tried again. */
final class NotDelivered extends \RuntimeException implements Failure {}
