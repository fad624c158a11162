<?php

declare(strict_types=1);

namespace NorthSatchel;

/** Marks every failure that this program itself tells of, so that one word catches them all. */
interface Failure extends \Throwable {}
