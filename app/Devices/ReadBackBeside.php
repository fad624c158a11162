<?php

declare(strict_types=1);

namespace App\Devices;

use NorthSatchel\Copies\Digest;
use NorthSatchel\Copies\FileHash;
use NorthSatchel\Copies\ReadBack\ReadBack;
use NorthSatchel\Copies\ReadBack\ReadBackHere;
use NorthSatchel\Copies\ReadBack\Reading;

/**
 * Reads back in a process of its own (`bin/read-back.php`), so that hashing the copies and waiting for their medium do not hold
 * up the card. Where no such process can be had, or it ends early, this process reads instead.
 */
final class ReadBackBeside implements ReadBack
{
    /** @var resource|null */
    private $process = null;

    /** @var array<int, resource> */
    private array $pipes = [];

    /** @var list<array{string, bool}> asked and not answered */
    private array $asked = [];

    private string $heard = '';

    private bool $isFromMedium = true;

    private ?ReadBackHere $instead = null;

    public function __construct(
        private readonly LocalVolume $volume,
        private readonly string $script = __DIR__.'/../../bin/read-back.php',
    ) {}

    public function ask(string $path, bool $withDigest): void
    {
        $this->asked[] = [$path, $withDigest];
        if ($this->instead === null && $this->process === null && ! $this->start()) {
            $this->fallBack();
        } elseif ($this->instead !== null) {
            $this->instead->ask($path, $withDigest);
        } else {
            $this->isFromMedium = $this->volume->forgetCached($path) && $this->isFromMedium;
            $line = ($withDigest ? '1' : '0')."\t".rawurlencode($path)."\n";
            if (@fwrite($this->pipes[0], $line) !== strlen($line)) {
                $this->fallBack();
            }
        }
    }

    public function answer(float $seconds): ?Reading
    {
        if ($this->asked === []) {
            return null;
        }
        $reading = $this->instead === null ? $this->hear($seconds) : null;
        $reading ??= $this->instead?->answer($seconds);
        if ($reading !== null) {
            array_shift($this->asked);
        }

        return $reading;
    }

    public function isFromMedium(): bool
    {
        return $this->isFromMedium && ($this->instead?->isFromMedium() ?? true);
    }

    public function close(): void
    {
        $this->asked = [];
        $this->instead = null;
        $this->stop();
    }

    private function start(): bool
    {
        if (! function_exists('proc_open')) {
            return false;
        }
        // Without the extensions of php.ini it is small; the script says no where it then lacks a hash.
        $process = @proc_open(
            [PHP_BINARY, '-n', $this->script, $this->volume->root()],
            [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']],
            $this->pipes,
        );
        if ($process === false) {
            return false;
        }
        $this->process = $process;
        stream_set_blocking($this->pipes[1], false);

        return true;
    }

    private function hear(float $seconds): ?Reading
    {
        if (! str_contains($this->heard, "\n")) {
            $ready = [$this->pipes[1]];
            $none = null;
            if ($seconds > 0.0 && @stream_select($ready, $none, $none, 0, (int) ($seconds * 1e6)) === 0) {
                return null;
            }
            $this->heard .= (string) stream_get_contents($this->pipes[1]);
        }
        $end = strpos($this->heard, "\n");
        if ($end === false) {
            if (feof($this->pipes[1])) {
                $this->fallBack();
            }

            return null;
        }
        $parts = explode("\t", substr($this->heard, 0, $end));
        $this->heard = substr($this->heard, $end + 1);
        if (count($parts) === 4 && $parts[3] !== '') {
            return Reading::failed(rawurldecode($parts[3]));
        }
        if (
            count($parts) !== 4 ||
            strlen($parts[1]) !== Digest::QUICK_LENGTH ||
            ($this->asked[0][1] && strlen($parts[2]) !== Digest::LENGTH)
        ) {
            $this->fallBack();

            return null;
        }

        return new Reading((int) $parts[0], new FileHash($parts[2] === '' ? null : $parts[2], $parts[1]));
    }

    private function fallBack(): void
    {
        $this->stop();
        $this->instead = new ReadBackHere($this->volume);
        foreach ($this->asked as [$path, $withDigest]) {
            $this->instead->ask($path, $withDigest);
        }
    }

    private function stop(): void
    {
        if ($this->process === null) {
            return;
        }
        foreach ($this->pipes as $pipe) {
            fclose($pipe);
        }
        proc_terminate($this->process);
        proc_close($this->process);
        $this->process = null;
        $this->heard = '';
    }
}
