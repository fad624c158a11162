<?php

declare(strict_types=1);

namespace Tests\Support;

use PHPUnit\Event\Code\TestMethod;
use PHPUnit\Event\Test\Finished;
use PHPUnit\Event\Test\FinishedSubscriber;
use PHPUnit\Event\Test\PreparationStarted;
use PHPUnit\Event\Test\PreparationStartedSubscriber;
use PHPUnit\Event\TestRunner\ExecutionFinished;
use PHPUnit\Event\TestRunner\ExecutionFinishedSubscriber;
use PHPUnit\Runner\Extension\Extension;
use PHPUnit\Runner\Extension\Facade;
use PHPUnit\Runner\Extension\ParameterCollection;
use PHPUnit\TextUI\Configuration\Configuration;

/**
 * Which tests run through which line of the core, for `bin/mutate.php`: written as a serialized list of tests (file, method, seconds) and, by
 * file and line, the numbers of those that went there. Wants the extension pcov.
 */
final class CoverageMap implements Extension
{
    /** @var array<string, array{string, string, float}> */
    private array $tests = [];

    /** @var array<string, array<int, array<int, true>>> */
    private array $lines = [];

    private float $began = 0.0;

    public function bootstrap(Configuration $configuration, Facade $facade, ParameterCollection $parameters): void
    {
        $facade->registerSubscriber(new class($this) implements PreparationStartedSubscriber
        {
            public function __construct(private readonly CoverageMap $map) {}

            public function notify(PreparationStarted $event): void
            {
                $this->map->begin();
            }
        });
        $facade->registerSubscriber(new class($this) implements FinishedSubscriber
        {
            public function __construct(private readonly CoverageMap $map) {}

            public function notify(Finished $event): void
            {
                if ($event->test() instanceof TestMethod) {
                    $this->map->note($event->test());
                }
            }
        });
        $facade->registerSubscriber(new class($this) implements ExecutionFinishedSubscriber
        {
            public function __construct(private readonly CoverageMap $map) {}

            public function notify(ExecutionFinished $event): void
            {
                $this->map->write();
            }
        });
    }

    public function begin(): void
    {
        $this->began = microtime(true);
        \pcov\clear();
        \pcov\start();
    }

    public function write(): void
    {
        file_put_contents((string) getenv('SATCHEL_COVERAGE_MAP'), serialize([array_values($this->tests), $this->lines]));
    }

    public function note(TestMethod $test): void
    {
        \pcov\stop();
        $root = dirname(__DIR__, 2).'/';
        $key = "{$test->file()}::{$test->methodName()}";
        $this->tests[$key] ??= [substr($test->file(), strlen($root)), $test->methodName(), 0.0];
        $this->tests[$key][2] += microtime(true) - $this->began;
        $number = array_search($key, array_keys($this->tests), true);
        foreach (\pcov\collect(\pcov\all) as $file => $lines) {
            $name = substr($file, strlen($root));
            foreach ($lines as $line => $hits) {
                if ($hits > 0) {
                    $this->lines[$name][$line][$number] = true;
                }
            }
        }
    }
}
