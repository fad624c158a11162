<?php

declare(strict_types=1);

/* Prints the SHA-256 fingerprint of a certificate, to compare with what a phone shows. */

require dirname(__DIR__).'/vendor/autoload.php';

echo App\Devices\OwnCertificate::at($argv[1])->fingerprint ?? 'not there yet', "\n";
