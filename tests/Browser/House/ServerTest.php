<?php

declare(strict_types=1);

namespace Tests\Browser\House;

use App\Devices\OwnCertificate;
use PHPUnit\Framework\TestCase;
use Tests\Support\RunningSatchel;

/** The web server that people get: what the network reaches with TLS and without, and what is left when it is stopped. */
final class ServerTest extends TestCase
{
    /** All of 127.0.0.0/8 is this machine (RFC 1122, 3.2.1.3): an address of its own that is not the usual one. */
    private const NETWORK = '127.0.0.2';

    public function test_where_there_is_no_other_phps_own_server_answers(): void
    {
        $satchel = RunningSatchel::start('php');
        $this->assertSame(200, self::ask("{$satchel->url}/sign-in")[0]);
        $this->assertSame('', self::ofFolder($satchel->folder), 'neither of the two is started');
        $satchel->stop();
        $this->assertSame(0, self::ask("{$satchel->url}/up")[0]);
    }

    /** `./satchel test` installs both where it may install anything; who may not has no TLS, and nothing to test here. */
    public function test_the_network_gets_the_certificate_and_for_all_else_tls(): void
    {
        if (trim((string) shell_exec('bin/server kind')) !== 'caddy') {
            $this->markTestSkipped('Caddy and PHP-FPM are not installed.');
        }
        $satchel = RunningSatchel::start('caddy', self::NETWORK);
        try {
            $port = parse_url($satchel->url, PHP_URL_PORT);
            $plain = 'http://'.self::NETWORK.":{$port}";
            $safe = 'https://'.self::NETWORK.":{$satchel->tlsPort}";
            $this->assertSame([302, '/trust'], self::ask("{$plain}/"));
            $this->assertSame([302, "{$safe}/jobs/1/plan"], self::ask("{$plain}/jobs/1/plan"));
            $this->assertSame([302, "{$safe}/sign-in"], self::ask("{$plain}/sign-in"), 'no password goes over the network unencrypted');
            $this->assertSame(200, self::ask("{$plain}/trust")[0]);
            $print = (string) OwnCertificate::at($satchel->certificate())?->fingerprint;
            $this->assertNotSame('', $print);
            $this->assertStringContainsString($print, (string) file_get_contents("{$plain}/trust"));
            $this->assertSame((string) file_get_contents($satchel->certificate()), (string) file_get_contents("{$plain}/trust/certificate"));
            $this->assertSame(200, self::ask("{$safe}/sign-in", $satchel->certificate())[0], 'whoever trusts it is let in without a warning');
            $this->assertSame(0, self::ask("{$safe}/sign-in")[0], 'and nobody else is');
            $this->assertSame(200, self::ask("{$satchel->url}/sign-in")[0], 'on this machine itself as ever');
            $this->assertSame('700', substr(sprintf('%o', (int) fileperms("{$satchel->folder}/caddy")), -3), 'the key is for its owner alone');
            $running = self::ofFolder($satchel->folder);
            $this->assertNotSame('', $running);
        } finally {
            $satchel->stopServer();
        }
        $this->assertSame('', self::ofFolder($satchel->folder), 'nothing is left running');
        $this->assertSame(0, self::ask("{$satchel->url}/up")[0]);
        $satchel->stop();
    }

    /** @return array{int, string} what was answered (0: nothing), and where it leads */
    private static function ask(string $url, string $trusted = ''): array
    {
        $curl = curl_init($url);
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_TIMEOUT => 10]);
        if ($trusted !== '') {
            curl_setopt($curl, CURLOPT_CAINFO, $trusted);
        }
        $head = (string) curl_exec($curl);
        $to = [];
        preg_match('/^Location: (\S+)/mi', $head, $to);

        return [(int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), $to[1] ?? ''];
    }

    /** Processes of the web server of a folder. */
    private static function ofFolder(string $folder): string
    {
        $lines = array_filter(
            explode("\n", (string) shell_exec('ps -eo stat=,args=')),
            static fn (string $line): bool => preg_match('/^[^Z]\S*\s+(php-fpm: master|caddy run)/', $line) === 1 && str_contains($line, $folder),
        );

        return implode("\n", $lines);
    }
}
