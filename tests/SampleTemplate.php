<?php

declare(strict_types=1);

namespace Tests;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use RuntimeException;
use SplFileInfo;

/**
 * The sample workshop as a database of its own, loaded once for each state of the code and copied for whoever
 * needs one: loading takes seconds, and two dozen tests want it.
 */
final class SampleTemplate
{
    /** What it hangs on. */
    private const SOURCES = ['app', 'bridges', 'config', 'core', 'database'];

    private static ?string $folder = null;

    /** Puts `workshop.sqlite` into a folder; without the sample only the empty tables. */
    public static function copyTo(string $folder, bool $sample = true): void
    {
        self::$folder ??= self::made();
        copy(self::$folder.($sample ? '/workshop.sqlite' : '/empty.sqlite'), $folder.'/workshop.sqlite');
    }

    /**
     * Has a program that a test starts find its code compiled by those that were started before it.
     *
     * @return array<string, string> environment
     */
    public static function compiled(): array
    {
        $root = dirname(__DIR__);
        // By its settings: compiled code does not say with which it was made.
        $folder = $root.'/storage/framework/compiled/'.substr((string) sha1_file($root.'/bin/php/serve.ini'), 0, 12);
        is_dir($folder) || @mkdir($folder, recursive: true);

        return ['PHP_INI_SCAN_DIR' => ':'.$root.'/bin/php', 'KALOKROMA_COMPILED' => $folder];
    }

    private static function made(): string
    {
        $folder = sys_get_temp_dir().'/kalokroma-sample-'.self::fingerprint();
        $lock = fopen($folder.'.lock', 'c') ?: throw new RuntimeException('No file can be made beside '.$folder);
        flock($lock, LOCK_EX);
        if (!is_dir($folder)) {
            self::sweep();
            $making = $folder.'-making';
            exec('rm -rf '.escapeshellarg($making));
            mkdir($making);
            touch($making.'/workshop.sqlite');
            self::artisan($making, 'migrate --force');
            // A database that is closed has everything in one file.
            copy($making.'/workshop.sqlite', $making.'/empty.sqlite');
            self::artisan($making, 'kalokroma:demo');
            rename($making, $folder);
        }
        flock($lock, LOCK_UN);

        return $folder;
    }

    private static function artisan(string $folder, string $command): void
    {
        $environment = '';
        foreach ([
            'APP_ENV' => 'production', 'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)), 'SESSION_DRIVER' => 'array',
            'DB_DATABASE' => $folder.'/workshop.sqlite', 'CACHE_STORE' => 'array',
            ...self::compiled(), ...Clock::environment(),
        ] as $name => $value) {
            $environment .= $name.'='.escapeshellarg($value).' ';
        }
        exec($environment.escapeshellarg(PHP_BINARY).' '.escapeshellarg(dirname(__DIR__).'/artisan').' '.$command.' 2>&1', $said, $code);
        if ($code !== 0 || is_file($folder.'/workshop.sqlite-wal') && filesize($folder.'/workshop.sqlite-wal') > 0) {
            throw new RuntimeException('artisan '.$command.': '.implode("\n", $said));
        }
    }

    /** Of the code, and of the day: what is written down has an instant. */
    private static function fingerprint(): string
    {
        $seen = gmdate('Y-m-d', time() + Clock::ahead()).PHP_VERSION.dirname(__DIR__);
        foreach (self::SOURCES as $source) {
            $files = new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(dirname(__DIR__).'/'.$source, FilesystemIterator::SKIP_DOTS),
            );
            /** @var SplFileInfo $file */
            foreach ($files as $file) {
                if (!str_contains($file->getFilename(), '.sqlite')) {
                    $seen .= $file->getPathname().$file->getMTime().$file->getSize();
                }
            }
        }

        return substr(hash('sha256', $seen), 0, 16);
    }

    /** Takes away what an older state of the code has left. */
    private static function sweep(): void
    {
        foreach (glob(sys_get_temp_dir().'/kalokroma-sample-*', GLOB_ONLYDIR) ?: [] as $old) {
            if (filemtime($old) < time() - 86_400) {
                exec('rm -rf '.escapeshellarg($old).' '.escapeshellarg($old.'.lock'));
            }
        }
    }
}
