<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;

/** Starts programs in process groups of their own and ends them with everything they started. */
final class Processes
{
    private const PATIENCE_SECONDS = 20;

    /** @var list<resource> */
    private array $running = [];

    /** @var list<int> */
    private array $groups = [];

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new RuntimeException('No free port on 127.0.0.1.');
        }
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    /**
     * @param list<string> $command
     * @param array<string, string> $environment added to ours
     */
    public function start(array $command, int $port, array $environment, string $log): void
    {
        $process = proc_open(
            ['setsid', ...$command],
            [['file', '/dev/null', 'r'], ['file', $log, 'a'], ['file', $log, 'a']],
            $pipes,
            dirname(__DIR__, 3),
            [...getenv(), ...$environment],
        );
        if ($process === false) {
            throw new RuntimeException('Cannot start '.implode(' ', $command));
        }
        $this->running[] = $process;
        $this->groups[] = proc_get_status($process)['pid'];
        $deadline = microtime(true) + self::PATIENCE_SECONDS;
        while (@fsockopen('127.0.0.1', $port) === false) {
            if (microtime(true) > $deadline) {
                $this->stop();
                throw new RuntimeException(implode(' ', $command).' does not answer: '.file_get_contents($log));
            }
            usleep(50_000);
        }
    }

    public function stop(): void
    {
        foreach ($this->groups as $group) {
            posix_kill(-$group, SIGTERM);
        }
        foreach ($this->running as $process) {
            proc_close($process);
        }
        $this->groups = $this->running = [];
    }
}
