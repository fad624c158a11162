<?php

declare(strict_types=1);

/*
 * What the core says at its edges: no array shape in a public signature, for a reader of `$x['what']` cannot know what there is
 * (exceptions stand in bin/array-shapes.txt, each with its reason); and every verdict's code stands in docs/verdicts.md.
 */

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

require dirname(__DIR__).'/vendor/autoload.php';
chdir(dirname(__DIR__));

/** @return iterable<string, list<Node\Stmt>> by path */
function parsed(string ...$folders): iterable
{
    $parser = (new ParserFactory)->createForHostVersion();
    foreach ($folders as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getExtension() === 'php') {
                yield $file->getPathname() => $parser->parse((string) file_get_contents($file->getPathname())) ?? [];
            }
        }
    }
}

/** @return list<string> class::member of what is public and told by a shape */
function shapesOf(string $class, Node\Stmt\ClassLike $node): array
{
    $found = [];
    foreach ([...$node->getMethods(), ...$node->getProperties()] as $member) {
        if ($member->isPublic() && str_contains((string) $member->getDocComment()?->getText(), 'array{')) {
            $found[] = $class.'::'.($member instanceof Node\Stmt\ClassMethod ? $member->name : '$'.$member->props[0]->name);
        }
    }

    return $found;
}

$wrong = $known = [];
foreach (file(__DIR__.'/array-shapes.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
    [$name, $reason] = array_pad(explode('  ', $line, 2), 2, '');
    $known[$name] = trim($reason);
}
$met = [];
$codes = [];
$finder = new NodeFinder;
foreach (parsed('core', 'app') as $path => $tree) {
    foreach (str_starts_with($path, 'core/') ? $finder->findInstanceOf($tree, Node\Stmt\ClassLike::class) : [] as $class) {
        foreach (shapesOf(substr($path, 5, -4), $class) as $name) {
            $met[$name] = true;
            if (($known[$name] ?? '') === '') {
                $wrong[] = "core/{$name} has an array shape in its public signature: say it in a readonly class";
            }
        }
    }
    foreach ($finder->findInstanceOf($tree, Node\Expr\StaticCall::class) as $call) {
        $isVerdict = $call->class instanceof Node\Name && $call->class->getLast() === 'Verdict';
        if ($isVerdict && $call->name instanceof Node\Identifier && in_array($call->name->name, ['stop', 'fix', 'mind', 'fine'], true)) {
            foreach ($finder->findInstanceOf([$call->args[0] ?? $call], Node\Scalar\String_::class) as $text) {
                if (preg_match('/^[a-z]+\.[a-z0-9-]+$/', $text->value) === 1) {
                    $codes[$text->value] = $path;
                }
            }
        }
    }
}
foreach (array_diff_key($known, $met) as $name => $reason) {
    $wrong[] = "{$name} has no array shape any more: take it out of bin/array-shapes.txt";
}
$told = (string) file_get_contents('docs/verdicts.md');
foreach ($codes as $code => $path) {
    if (! str_contains($told, "`{$code}`")) {
        $wrong[] = "{$code} ({$path}) is not in docs/verdicts.md";
    }
}
foreach ($wrong as $line) {
    echo $line, "\n";
}
printf("%d array shapes are known, %d codes of verdicts; %d things are wrong.\n", count($known), count($codes), count($wrong));
exit($wrong === [] ? 0 : 1);
