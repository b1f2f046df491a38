<?php

declare(strict_types=1);

namespace Benchmarks;

use RuntimeException;

/** The application served as bin/demo serves it, on a database of its own, asked by one client on the same machine. */
final class Served
{
    private string $folder;
    /** @var resource */
    private $server;
    private string $cookies = '';
    private string $token = '';

    public function __construct(private readonly int $port)
    {
        $this->folder = sys_get_temp_dir().'/kalokroma-benchmark-'.getmypid();
        mkdir($this->folder);
        touch($this->database());
        $this->artisan('migrate --force --quiet');
        $this->artisan('kalokroma:demo');
        $this->server = $this->start();
    }

    public function __destruct()
    {
        posix_kill(-proc_get_status($this->server)['pid'], SIGTERM);
        array_map(unlink(...), glob($this->folder.'/*') ?: []);
        rmdir($this->folder);
    }

    public function database(): string
    {
        return $this->folder.'/workshop.sqlite';
    }

    public function signIn(): void
    {
        $this->ask('GET', '/');
        $this->ask('POST', '/api/session/sample', []);
    }

    /**
     * @param array<string, mixed>|null $body
     *
     * @return array{float, int, array<string, mixed>} milliseconds, queries it took (as the server counts them), the answer
     */
    public function ask(string $method, string $path, ?array $body = null): array
    {
        $curl = curl_init('http://127.0.0.1:'.$this->port.$path);
        $headers = ['Accept: application/json', 'Content-Type: application/json', 'Cookie: '.$this->cookies, 'X-XSRF-TOKEN: '.$this->token];
        $queries = 0;
        curl_setopt_array($curl, [
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 30,
            CURLOPT_HTTPHEADER => $headers,
            CURLOPT_HEADERFUNCTION => function ($curl, string $line) use (&$queries): int {
                $this->remember($line);
                $queries = preg_match('/^X-Queries: (\d+)/i', $line, $found) === 1 ? (int) $found[1] : $queries;

                return strlen($line);
            },
        ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => json_encode($body, JSON_THROW_ON_ERROR)]));
        $start = hrtime(true);
        $answer = (string) curl_exec($curl);
        $took = (hrtime(true) - $start) / 1e6;
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        if ($status >= 400 || $status === 0) {
            throw new RuntimeException("$method $path answered $status: ".substr($answer, 0, 300));
        }

        return [$took, $queries, (array) json_decode($answer, true)];
    }

    private function remember(string $line): void
    {
        if (preg_match('/^Set-Cookie: ([^=]+)=([^;]*)/i', $line, $found) === 1) {
            $all = array_column(
                array_map(static fn (string $c): array => explode('=', $c, 2), array_filter(explode('; ', $this->cookies))),
                1,
                0,
            );
            $all[$found[1]] = $found[2];
            $this->cookies = implode('; ', array_map(static fn (string $n, string $v): string => $n.'='.$v, array_keys($all), $all));
            $this->token = $found[1] === 'XSRF-TOKEN' ? urldecode($found[2]) : $this->token;
        }
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

    private function artisan(string $command): void
    {
        $process = proc_open('php artisan '.$command, [1 => ['file', '/dev/null', 'w']], $pipes, dirname(__DIR__, 2), $this->environment());
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException('artisan '.$command.' failed.');
        }
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [...getenv(), ...[
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)), 'KALOKROMA_DEMO' =>
                'true', 'DB_DATABASE' =>
                $this->database(), 'KALOKROMA_COUNT_QUERIES' =>
                'true',
            'PHP_CLI_SERVER_WORKERS' => '4', 'PHP_INI_SCAN_DIR' => ':'.dirname(__DIR__, 2).'/bin/php',
        ]];
    }
}
