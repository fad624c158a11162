<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Test;

/** How a thing stands with its test for a job. */
enum TestState: string
{
    case Passed = 'passed';
    case Failed = 'failed';
    case TooLate = 'too late to order';
    case Open = 'to be tested';
}
