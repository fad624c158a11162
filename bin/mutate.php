<?php

declare(strict_types=1);

/*
 * Small faults put into the rules of the job, one at a time: do the tests notice? Seeded, so that the same faults come again. In
 * a copy of the project; of each fault the test files that name its class are run, and where those let it pass the tests of its phase.
 *
 * ./satchel mutate [--count 300] [--seed 1] [--in core/Kit] [--near, for the tests that name the class alone]
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
const LONGEST_S = 240;
const MOST_FILES = 6;

$option = static function (string $name, string $default) use ($argv): string {
    $at = array_search("--{$name}", $argv, true);

    return $at === false ? $default : $argv[$at + 1];
};
$isNear = in_array('--near', $argv, true);
[$count, $seed, $in] = [(int) $option('count', '300'), (int) $option('seed', '1'), $option('in', '')];
$random = new Randomizer(new Mt19937($seed));
$root = dirname(__DIR__);
$at = sys_get_temp_dir().'/satchel-mutants-'.getmypid();
copyProject($root, $at);
$faults = [];
foreach (array_filter(explode("\n", (string) shell_exec("cd {$at} && git ls-files core"))) as $file) {
    $isWanted = array_filter($in === '' ? ROOMS : [$in], static fn (string $room): bool => str_starts_with($file, $room)) !== [];
    foreach ($isWanted ? faults((string) file_get_contents("{$at}/{$file}")) : [] as $fault) {
        $faults[] = [$file, ...$fault];
    }
}
$chosen = array_slice($random->shuffleArray($faults), 0, $count);
printf("%d faults can be made, %d are tried (seed %d).\n", count($faults), count($chosen), $seed);
$alive = $untested = 0;
if ($chosen !== [] && runTests($at, testsOf($at, basename($chosen[0][0], '.php')) ?: ['tests/Core/Time']) !== 0) {
    exit("The tests do not pass without any fault: nothing can be said.\n");
}
foreach ($chosen as $number => [$file, $from, $to, $new, $line]) {
    $code = (string) file_get_contents("{$at}/{$file}");
    $tests = testsOf($at, basename($file, '.php')) ?: glob("{$at}/tests/Core/".explode('/', $file)[1].'/*Test.php') ?: [];
    if ($tests === []) {
        $untested++;
        echo "no test names it: {$file}\n";

        continue;
    }
    file_put_contents("{$at}/{$file}", substr($code, 0, $from).$new.substr($code, $to));
    $exit = runTests($at, $tests);
    // What the nearest tests let pass, those of the phase may notice.
    foreach ($exit === 0 && ! $isNear ? roomsOf($file) : [] as $room) {
        $exit = $exit === 0 ? runTests($at, [$room]) : $exit;
    }
    file_put_contents("{$at}/{$file}", $code);
    if ($exit === 0) {
        $alive++;
        printf("alive: %s:%d  %s  ->  %s\n", $file, $line, trim(substr($code, $from, $to - $from)), $new);
    }
    fwrite(STDERR, sprintf("\r%d of %d, %d alive ", $number + 1, count($chosen), $alive));
}
exec('rm -rf '.escapeshellarg($at));
$tried = count($chosen) - $untested;
printf(
    "%d tried, %d alive (%.1f %%; wanted: at most one in ten), %d in classes that no test names.\n",
    $tried,
    $alive,
    (100 * $alive) / max(1, $tried),
    $untested,
);
exit($alive + $untested <= 0.1 * count($chosen) ? 0 : 1);

/** The files that are under version, with the packages of this copy. */
function copyProject(string $root, string $at): void
{
    exec('git clone -q '.escapeshellarg($root).' '.escapeshellarg($at));
    exec(
        "mkdir -p {$at}/vendor {$at}/bootstrap/cache && cp ".
            "-r {$root}/vendor/composer {$root}/vendor/autoload.php {$root}/vendor/phpunit {$at}/vendor/",
    );
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
    // How strictly words of one type are compared, and keys that are thrown away, nobody can notice.
    $idle = [];
    $tree = (new ParserFactory())->createForHostVersion()->parse($code) ?? [];
    foreach ((new NodeFinder())->findInstanceOf($tree, Node\Expr\FuncCall::class) as $call) {
        if ($call->name instanceof Node\Name && in_array($call->name->toString(), STRICT, true) && ! $call->isFirstClassCallable()) {
            $flag = $call->args[2] ?? ($call->name->toString() === 'iterator_to_array' ? $call->args[1] ?? null : null);
            $idle[$flag?->getStartFilePos() ?? -1] = true;
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
            $faults[] = [$node->getStartFilePos(), $node->getEndFilePos() + 1, (string) ($node->value + 1), $line];
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

/** @return list<string> test files that name a class, those with fewest words first */
function testsOf(string $at, string $class): array
{
    exec('cd '.escapeshellarg($at).' && grep -lw -r '.escapeshellarg($class).' tests/Core', $files);
    $tests = array_values(array_filter($files, static fn (string $f): bool => str_ends_with($f, 'Test.php')));
    usort($tests, static fn (string $a, string $b): int => filesize("{$at}/{$a}") <=> filesize("{$at}/{$b}"));

    return array_slice($tests, 0, MOST_FILES);
}

/** @return list<string> folders of tests that go through the pages of a phase */
function roomsOf(string $file): array
{
    return match (explode('/', $file)[1]) {
        'Cards' => ['tests/Core/Cards', 'tests/App/Cards', 'tests/App/Copies'],
        'Copies' => ['tests/Core/Copies', 'tests/App/Copies'],
        'Kit' => ['tests/Core/Kit', 'tests/App/Kit'],
        'Plan' => ['tests/Core/Plan', 'tests/App/Plan'],
        'People' => ['tests/Core/People', 'tests/App/People'],
        default => ['tests/App/Taps'],
    };
}

/** @param  list<string>  $tests */
function runTests(string $at, array $tests): int
{
    $words = implode(' ', array_map(escapeshellarg(...), $tests));
    exec(
        'cd '.
            escapeshellarg($at).
            ' && timeout '.
            LONGEST_S.
            " bin/phpunit --no-output --do-not-cache-result --stop-on-failure --stop-on-error {$words} >/dev/null 2>&1",
        $out,
        $exit,
    );

    return $exit;
}
