<?php

declare(strict_types=1);

namespace Tests\Support;

/** A real SFTP server of this machine (Debian's openssh-server), on a port of its own, for one user and one key. */
final class SftpServer
{
    public const SSHD = '/usr/sbin/sshd';

    private ?int $pid = null;

    private function __construct(public readonly string $folder, public readonly int $port) {}

    /** In a folder of the test's own. */
    public static function in(string $folder): self
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('No port is free.');
        $port = (int) explode(':', (string) stream_socket_get_name($socket, false))[1];
        fclose($socket);
        $server = new self($folder, $port);
        mkdir("{$folder}/there");
        self::run("ssh-keygen -q -t ed25519 -N '' -f {$folder}/user -m PEM");
        copy("{$folder}/user.pub", "{$folder}/authorized");
        $server->newHostKey();
        $server->start();

        return $server;
    }

    public function newHostKey(): void
    {
        foreach (glob("{$this->folder}/host*") ?: [] as $old) {
            unlink($old);
        }
        self::run("ssh-keygen -q -t ed25519 -N '' -f {$this->folder}/host");
    }

    public function start(): void
    {
        if (! is_dir('/run/sshd')) {
            @mkdir('/run/sshd', 0755, true);
        }
        file_put_contents("{$this->folder}/config", implode("\n", [
            "Port {$this->port}", 'ListenAddress 127.0.0.1', "HostKey {$this->folder}/host", "AuthorizedKeysFile {$this->folder}/authorized",
            'StrictModes no', 'UsePAM no', 'PasswordAuthentication no', 'PermitRootLogin yes', 'Subsystem sftp internal-sftp',
            "PidFile {$this->folder}/pid", 'MaxStartups 100',
        ])."\n");
        self::run(self::SSHD." -f {$this->folder}/config -E {$this->folder}/log");
        for ($i = 0; $i < 100 && ! is_file("{$this->folder}/pid"); $i++) {
            usleep(50_000);
        }
        $this->pid = (int) file_get_contents("{$this->folder}/pid");
    }

    public function stop(): void
    {
        if ($this->pid !== null) {
            posix_kill($this->pid, SIGTERM);
            for ($i = 0; $i < 100 && posix_kill($this->pid, 0); $i++) {
                usleep(50_000);
            }
            @unlink("{$this->folder}/pid");
            $this->pid = null;
        }
    }

    public function privateKey(): string
    {
        return (string) file_get_contents("{$this->folder}/user");
    }

    public function user(): string
    {
        return (string) (posix_getpwuid(posix_geteuid())['name'] ?? 'root');
    }

    private static function run(string $command): void
    {
        $out = [];
        exec("{$command} 2>&1", $out, $exit);
        if ($exit !== 0) {
            throw new \RuntimeException("{$command}: ".implode("\n", $out));
        }
    }
}
