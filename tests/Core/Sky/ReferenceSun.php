<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

/** The reference library astronomy-engine, run by node. */
final class ReferenceSun
{
    /**
     * @param  list<array<string, mixed>>  $questions
     * @return list<mixed>
     */
    public static function ask(array $questions): array
    {
        $pipes = [];
        $process = proc_open(
            ['node', __DIR__.'/reference-sun.cjs'],
            [['pipe', 'r'], ['pipe', 'w'], ['file', 'php://stderr', 'w']],
            $pipes,
            dirname(__DIR__, 3),
        );
        if (! is_resource($process)) {
            throw new \RuntimeException('node could not be started.');
        }
        fwrite($pipes[0], json_encode($questions, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        if (proc_close($process) !== 0) {
            throw new \RuntimeException('The reference library failed.');
        }

        return json_decode($out, true, 8, JSON_THROW_ON_ERROR);
    }
}
