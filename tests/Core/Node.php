<?php

declare(strict_types=1);

namespace Tests\Core;

use RuntimeException;

/** Asks an independent program of the npm registry: one line in, one JSON line out. */
final class Node
{
    /**
     * @param list<string> $lines
     *
     * @return list<list<float>>
     */
    public static function ask(string $script, array $lines): array
    {
        $process = proc_open(['node', $script], [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes, dirname(__DIR__, 2));
        if (!is_resource($process)) {
            throw new RuntimeException('node does not start');
        }
        fwrite($pipes[0], implode("\n", $lines)."\n");
        fclose($pipes[0]);
        $answers = array_filter(explode("\n", (string) stream_get_contents($pipes[1])));
        proc_close($process);

        return array_values(array_map(static fn (string $line): array => json_decode($line, true, 4, JSON_THROW_ON_ERROR), $answers));
    }
}
