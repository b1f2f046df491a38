<?php

declare(strict_types=1);

namespace App\Workshop;

use Closure;
use FilesystemIterator;
use Illuminate\Cache\FileStore;
use Illuminate\Support\Facades\Cache;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Throwable;

/**
 * What is derived from other things and dear to work out, kept under a fingerprint of all it hangs on, the code of the core too: it is
 * never out of date, and where it cannot be kept it is worked out each time. No workshop is written to.
 */
final class Derived
{
    /** What nobody asked for so long is forgotten. */
    private const DAYS = 30;

    /** One in so many that are kept has the old ones swept out. */
    private const SWEEP = 400;

    private static ?string $code = null;

    /** Seconds spent on working out what was not kept yet; never less than it was. */
    private static float $spent = 0.0;

    private static bool $canKeep = true;

    /**
     * @template T
     *
     * @param string $what kind of thing
     * @param list<mixed> $sources all that it hangs on beside the code
     * @param Closure(): T $workedOut
     *
     * @return T
     */
    public static function of(string $what, array $sources, Closure $workedOut): mixed
    {
        $key = $what.'-'.self::fingerprint($sources);
        $kept = self::get($key);
        if ($kept === null) {
            $begun = microtime(true);
            $kept = $workedOut();
            self::$canKeep = self::put($key, $kept);
            self::$spent += max(1e-6, microtime(true) - $begun);
        }

        return $kept;
    }

    /**
     * A word for all of these and the code together.
     *
     * @param list<mixed> $sources
     */
    public static function fingerprint(array $sources): string
    {
        return hash('xxh128', self::code().serialize($sources));
    }

    /**
     * Seconds that this process has spent on what was not kept before. Whoever asks again finds it kept, and so gets on; where nothing can
     * be kept nobody would, and no time is counted.
     */
    public static function spent(): float
    {
        return self::$canKeep ? self::$spent : 0.0;
    }

    /** What is kept under a key; null where nothing is. */
    public static function get(string $key): mixed
    {
        try {
            return Cache::store('derived')->get($key);
        } catch (Throwable) {
            // A file that was cut off is worth no more than none.
            return null;
        }
    }

    /** @return bool whether it could be kept: a full or read-only disk keeps nobody from painting */
    public static function put(string $key, mixed $kept): bool
    {
        try {
            if (random_int(1, self::SWEEP) === 1) {
                self::sweep();
            }

            return Cache::store('derived')->put($key, $kept, 86_400 * self::DAYS);
        } catch (Throwable) {
            return false;
        }
    }

    /** Forgets what has not been written for {@see self::DAYS} days. */
    public static function sweep(): void
    {
        $store = Cache::store('derived')->getStore();
        if (!$store instanceof FileStore || !is_dir($store->getDirectory())) {
            return;
        }
        $old = time() - 86_400 * self::DAYS;
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($store->getDirectory(), FilesystemIterator::SKIP_DOTS));
        /** @var SplFileInfo $file */
        foreach ($files as $file) {
            if ($file->isFile() && $file->getMTime() < $old) {
                @unlink($file->getPathname());
            }
        }
    }

    /** Changes with every file of the core, and of what turns its results into rows. */
    private static function code(): string
    {
        if (self::$code === null) {
            $seen = '';
            foreach ([base_path('core'), app_path('Workshop')] as $folder) {
                $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
                /** @var SplFileInfo $file */
                foreach ($files as $file) {
                    $seen .= $file->getPathname().$file->getMTime().$file->getSize();
                }
            }
            self::$code = hash('xxh128', $seen);
        }

        return self::$code;
    }
}
