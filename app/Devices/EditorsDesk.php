<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Wrap\EditorsDeskRecord;
use League\Flysystem\Filesystem;
use League\Flysystem\FilesystemException;
use League\Flysystem\FilesystemOperator;
use League\Flysystem\Local\LocalFilesystemAdapter;
use League\Flysystem\PhpseclibV3\SftpAdapter;
use League\Flysystem\PhpseclibV3\SftpConnectionProvider;
use League\Flysystem\PhpseclibV3\UnableToEstablishAuthenticityOfHost;

/**
 * A folder or a server to which pictures are sent. Each is written under a name of its own that no watcher takes for a picture, read back,
 * and only then given its name: what lies there under its name is whole. Nothing there is overwritten.
 */
final class EditorsDesk
{
    private const TIMEOUT_S = 20;

    private const MOST_NAMES = 99;

    private function __construct(private readonly FilesystemOperator $there, private readonly ?SftpConnectionProvider $server) {}

    /** @throws NotDelivered when a folder may not be used */
    public static function of(EditorsDeskRecord $record): self
    {
        if ($record->kind === 'folder') {
            try {
                $root = AllowedRoots::now()->folder($record->path);
            } catch (FolderNotAllowed $e) {
                throw new NotDelivered($e->getMessage());
            }
            if (! is_dir($root)) {
                throw new NotDelivered('That folder is not there.');
            }

            return new self(new Filesystem(new LocalFilesystemAdapter($root, lazyRootCreation: true)), null);
        }
        $isKey = str_starts_with(ltrim((string) $record->secret), '-----BEGIN');
        $server = new SftpConnectionProvider(
            host: (string) $record->host,
            username: (string) $record->user,
            password: $isKey ? null : $record->secret,
            privateKey: $isKey ? $record->secret : null,
            port: $record->port ?? 22,
            timeout: self::TIMEOUT_S,
            maxTries: 1,
            hostFingerprint: $record->fingerprint,
        );

        return new self(new Filesystem(new SftpAdapter($server, $record->path)), $server);
    }

    /**
     * The fingerprint of the server's key; null for a folder.
     *
     * @throws NotDelivered when it cannot be reached, or its key is another than before
     */
    public function fingerprint(): ?string
    {
        try {
            $key = $this->server?->provideConnection()->getServerPublicHostKey();
        } catch (\Throwable $e) {
            throw self::failed($e);
        }
        if ($key === null || $key === false) {
            return null;
        }

        return implode(':', str_split(md5((string) base64_decode(explode(' ', (string) $key)[1], true)), 2));
    }

    /**
     * @param  string  $name  as it should be named there
     * @return string as it is named there: what has that name already and is another picture keeps it
     *
     * @throws NotDelivered
     */
    public function deliver(string $name, string $bytes): string
    {
        $hash = hash('xxh128', $bytes);
        $part = '.'.$name.'.part';
        try {
            $free = $this->freeName($name, $hash);
            if ($this->there->fileExists($free)) {
                return $free;
            }
            $this->there->write($part, $bytes);
            $back = $this->there->read($part);
            if (hash('xxh128', $back) !== $hash) {
                $this->there->delete($part);

                throw new NotDelivered('What arrived is not what was sent: '.strlen($back).' of '.strlen($bytes).' bytes came back, or others.');
            }
            $this->there->move($part, $free);

            return $free;
        } catch (FilesystemException|\RuntimeException $e) {
            throw self::failed($e);
        }
    }

    /** The name where it is free, or the picture has it already; else with a number. */
    private function freeName(string $name, string $hash): string
    {
        ['filename' => $stem, 'extension' => $end] = pathinfo($name) + ['extension' => ''];
        for ($number = 1; $number <= self::MOST_NAMES; $number++) {
            $try = $number === 1 ? $name : "{$stem}-{$number}.{$end}";
            if (! $this->there->fileExists($try) || hash('xxh128', $this->there->read($try)) === $hash) {
                return $try;
            }
        }

        throw new NotDelivered("There are too many pictures named {$name} there.");
    }

    /** In plain words, without a secret. */
    private static function failed(\Throwable $e): NotDelivered
    {
        if ($e instanceof NotDelivered) {
            return $e;
        }
        for ($cause = $e; $cause !== null; $cause = $cause->getPrevious()) {
            if ($cause instanceof UnableToEstablishAuthenticityOfHost) {
                return new NotDelivered('The server shows another key than before. Ask the editor whether that is right, and meet it anew.');
            }
        }
        $words = strtolower($e->getMessage().' '.($e->getPrevious()?->getMessage() ?? ''));

        return new NotDelivered(match (true) {
            str_contains($words, 'authenticate') || str_contains($words, 'login') => 'The server does not take this name and password.',
            str_contains($words, 'no space') || str_contains($words, 'quota') || str_contains($words, 'failure') => 'The server is full, or '.
                'refuses to write there.',
            str_contains($words, 'connect') || str_contains($words, 'timed out') || str_contains($words, 'closed') => 'The server does not '.
                'answer.',
            default => 'It could not be written there.',
        });
    }
}
