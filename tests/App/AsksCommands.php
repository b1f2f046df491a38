<?php

declare(strict_types=1);

namespace Tests\App;

/** Commands as a painter's script runs them: a process of their own, without a database. */
trait AsksCommands
{
    /** @return array{int, string, string} exit code, standard output, standard error */
    private function performed(string $command): array
    {
        $process = proc_open(
            sprintf('exec %s %s %s', escapeshellarg(PHP_BINARY), escapeshellarg(base_path('artisan')), $command),
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
            sys_get_temp_dir(),
            ['PATH' => (string) getenv('PATH'), 'APP_ENV' => 'production', 'DB_DATABASE' => '/nowhere/none.sqlite'],
        );
        self::assertIsResource($process);
        $out = (string) stream_get_contents($pipes[1]);
        $problem = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $problem];
    }

    private function file(string $contents): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'asked');
        file_put_contents($file, $contents);

        return $file;
    }
}
