<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use PhpToken;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The files of the project as the guards read them, at any depth. */
final class Sources
{
    public static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /** @return array<string, string> path of every such file below a folder, by its path from the project's root */
    public static function below(string $folder, string $pattern = '/\.php$/'): array
    {
        $found = [];
        $root = self::root();
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root.'/'.$folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            if (preg_match($pattern, $file->getPathname()) === 1) {
                $found[substr($file->getPathname(), strlen($root) + 1)] = $file->getPathname();
            }
        }
        ksort($found);

        return $found;
    }

    /** @return list<PhpToken> without white space and comments */
    public static function tokens(string $code): array
    {
        return array_values(array_filter(PhpToken::tokenize($code), static fn (PhpToken $t): bool => !$t->isIgnorable()));
    }

    /** @return list<string> every class with a namespace that this code names, imported or written out */
    public static function classes(string $code): array
    {
        preg_match_all('/^use (?:function |const )?\\\\?([^;]+);/m', $code, $uses);
        preg_match_all('/(?<![\w\\\\])\\\\((?:[A-Z]\w*\\\\)+\w+)/', $code, $inline);
        $found = [];
        foreach ([...$uses[1], ...$inline[1]] as $class) {
            if (str_contains($class, '\\')) {
                $found[] = (string) preg_replace('/ as \w+$/', '', trim($class));
            }
        }

        return array_values(array_unique($found));
    }
}
