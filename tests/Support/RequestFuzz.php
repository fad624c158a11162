<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Well-formed requests, harmed one field at a time, from a fixed seed: the forms of every page with what they would send, every
 * other route with its parameters, and batches of taps. What is asked for is rolled back each time.
 */
final class RequestFuzz
{
    private const PAGES = [
        '/',
        '/shelf',
        '/folders',
        '/jobs/new',
        '/find?q=lake',
        '/days/%DAY%',
        '/jobs/1/brief',
        '/jobs/1/scout',
        '/jobs/1/scout?spot=1',
        '/jobs/1/plan',
        '/jobs/1/plan?rules=1',
        '/jobs/1/what-if?segment=5&late=60',
        '/jobs/1/people',
        '/jobs/1/call',
        '/jobs/1/kit',
        '/jobs/1/kit/propose',
        '/jobs/1/tests',
        '/jobs/1/light',
        '/jobs/1/pack',
        '/jobs/1/home',
        '/jobs/1/cards',
        '/jobs/1/cards/1/look',
        '/jobs/1/cards/1/permit',
        '/jobs/1/copies',
        '/jobs/1/frames',
        '/segments/5',
        '/segments/5/edit',
        '/shots/3/edit',
        '/shelf/1',
        '/groups/3/stand',
    ];

    private const ODD = [
        '',
        ' ',
        'x',
        '0',
        '-1',
        '1e308',
        '99999999999999999999',
        '0.5',
        '1,5',
        '25:61',
        '47:59',
        '48:00',
        '2026-02-30',
        '9999-12-31',
        "2026-02-1\0",
        '<script>alert(1)</script>',
        "line\r\nbreak",
        '../../etc/passwd',
        '%00',
        "\0",
        "a\0b",
        "\xFF\xFE",
        '=1+1',
        '🙂🙂',
        'null',
        '[]',
        'NaN',
        '0x1A',
        '१२',
    ];

    private const ODD_IN_PATH = [
        '%00',
        '1%00',
        '0',
        '-1',
        '99999999999999999999999',
        '9223372036854775807',
        'x',
        '1.5',
        '%FF',
        '1%2F2',
        '%F0%9F%99%82',
        '..',
        "a'b",
    ];

    private readonly \Random\Randomizer $random;

    /** @var list<array{method: string, action: string, fields: array<string, mixed>}> */
    private array $bases = [];

    /** @var array<string, int> how often each answer came */
    public array $answers = [];

    /** @var array<string, string> an example of each error of the server, by what was thrown and where */
    public array $errors = [];

    public function __construct(int $seed)
    {
        $this->random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $this->bases = [...$this->forms(), ...$this->routes()];
    }

    public function count(): int
    {
        return count($this->bases);
    }

    /** @return int how many ended in an error of the server */
    public function run(int $requests): int
    {
        $wrong = 0;
        for ($i = 0; $i < $requests; $i++) {
            $base = $this->bases[$i % count($this->bases)];
            $wrong +=
                $this->random->getInt(0, 9) === 0 && str_contains($base['action'], '/events')
                    ? $this->taps($base['action'])
                    : $this->one($base);
        }

        return $wrong;
    }

    /** @param  array{method: string, action: string, fields: array<string, mixed>}  $base */
    private function one(array $base): int
    {
        ['method' => $method, 'action' => $action, 'fields' => $fields] = $base;
        $names = array_keys($fields);
        $how = $this->random->getInt(0, 9);
        if ($how <= 1 || $names === []) {
            $action = $this->harmPath($action);
        } elseif ($how === 2) {
            $action .=
                (str_contains($action, '?') ? '&' : '?').
                $this->pick([
                    'page[]=1',
                    'at[]=x',
                    'q[a][b]=1',
                    'late[]=5',
                    'segment=x',
                    'fill[]=1',
                    'for[]=card-1',
                    'spot=%00',
                    'q=%00',
                    'q=%FF',
                    'job[]=2',
                    'day=99999999999999999999',
                    'as[]=file',
                    'school[]=x',
                    'paper[]=a4',
                ]);
        } elseif ($how === 3) {
            unset($fields[$this->pick($names)]);
        } else {
            $fields[$this->pick($names)] = $this->odd();
        }

        return $this->send($method, $action, $fields);
    }

    private function odd(): mixed
    {
        return match ($this->random->getInt(0, 6)) {
            0 => ['x'],
            1 => ['a' => ['b' => ['c' => '1']]],
            2 => str_repeat('9', $this->random->getInt(15, 400)),
            3 => str_repeat('ö', $this->random->getInt(200, 70_000)),
            default => $this->pick(self::ODD),
        };
    }

    private function harmPath(string $action): string
    {
        [$path, $query] = [...explode('?', $action, 2), null];
        $parts = explode('/', $path);
        $at = array_keys(array_filter($parts, static fn (string $p): bool => preg_match('/\d/', $p) === 1));
        $parts[$at === [] ? count($parts) - 1 : $this->pick($at)] = $this->pick(self::ODD_IN_PATH);

        return implode('/', $parts).($query === null ? '' : "?{$query}");
    }

    /** A batch of taps, one of them harmed. */
    private function taps(string $action): int
    {
        $tap = static fn (): array => [
            'id' => sprintf('%08x-0000-4000-8000-%012x', random_int(0, 0xFFFFFFFF), random_int(0, 0xFFFFFF)),
            'kind' => 'pack',
            'on' => ['job' => 1, 'item' => 1],
            'made_at' => '2026-10-01T10:00:00.000Z',
        ];
        $taps = [$tap(), $tap()];
        $taps[0]['kind'] = $this->pick(['load', 'unload', 'found', 'shot', 'pack']);
        $taps[0][$this->pick(['id', 'kind', 'on', 'made_at'])] = $this->odd();
        $response = $this->handle(
            'POST',
            $action,
            [],
            (string) json_encode(
                $this->random->getInt(0, 4) === 0
                    ? $this->odd()
                    : ['events' => $taps, 'sent_at' => $this->pick(['2026-10-01T10:00:05Z', 'x', 7])],
                JSON_INVALID_UTF8_SUBSTITUTE,
            ),
        );

        return $this->note('POST', $action, ['taps'], $response);
    }

    /** @param  array<string, mixed>  $fields */
    private function send(string $method, string $action, array $fields): int
    {
        // Names such as a[] and a[3] reach the application as lists.
        parse_str(http_build_query(array_map(static fn (mixed $v): mixed => $v ?? '', $fields)), $parsed);

        return $this->note($method, $action, $fields, $this->handle($method, $action, $parsed));
    }

    /** @param  array<mixed>  $parameters */
    private function handle(string $method, string $action, array $parameters, ?string $json = null): Response
    {
        app()->forgetScopedInstances();
        Auth::loginUsingId(1);
        $server =
            $json === null
                ? ['HTTP_REFERER' => 'http://localhost/']
                : ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'];
        $request = Request::create('http://localhost'.$action, $method, $parameters, [], [], $server, $json);
        $kernel = app(Kernel::class);
        $outside = DB::transactionLevel();
        DB::beginTransaction();
        try {
            $response = $kernel->handle($request);
            $kernel->terminate($request, $response);
        } finally {
            while (DB::transactionLevel() > $outside) {
                DB::rollBack();
            }
        }

        return $response;
    }

    /** @param  array<array-key, mixed>  $fields */
    private function note(string $method, string $action, array $fields, Response $response): int
    {
        $status = $response->getStatusCode();
        $kind = intdiv($status, 100).'xx';
        $this->answers[$kind] = ($this->answers[$kind] ?? 0) + 1;
        if ($status < 500) {
            return 0;
        }
        $thrown = $response->exception ?? null;
        $where =
            $thrown === null
                ? (string) $status
                : $thrown::class.
                    ': '.
                    substr($thrown->getMessage(), 0, 160).
                    ' at '.
                    basename($thrown->getFile()).
                    ':'.
                    $thrown->getLine();
        $this->errors[$where] ??=
            "{$method} {$action} ".substr((string) json_encode($fields, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_UNESCAPED_UNICODE), 0, 300);

        return 1;
    }

    /**
     * @return list<array{method: string, action: string, fields: array<string, mixed>}> the forms of all pages, filled in as a person
     * might
     */
    private function forms(): array
    {
        $day = (string) DB::table('jobs')->where('name', 'like', '%house%')->value('date');
        $all = [];
        foreach ([...self::PAGES, ...self::pagesOfJobs()] as $page) {
            $page = str_replace('%DAY%', $day, $page);
            $document = new \DOMDocument();
            $document->loadHTML(
                '<?xml encoding="UTF-8">'.$this->handle('GET', $page, [])->getContent(),
                LIBXML_NOERROR | LIBXML_NOWARNING,
            );
            $paths = new \DOMXPath($document);
            foreach ($document->getElementsByTagName('form') as $form) {
                $fields = [];
                foreach ($paths->query('.//input|.//select|.//textarea|.//button[@name]', $form) ?: [] as $field) {
                    if ($field instanceof \DOMElement && $field->getAttribute('name') !== '' && $field->getAttribute('type') !== 'file') {
                        $fields[$field->getAttribute('name')] = self::filledIn($field, $paths);
                    }
                }
                $method = strtoupper($fields['_method'] ?? ($form->getAttribute('method') ?: 'GET'));
                unset($fields['_token'], $fields['_method']);
                $action = $form->getAttribute('action') ?: $page;
                $all["{$method} ".preg_replace('/\d+/', 'N', $action).' '.implode(' ', array_keys($fields))] ??= [
                    'method' => $method,
                    'action' => $action,
                    'fields' => $fields,
                ];
            }
        }

        return array_values(array_filter($all, static fn (array $f): bool => $f['action'] !== '/sign-out'));
    }

    /** @return list<string> every page of a job that needs nothing more in its address, for a job of each kind */
    private static function pagesOfJobs(): array
    {
        $ids = DB::table('jobs')->groupBy('kind')->selectRaw('max(id) as id')->pluck('id')->all();
        $pages = [];
        foreach (app('router')->getRoutes()->getRoutes() as $route) {
            if ($route->methods()[0] === 'GET' && preg_match('#^jobs/\{job\}/([a-z-]+)$#', $route->uri(), $found) === 1) {
                foreach ($found[1] === 'bundle' ? [] : $ids as $id) {
                    $pages[] = "/jobs/{$id}/{$found[1]}";
                }
            }
        }

        return $pages;
    }

    private static function filledIn(\DOMElement $field, \DOMXPath $paths): string
    {
        if ($field->nodeName === 'select') {
            $chosen = $paths->query('(.//option[@selected]|.//option[@value!=""]|.//option)[1]', $field) ?: null;
            $option = $chosen?->item(0);

            return $option instanceof \DOMElement
                ? ($option->hasAttribute('value')
                    ? $option->getAttribute('value')
                    : $option->textContent)
                : '';
        }
        $value = $field->nodeName === 'textarea' ? $field->textContent : $field->getAttribute('value');

        return $value !== ''
            ? $value
            : match (true) {
                preg_match('/clock|opens|closes|covered/', $field->getAttribute('name')) === 1 => '12:30',
                preg_match('/date|_on$/', $field->getAttribute('name')) === 1 => '2027-06-12',
                preg_match('/minutes|frames|count|_mm|_m$|_g$|_deg|iso|hours|number|gb|mb|watts|copies/', $field->getAttribute('name')) ===
                    1 || $field->getAttribute('inputmode') !== '' => '3',
                preg_match('/email/', $field->getAttribute('name')) === 1 => 'me@satchel.test',
                default => 'Ove of the quarry',
            };
    }

    /** @return list<array{method: string, action: string, fields: array<string, mixed>}> every route, its parameters filled in */
    private function routes(): array
    {
        $token = str_repeat('a', 40);
        $known = [
            'job' => '1',
            'card' => '1',
            'date' => '2027-06-12',
            'token' => $token,
            'audience' => 'lead',
            'spot' => '1',
            'obstacle' => '1',
            'picture' => '1',
            'segment' => '5',
            'shot' => '3',
            'change' => '1',
            'window' => '1',
            'index' => '0',
            'group' => '3',
            'link' => '1',
            'proposal' => '1',
            'ask' => '1',
            'item' => '1',
            'destination' => '1',
            'handover' => '1',
            'frame' => '1',
            'root' => '1',
        ];
        $all = [];
        foreach (app('router')->getRoutes() as $route) {
            /** @var Route $route */
            $action = '/'.preg_replace_callback('/\{(\w+)\??\}/', static fn (array $m): string => $known[$m[1]] ?? '1', $route->uri());
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                if (! in_array($route->uri(), ['sign-out', 'up', 'storage/{path}'], true)) {
                    $all[] = [
                        'method' => $method,
                        'action' => str_replace('//', '/', $action),
                        'fields' => [
                            'name' => 'Ove',
                            'kind' => 'pack',
                            'job' => '1',
                            'item' => '1',
                            'card' => '1',
                            'segment' => '5',
                            'text' => 'Ove',
                            'words' => 'a few words of mine',
                            'minutes' => '5',
                            'people' => 'Ove',
                        ],
                    ];
                }
            }
        }

        return $all;
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
