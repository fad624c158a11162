<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Devices\OwnCertificate;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** How a phone on the network comes to trust this machine: its certificate, and the steps for each system. */
final class TrustController
{
    public function show(): View
    {
        return view('house.trust', ['certificate' => self::own(), 'address' => (string) config('satchel.lan_url')]);
    }

    public function download(): Response
    {
        $certificate = self::own();
        abort_if($certificate === null, 404);

        return response($certificate->pem, 200, [
            'Content-Type' => 'application/x-x509-ca-cert',
            'Content-Disposition' => 'attachment; filename="north-satchel.crt"',
        ]);
    }

    private static function own(): ?OwnCertificate
    {
        return OwnCertificate::at((string) config('satchel.certificate'));
    }
}
