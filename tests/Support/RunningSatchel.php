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
        $satchel->loadDemo();
        $satchel->startServer();
        $satchel->spawn(['php', 'artisan', 'queue:work', '--sleep=0.2', '--tries=1', '--timeout=0'], 'queue');

        return $satchel;
    }

    /** Told once by all who run side by side; each gets it with the names of its own folder in it, which are as long. */
    private function loadDemo(): void
    {
        // The demo counts its days where its jobs are: another midnight tells another demo.
        $today = (new \DateTimeImmutable('now', new \DateTimeZone('Europe/Stockholm')))->format('Y-m-d');
        $kept = sys_get_temp_dir().'/satchel-told-'.substr(hash('xxh128', self::root().$today), 0, 10);
        $lock = fopen("{$kept}.lock", 'c');
        if ($lock === false || ! flock($lock, LOCK_EX)) {
            throw new \RuntimeException("{$kept}.lock cannot be locked.");
        }
        $from = is_file("{$kept}/whole") ? (string) file_get_contents("{$kept}/whole") : null;
        if ($from === null || (int) filemtime("{$kept}/whole") < self::newest()) {
            $this->artisan('satchel:demo-data');
            exec('rm -rf '.escapeshellarg($kept).' && cp -a '.escapeshellarg($this->folder).' '.escapeshellarg($kept));
            file_put_contents("{$kept}/whole", $this->folder);
        } else {
            exec('cp -a '.escapeshellarg($kept).'/. '.escapeshellarg($this->folder).'/');
            $file = "{$this->folder}/satchel.sqlite";
            file_put_contents($file, str_replace($from, $this->folder, (string) file_get_contents($file)));
            $this->assertTold($file, $from);
        }
        flock($lock, LOCK_UN);
    }

    /** When the demo, or what tells it, was changed last. */
    private static function newest(): int
    {
        $newest = 0;
        foreach (['app', 'core', 'config', 'database'] as $folder) {
            $below = new \RecursiveDirectoryIterator(self::root()."/{$folder}", \FilesystemIterator::SKIP_DOTS);
            foreach (new \RecursiveIteratorIterator($below) as $file) {
                $newest = str_contains((string) $file, '.sqlite') ? $newest : max($newest, (int) $file->getMTime());
            }
        }

        return $newest;
    }

    /** @throws \RuntimeException where the database is not whole, or names the folder of another */
    private function assertTold(string $file, string $other): void
    {
        $data = new \PDO("sqlite:{$file}");
        if ($data->query('PRAGMA integrity_check')->fetchColumn() !== 'ok') {
            throw new \RuntimeException('The demo was not copied whole.');
        }
        foreach ($data->query("SELECT name FROM sqlite_master WHERE type = 'table'")->fetchAll(\PDO::FETCH_COLUMN) as $table) {
            foreach ($data->query("SELECT * FROM \"{$table}\"")->fetchAll(\PDO::FETCH_NUM) as $row) {
                if (str_contains(implode("\n", $row), $other)) {
                    throw new \RuntimeException("{$table} names the folder of another demo.");
                }
            }
        }
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

    /** Never the same twice in a process: the system may name one again as long as nobody listens there. */
    public static function freePort(): int
    {
        static $given = [];
        do {
            $socket = stream_socket_server('tcp://127.0.0.1:0');
            if ($socket === false) {
                throw new \RuntimeException('No free port.');
            }
            $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
            fclose($socket);
        } while (isset($given[$port]));
        $given[$port] = true;

        return $port;
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }
}
