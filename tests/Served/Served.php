<?php

declare(strict_types=1);

namespace Tests\Served;

use RuntimeException;
use Tests\Clock;
use Tests\SampleTemplate;

/** The application served as bin/demo serves it, on a database of its own, asked from the same machine. */
final class Served
{
    private string $folder;
    /** @var resource */
    private $server;
    private Visitor $own;

    public function __construct(private readonly int $port)
    {
        $this->folder = sys_get_temp_dir().'/kalokroma-benchmark-'.getmypid();
        mkdir($this->folder);
        SampleTemplate::copyTo($this->folder);
        $this->server = $this->start();
        $this->own = $this->visitor();
    }

    public function __destruct()
    {
        posix_kill(-proc_get_status($this->server)['pid'], SIGTERM);
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function database(): string
    {
        return $this->folder.'/workshop.sqlite';
    }

    /** Another browser at the same application, signed in to the sample workshop. */
    public function visitor(): Visitor
    {
        return new Visitor('http://127.0.0.1:'.$this->port);
    }

    public function signIn(): void
    {
        $this->own->signIn();
    }

    /**
     * @param array<string, mixed>|null $body
     *
     * @return array{float, int, array<string, mixed>} milliseconds, queries it took (as the server counts them), the answer
     */
    public function ask(string $method, string $path, ?array $body = null): array
    {
        $answer = $this->own->ask($method, $path, $body);
        if ($answer['status'] >= 400 || $answer['status'] === 0) {
            throw new RuntimeException("$method $path answered {$answer['status']}: ".json_encode($answer['body']));
        }

        return [$answer['ms'], $answer['queries'], $answer['body']];
    }

    /** @return resource */
    private function start()
    {
        $server = proc_open(
            ['setsid', 'php', 'artisan', 'serve', '--no-reload', '--quiet', '--host=127.0.0.1', '--port='.$this->port],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
            dirname(__DIR__, 2),
            $this->environment(),
        );
        if ($server === false) {
            throw new RuntimeException('The server could not be started.');
        }
        for ($i = 0; $i < 100 && @fsockopen('127.0.0.1', $this->port) === false; ++$i) {
            usleep(100_000);
        }

        return $server;
    }

    /** A script of the project, on this database. */
    public function php(string $script, string $arguments): void
    {
        $root = dirname(__DIR__, 2);
        $quiet = [1 => ['file', '/dev/null', 'w']];
        $process = proc_open('php '.$script.' '.$arguments, $quiet, $pipes, $root, $this->environment());
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException($script.' '.$arguments.' failed.');
        }
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [...getenv(), ...[
            'APP_ENV' => 'production',
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)),
            'SESSION_DRIVER' => 'file',
            'CACHE_STORE' => 'file',
            'CACHE_PATH' => $this->folder.'/cache',
            'DB_DATABASE' => $this->database(),
            'KALOKROMA_DEMO' => 'true',
            'KALOKROMA_COUNT_QUERIES' => 'true',
            'PHP_CLI_SERVER_WORKERS' => '4',
        ], ...SampleTemplate::compiled(), ...Clock::environment()];
    }
}
