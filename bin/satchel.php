<?php

declare(strict_types=1);

/* The commands that need no framework, no database and no server: compute, twin, copy, verify, permit. */

use App\CommandLine\Compute\ComputeCommand;
use App\CommandLine\CopyCommand;
use App\CommandLine\PermitCommand;
use App\CommandLine\Refusal;
use App\CommandLine\TwinCommand;
use App\CommandLine\VerifyCommand;

require dirname(__DIR__).'/core/autoload.php';

error_reporting(E_ALL);
ini_set('display_errors', 'stderr');
ini_set('serialize_precision', '-1');

$arguments = array_slice($argv, 2);
try {
    $exit = match ($argv[1] ?? '') {
        'compute' => ComputeCommand::run($arguments),
        'twin' => TwinCommand::run($arguments),
        'copy' => CopyCommand::run($arguments),
        'verify' => VerifyCommand::run($arguments),
        'permit' => PermitCommand::run($arguments),
        default => throw Refusal::because('command must be compute, twin, copy, verify or permit'),
    };
} catch (Refusal $refusal) {
    fwrite(STDERR, str_replace(["\r", "\n"], ' ', $refusal->getMessage())."\n");
    $exit = 2;
}
exit($exit);
