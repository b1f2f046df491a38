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
        $key = $what.'-'.hash('xxh128', self::code().serialize($sources));
        try {
            $kept = Cache::store('derived')->get($key);
            if ($kept !== null) {
                return $kept;
            }
        } catch (Throwable) {
            // A file that was cut off is worth no more than none.
        }
        $new = $workedOut();
        try {
            Cache::store('derived')->put($key, $new, 86_400 * self::DAYS);
            if (random_int(1, self::SWEEP) === 1) {
                self::sweep();
            }
        } catch (Throwable) {
            // A full or read-only disk keeps nobody from painting.
        }

        return $new;
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

    /** Changes with every file of the core. */
    private static function code(): string
    {
        if (self::$code === null) {
            $seen = '';
            $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path('core'), FilesystemIterator::SKIP_DOTS));
            /** @var SplFileInfo $file */
            foreach ($files as $file) {
                $seen .= $file->getPathname().$file->getMTime().$file->getSize();
            }
            self::$code = hash('xxh128', $seen);
        }

        return self::$code;
    }
}
