<?php

declare(strict_types=1);

namespace App\Devices;

/** The certificate of this machine's own authority, made by the web server for phones on the network (X.509, PEM). */
final readonly class OwnCertificate
{
    public function __construct(public string $pem, public string $fingerprint, public \DateTimeImmutable $until) {}

    /** @return self|null what the web server wrote; nothing where there is no TLS */
    public static function at(string $path): ?self
    {
        $pem = $path === '' || ! is_file($path) ? '' : (string) file_get_contents($path);
        $told = $pem === '' ? false : openssl_x509_parse($pem);
        $print = $told === false ? false : openssl_x509_fingerprint($pem, 'sha256');

        return $told === false || $print === false
            ? null
            : new self($pem, strtoupper(implode(' ', str_split($print, 4))), new \DateTimeImmutable('@'.$told['validTo_time_t']));
    }
}
