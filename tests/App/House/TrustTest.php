<?php

declare(strict_types=1);

namespace Tests\App\House;

use App\Devices\OwnCertificate;
use App\Http\SharedLink;
use Tests\App\TestCase;

/** The way to the certificate of this machine, for phones that have no sign-in yet; and links that others can reach. */
final class TrustTest extends TestCase
{
    public function test_without_tls_there_is_nothing_to_trust(): void
    {
        $this->get('/trust')->assertOk()->assertSee('speaks no TLS now')->assertDontSee('Get the certificate');
        $this->get('/trust/certificate')->assertNotFound();
    }

    public function test_the_certificate_is_handed_out_with_the_fingerprint_that_openssl_says(): void
    {
        $file = $this->folder('trust').'/root.crt';
        exec(
            'openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 3 -subj /CN=Test -keyout /dev/null '.
                "-out {$file} 2>&1",
        );
        config(['satchel.certificate' => $file, 'satchel.lan_url' => 'https://192.168.7.4:8341']);
        $told = [];
        exec("openssl x509 -in {$file} -noout -fingerprint -sha256", $told);
        $digits = str_replace(':', '', substr(strrchr($told[0], '='), 1));
        $this->assertSame($digits, str_replace(' ', '', OwnCertificate::at($file)->fingerprint));
        $this->get('/trust')
            ->assertOk()
            ->assertSee(implode(' ', str_split($digits, 4)))
            ->assertSee('https://192.168.7.4:8341')
            ->assertSee('Without it');
        $this->get('/trust/certificate')
            ->assertOk()
            ->assertHeader('Content-Type', 'application/x-x509-ca-cert')
            ->assertContent((string) file_get_contents($file));
    }

    public function test_what_is_no_certificate_is_none(): void
    {
        $file = $this->folder('trust').'/root.crt';
        file_put_contents($file, 'not a certificate');
        $this->assertNull(OwnCertificate::at($file));
        $this->assertNull(OwnCertificate::at(''));
    }

    public function test_links_for_others_lead_to_the_network(): void
    {
        $this->assertSame('http://127.0.0.1:8340/call/x', SharedLink::to('/call/x'));
        config(['satchel.lan_url' => 'https://192.168.7.4:8341']);
        $this->assertSame('https://192.168.7.4:8341/call/x', SharedLink::to('/call/x'));
    }
}
