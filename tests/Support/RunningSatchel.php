<?php

declare(strict_types=1);

namespace Tests\Support;

/** The whole program on data of its own: demo database, stand-ins, web server with workers, queue worker. */
final class RunningSatchel
{
    /** @var list<resource> */
    private array $processes = [];

    private function __construct(
        public readonly string $folder,
        public readonly string $url,
        private readonly int $port,
        private readonly string $server,
        private readonly string $network,
        public readonly int $tlsPort,
    ) {}

    /**
     * @param  string  $server  caddy, php, or plain (PHP's own as it comes, compiling anew each time); nothing for what a user would get
     * @param  string  $network  an address of this machine under which others reach it, over TLS
     */
    public static function start(string $server = '', string $network = ''): self
    {
        $folder = sys_get_temp_dir().'/satchel-run-'.bin2hex(random_bytes(5));
        mkdir($folder.'/views', 0777, true);
        touch($folder.'/satchel.sqlite');
        $port = self::freePort();
        $satchel = new self($folder, "http://127.0.0.1:{$port}", $port, $server, $network, self::freePort());
        register_shutdown_function($satchel->stop(...));
        $satchel->artisan('satchel:demo-data');
        $satchel->startServer();
        $satchel->spawn(['php', 'artisan', 'queue:work', '--sleep=0.2', '--tries=1', '--timeout=0'], 'queue');

        return $satchel;
    }

    public function startServer(): void
    {
        $network = $this->network === '' ? [] : [$this->network, (string) $this->tlsPort];
        $this->run('bin/server', 'start', $this->folder, (string) $this->port, ...$network);
    }

    /** Takes the web server away, as a lost network does. */
    public function stopServer(): void
    {
        $this->run('bin/server', 'stop', $this->folder);
    }

    public function stop(): void
    {
        if (! is_dir($this->folder)) {
            return;
        }
        $this->stopServer();
        $this->kill('queue');
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function certificate(): string
    {
        return $this->network === '' ? '' : "{$this->folder}/caddy/pki/authorities/local/root.crt";
    }

    public function artisan(string ...$arguments): string
    {
        return $this->run('php', 'artisan', ...$arguments);
    }

    /** @throws \RuntimeException with what the command said, when it fails */
    private function run(string ...$words): string
    {
        $out = [];
        $command = implode(' ', array_map(escapeshellarg(...), $words));
        $set = '';
        foreach ($this->environment() as $name => $value) {
            $set .= "{$name}=".escapeshellarg($value).' ';
        }
        exec('cd '.escapeshellarg(self::root())." && {$set} {$command} 2>&1", $out, $exit);
        if ($exit !== 0) {
            throw new \RuntimeException(implode("\n", $out));
        }

        return implode("\n", $out);
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'APP_ENV' => 'production',
            'APP_DEBUG' => 'false',
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('s', 32)),
            'APP_URL' => $this->url,
            'DB_DATABASE' => $this->folder.'/satchel.sqlite',
            'SATCHEL_STANDINS' => $this->folder.'/standins',
            'SATCHEL_PICTURES' => $this->folder.'/pictures',
            'SATCHEL_DEMO' => 'true',
            'SATCHEL_CACHE' => $this->folder.'/kept',
            'SESSION_DRIVER' => 'file',
            'CACHE_STORE' => 'file',
            'QUEUE_CONNECTION' => 'database',
            'LOG_CHANNEL' => 'single',
            'BCRYPT_ROUNDS' => '4',
            'VIEW_COMPILED_PATH' => $this->folder.'/views',
            'PHP_CLI_SERVER_WORKERS' => '4',
            'SATCHEL_HOSTS' => $this->network,
            'SATCHEL_LAN_URL' => $this->network === '' ? '' : "https://{$this->network}:{$this->tlsPort}",
            'SATCHEL_CERTIFICATE' => $this->certificate(),
            'SATCHEL_SERVER' => $this->server === 'plain' ? 'php' : $this->server,
            'SATCHEL_PHP_FLAGS' => $this->server === 'plain' ? '-d opcache.enable=0' : '',
        ];
    }

    /** @param  list<string>  $command */
    private function spawn(array $command, string $name): void
    {
        $pipes = [];
        $log = ['file', "{$this->folder}/{$name}.log", 'a'];
        // setsid makes a group of it, so that the server's workers end with it
        $process = proc_open(['setsid', '--wait', ...$command], [['file', '/dev/null', 'r'], $log, $log], $pipes, self::root(), [
            ...getenv(),
            ...$this->environment(),
        ]);
        if (! is_resource($process)) {
            throw new \RuntimeException("{$name} did not start.");
        }
        $this->processes[$name] = $process;
    }

    private function kill(string $name): void
    {
        if (! isset($this->processes[$name])) {
            return;
        }
        $pid = proc_get_status($this->processes[$name])['pid'];
        exec("pkill -KILL -P {$pid}; for p in \$(pgrep -P {$pid}); do kill -KILL -- -\$p; done 2>/dev/null");
        proc_terminate($this->processes[$name], SIGKILL);
        proc_close($this->processes[$name]);
        unset($this->processes[$name]);
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new \RuntimeException('No free port.');
        }
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }
}
