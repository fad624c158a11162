<?php

declare(strict_types=1);

/*
 * Small faults put into the rules of the job, one at a time: do the tests notice? Seeded, so that the same faults come again. In copies
 * of the project, one a processor; of each fault those tests are run that go through its line (by pcov, or a map of before) and those
 * that name its class, the quick ones first. Numbers of 100 and more become a tenth more, smaller ones one more; drawings are left out, for
 * a pixel is no rule.
 *
 * ./satchel mutate [--count 300] [--seed 1] [--in core/Kit] [--map FILE, kept from a run before] [--newer tests/Core/…,… than the map]
 * [--keep-map FILE] [--jobs 2] [--again FILE, what a run before said: only what was alive there]
 */

use PhpParser\Node;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use Random\Engine\Mt19937;
use Random\Randomizer;

require dirname(__DIR__).'/vendor/autoload.php';

const ROOMS = [
    'core/Cards', 'core/Copies', 'core/Kit', 'core/People/Calling.php', 'core/Plan/Judge', 'core/Plan/Light',
    'core/Day', 'core/Taps',
];
const STRICT = ['in_array', 'array_search', 'array_keys', 'iterator_to_array'];
const QUICK_S = 3.0;
const LONGEST_S = 120.0;
const MOST_TESTS = 700;
const ONE_MORE_BELOW = 100;

const OPTIONS = ['count', 'seed', 'in', 'map', 'newer', 'keep-map', 'jobs', 'again'];

foreach (preg_grep('/^-/', array_slice($argv, 1)) ?: [] as $at => $given) {
    if (! in_array(ltrim($given, '-'), OPTIONS, true)) {
        fwrite(STDERR, "{$given} is not known; known are --".implode(', --', OPTIONS).".\n");
        exit(2);
    }
    if (str_starts_with($argv[$at + 2] ?? '-', '-')) {
        fwrite(STDERR, "{$given} wants something after it.\n");
        exit(2);
    }
}

$option = static function (string $name, string $default) use ($argv): string {
    $at = array_search("--{$name}", $argv, true);

    return $at === false ? $default : $argv[$at + 1];
};
[$count, $seed, $in] = [(int) $option('count', '300'), (int) $option('seed', '1'), $option('in', '')];
$jobs = max(1, (int) $option('jobs', trim((string) shell_exec('nproc'))));
$root = dirname(__DIR__);
$base = sys_get_temp_dir().'/satchel-mutants-'.getmypid();
$copies = array_map(static fn (int $job): string => "{$base}-{$job}", range(1, $jobs));
array_map(static fn (string $at) => copyProject($root, $at), $copies);
$known = $option('map', '') === '' ? [[], []] : (array) unserialize((string) file_get_contents($option('map', '')));
$map = mapOf($copies[0], $known, $option('map', '') === '' ? ['tests/Core', 'tests/App'] : array_filter(explode(',', $option('newer', ''))));
if ($option('keep-map', '') !== '') {
    file_put_contents($option('keep-map', ''), serialize($map));
}
$faults = [];
foreach (array_filter(explode("\n", (string) shell_exec("cd {$copies[0]} && git ls-files core"))) as $file) {
    $isWanted = array_filter($in === '' ? ROOMS : explode(',', $in), static fn (string $room): bool => str_starts_with($file, $room)) !== [];
    $isWanted = $isWanted && preg_match('/Drawing|Drawn|Ruler/', basename($file)) !== 1;
    foreach ($isWanted ? faults((string) file_get_contents("{$copies[0]}/{$file}")) : [] as $fault) {
        $faults[] = [$file, ...$fault];
    }
}
if ($option('again', '') !== '') {
    $before = (string) file_get_contents($option('again', ''));
    $faults = array_filter($faults, static fn (array $f): bool => str_contains($before, "{$f[0]}:{$f[4]}  "));
}
$chosen = array_slice((new Randomizer(new Mt19937($seed)))->shuffleArray($faults), 0, $count);
printf("%d faults can be made, %d are tried (seed %d).\n", count($faults), count($chosen), $seed);
foreach ($copies as $job => $at) {
    if (pcntl_fork() === 0) {
        $alive = 0;
        foreach ($chosen as $number => $fault) {
            $alive += $number % $jobs === $job && isAlive($at, $fault, $map) ? 1 : 0;
            $number % $jobs === $job && fwrite(STDERR, "\r".($number + 1).' ');
        }
        file_put_contents("{$at}.alive", (string) $alive);
        exit(0);
    }
}
while (pcntl_wait($status) > 0);
$alive = array_sum(array_map(static fn (string $at): int => (int) @file_get_contents("{$at}.alive"), $copies));
exec("rm -rf {$base}-*");
printf("%d tried, %d alive (%.1f %%; wanted: at most one in ten).\n", count($chosen), $alive, (100 * $alive) / max(1, count($chosen)));
exit($alive <= 0.1 * count($chosen) ? 0 : 1);

/**
 * @param  array{string, int, int, string, int}  $fault
 * @param  array{list<array{string, string, float}>, array<string, array<int, array<int, true>>>}  $map
 */
function isAlive(string $at, array $fault, array $map): bool
{
    [$file, $from, $to, $new, $line] = $fault;
    $code = (string) file_get_contents("{$at}/{$file}");
    file_put_contents("{$at}/{$file}", substr($code, 0, $from).$new.substr($code, $to));
    [$tests, $lines] = $map;
    // Lines that nothing runs through, such as those of constants, are of the whole file.
    $through = $lines[$file][$line] ?? array_replace([], ...array_values($lines[$file] ?? []));
    $through = array_values(array_intersect_key($tests, $through));
    usort($through, static fn (array $a, array $b): int => $a[2] <=> $b[2]);
    $quick = $slow = [];
    $seconds = 0.0;
    foreach (array_slice($through, 0, MOST_TESTS) as $test) {
        $seconds += $test[2];
        if ($seconds <= QUICK_S) {
            $quick[] = $test;
        } elseif ($seconds <= LONGEST_S) {
            $slow[] = $test;
        }
    }
    $isFound = runTests($at, $quick) || runNaming($at, basename($file, '.php')) || runTests($at, $slow);
    file_put_contents("{$at}/{$file}", $code);
    if (! $isFound) {
        $none = $through === [] ? '  (no test goes there)' : '';
        printf("alive: %s:%d  %s  ->  %s%s\n", $file, $line, trim(substr($code, $from, $to - $from)), $new, $none);
    }

    return ! $isFound;
}

/**
 * @param  array{list<array{string, string, float}>, array<string, array<int, array<int, true>>>}  $known
 * @param  array<string>  $rooms
 * @return array{list<array{string, string, float}>, array<string, array<int, array<int, true>>>} tests, and which go through each line
 */
function mapOf(string $at, array $known, array $rooms): array
{
    [$tests, $lines] = $known;
    foreach ($rooms as $room) {
        fwrite(STDERR, "Which tests of {$room} go through which line …\n");
        exec(
            "cd {$at} && SATCHEL_COVERAGE_MAP={$at}.map php -d extension=pcov.so -d pcov.enabled=1 -d pcov.directory={$at}/core ".
                "vendor/phpunit/phpunit/phpunit --no-output --do-not-cache-result --extension 'Tests\\Support\\CoverageMap' {$room} 2>&1",
            $out,
            $exit,
        );
        if ($exit !== 0) {
            exit("The tests do not pass without any fault: nothing can be said.\n");
        }
        [$more, $through] = (array) unserialize((string) file_get_contents("{$at}.map"));
        foreach ($through as $file => $of) {
            foreach ($of as $line => $numbers) {
                foreach (array_keys($numbers) as $number) {
                    $lines[$file][$line][count($tests) + $number] = true;
                }
            }
        }
        $tests = [...$tests, ...$more];
    }

    return [$tests, $lines];
}

/** The files that are under version, with the packages of this copy and what was built for it. */
function copyProject(string $root, string $at): void
{
    exec('git clone -q '.escapeshellarg($root).' '.escapeshellarg($at));
    exec(
        "mkdir -p {$at}/vendor {$at}/bootstrap/cache && cp ".
            "-r {$root}/vendor/composer {$root}/vendor/autoload.php {$root}/vendor/phpunit {$at}/vendor/",
    );
    foreach (['node_modules', 'public/build', 'public/day-worker.js', 'storage/app/gazetteer.sqlite'] as $built) {
        file_exists("{$root}/{$built}") && symlink("{$root}/{$built}", "{$at}/{$built}");
    }
    foreach (glob("{$root}/vendor/*", GLOB_ONLYDIR) ?: [] as $package) {
        if (! file_exists("{$at}/vendor/".basename($package))) {
            symlink($package, "{$at}/vendor/".basename($package));
        }
    }
}

/** @return list<array{int, int, string, int}> where from, where to, what instead, in which line */
function faults(string $code): array
{
    $faults = [];
    // How strictly words of one type are compared, keys that are thrown away, and what a mark in a set holds, nobody can notice.
    $idle = [];
    $tree = (new ParserFactory())->createForHostVersion()->parse($code) ?? [];
    foreach ((new NodeFinder())->findInstanceOf($tree, Node\Expr\FuncCall::class) as $call) {
        if ($call->name instanceof Node\Name && in_array($call->name->toString(), STRICT, true) && ! $call->isFirstClassCallable()) {
            $flag = $call->args[2] ?? ($call->name->toString() === 'iterator_to_array' ? $call->args[1] ?? null : null);
            $idle[$flag?->getStartFilePos() ?? -1] = true;
        }
    }
    foreach ((new NodeFinder())->findInstanceOf($tree, Node\Expr\Assign::class) as $mark) {
        // A mark in a set: that its key is there is what counts.
        if ($mark->var instanceof Node\Expr\ArrayDimFetch && $mark->expr instanceof Node\Expr\ConstFetch) {
            $idle[$mark->expr->getStartFilePos()] = strtolower($mark->expr->name->toString()) === 'true' ?: null;
        }
    }
    $swaps = [
        BinaryOp\Greater::class => '>=',
        BinaryOp\GreaterOrEqual::class => '>',
        BinaryOp\Smaller::class => '<=',
        BinaryOp\SmallerOrEqual::class => '<',
        BinaryOp\Identical::class => '!==',
        BinaryOp\NotIdentical::class => '===',
        BinaryOp\Plus::class => '-',
        BinaryOp\Minus::class => '+',
        BinaryOp\BooleanAnd::class => '||',
        BinaryOp\BooleanOr::class => '&&',
        BinaryOp\Mul::class => '/',
    ];
    foreach (
        (new NodeFinder())->find($tree, static fn (Node $n): bool => true) as $node
    ) {
        if (isset($idle[$node->getStartFilePos()])) {
            continue;
        }
        $line = $node->getStartLine();
        if ($node instanceof BinaryOp && isset($swaps[$node::class])) {
            [$from, $to] = [$node->left->getEndFilePos() + 1, $node->right->getStartFilePos()];
            $between = substr($code, $from, $to - $from);
            // Brackets and comments between the two stay as they are.
            if (preg_match('/^\s*'.preg_quote($node->getOperatorSigil(), '/').'\s*$/', $between) === 1) {
                $faults[] = [$from, $to, str_replace($node->getOperatorSigil(), $swaps[$node::class], $between), $line];
            }
        }
        if ($node instanceof Node\Scalar\Int_ && $node->value < 10_000) {
            $more = $node->value < ONE_MORE_BELOW ? $node->value + 1 : (int) ceil(1.1 * $node->value);
            $faults[] = [$node->getStartFilePos(), $node->getEndFilePos() + 1, (string) $more, $line];
        }
        if ($node instanceof Node\Expr\BooleanNot) {
            $faults[] = [$node->getStartFilePos(), $node->expr->getStartFilePos(), '', $line];
        }
        if ($node instanceof Node\Expr\ConstFetch && in_array(strtolower($node->name->toString()), ['true', 'false'], true)) {
            $faults[] = [
                $node->getStartFilePos(),
                $node->getEndFilePos() + 1,
                strtolower($node->name->toString()) === 'true' ? 'false' : 'true',
                $line,
            ];
        }
        if ($node instanceof Node\Expr\New_ && $node->class instanceof Node\Name && $node->class->getLast() === 'Remedy') {
            $faults[] = [$node->getStartFilePos(), $node->getEndFilePos() + 1, 'null', $line];
        }
    }

    return $faults;
}

/** Tests of today that name the class: a map of before knows nothing of the newest. */
function runNaming(string $at, string $class): bool
{
    exec("cd {$at} && grep -lw -r ".escapeshellarg($class).' tests/Core', $files);

    return runFiles($at, array_values(array_filter($files, static fn (string $f): bool => str_ends_with($f, 'Test.php'))), '');
}

/** @param  list<array{string, string, float}>  $tests */
function runTests(string $at, array $tests): bool
{
    $files = array_values(array_unique(array_column($tests, 0)));
    $there = array_values(array_filter($files, static fn (string $file): bool => file_exists("{$at}/{$file}")));

    return runFiles($at, $there, '/::('.implode('|', array_unique(array_column($tests, 1))).')( |$)/');
}

/**
 * @param  list<string>  $files
 * @return bool whether one of them fails
 */
function runFiles(string $at, array $files, string $filter): bool
{
    if ($files === []) {
        return false;
    }
    $words = implode(' ', array_map(escapeshellarg(...), $files)).($filter === '' ? '' : ' --filter '.escapeshellarg($filter));
    exec(
        "cd {$at} && timeout ".(2 * LONGEST_S).
            " bin/phpunit --no-output --do-not-cache-result --stop-on-failure --stop-on-error {$words} >/dev/null 2>&1",
        $out,
        $exit,
    );

    return $exit !== 0;
}
