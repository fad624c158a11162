<?php

declare(strict_types=1);

namespace Tests\Support;

/** Runs ./satchel as a person would, and looks at all three: output, errors, exit. */
trait CommandLine
{
    /**
     * @param  list<string>  $arguments
     * @return array{out: string, err: string, exit: int}
     */
    protected function satchel(array $arguments, string $input = ''): array
    {
        $pipes = [];
        $process = proc_open(
            [dirname(__DIR__, 2).'/satchel', ...$arguments],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
        );
        self::assertIsResource($process);
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $err = (string) stream_get_contents($pipes[2]);

        return ['out' => $out, 'err' => $err, 'exit' => proc_close($process)];
    }

    /**
     * @param  array<string, mixed>  $input
     * @return array<string, mixed>
     */
    protected function compute(string $topic, array $input): array
    {
        $run = $this->satchel(['compute', $topic], json_encode($input, JSON_THROW_ON_ERROR));
        self::assertSame(0, $run['exit'], $run['err']);
        self::assertSame('', $run['err']);

        return json_decode($run['out'], true, 64, JSON_THROW_ON_ERROR);
    }
}
