<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpToken;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The core knows no framework, clock, file, database or chance, and its rooms look downward only. */
final class CoreTest extends TestCase
{
    private const ROOMS = ['Colour', 'Film', 'Shelf', 'Figure', 'Caution', 'Scheme', 'Undercoat', 'Recipe', 'Order', 'Record'];

    private const OUTSIDE = '/^(date|time|microtime|hrtime|mktime|gmdate|strtotime|getdate|localtime|sleep|usleep|rand|mt_rand|random_int|random_bytes|shuffle|array_rand|str_shuffle|uniqid|lcg_value|mt_srand|srand|fopen|file|file_get_contents|file_put_contents|readfile|fread|fwrite|unlink|mkdir|scandir|glob|opendir|tempnam|getenv|putenv|exec|shell_exec|system|proc_open|passthru|fsockopen|curl_init|header|setcookie|session_start|echo|print|printf|var_dump|print_r|error_log|app|config|env|now|cache|session|request|response|route|view)$/i';

    private const CLASSES = '/^(DateTime|DateTimeImmutable|DateTimeZone|PDO|SQLite3|SplFileObject|SplFileInfo|Random\\\\.*)$/i';

    #[DataProvider('files')]
    public function testReachesForNothingOutside(string $file): void
    {
        $tokens = array_values(array_filter(PhpToken::tokenize((string) file_get_contents($file)), static fn (PhpToken $t): bool => !$t->isIgnorable()));
        foreach ($tokens as $i => $token) {
            $before = $tokens[$i - 1] ?? null;
            $isMember = $before !== null && $before->is([T_OBJECT_OPERATOR, T_DOUBLE_COLON, T_NULLSAFE_OBJECT_OPERATOR, T_FUNCTION]);
            if ($token->is([T_ECHO, T_PRINT, T_EVAL, T_INCLUDE, T_INCLUDE_ONCE, T_REQUIRE, T_REQUIRE_ONCE, T_EXIT, T_GLOBAL])) {
                self::fail(sprintf('%s:%d %s', $file, $token->line, $token->text));
            }
            if (!$isMember && $token->is([T_STRING, T_NAME_FULLY_QUALIFIED]) && ($tokens[$i + 1]->text ?? '') === '(') {
                self::assertDoesNotMatchRegularExpression(self::OUTSIDE, ltrim($token->text, '\\'), sprintf('%s:%d', $file, $token->line));
            }
            if ($token->is([T_STRING, T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED])) {
                self::assertDoesNotMatchRegularExpression(self::CLASSES, ltrim($token->text, '\\'), sprintf('%s:%d', $file, $token->line));
            }
        }
        self::assertStringContainsString('declare(strict_types=1);', (string) file_get_contents($file));
    }

    #[DataProvider('files')]
    public function testUsesOnlyItselfAndRoomsListedBefore(string $file): void
    {
        $room = basename(dirname($file));
        $place = array_search($room, self::ROOMS, true);
        self::assertIsInt($place, 'an unlisted room: '.$room);
        preg_match_all('/^use (?:function |const )?([^;]+);/m', (string) file_get_contents($file), $uses);
        preg_match_all('/(?<![\w\\\\])\\\\((?:[A-Z]\w*\\\\)+\w+)/', (string) file_get_contents($file), $inline);
        foreach ([...$uses[1], ...$inline[1]] as $class) {
            if (!str_contains($class, '\\')) {
                continue;
            }
            self::assertMatchesRegularExpression('/^Kalokroma\\\\/', $class, $file);
            $used = array_search(explode('\\', $class)[1], self::ROOMS, true);
            self::assertIsInt($used, $file.' uses '.$class);
            self::assertLessThanOrEqual($place, $used, $file.' looks up at '.$class);
        }
    }

    public function testTheRulesWouldCatchAnOffender(): void
    {
        self::assertMatchesRegularExpression(self::OUTSIDE, 'microtime');
        self::assertMatchesRegularExpression(self::CLASSES, 'Random\Randomizer');
        self::assertDoesNotMatchRegularExpression(self::OUTSIDE, 'array_map');
    }

    public function testControllersDoNotReachIntoTheColourAndFilmRooms(): void
    {
        foreach (glob(dirname(__DIR__, 2).'/app/Http/Controllers/*.php') ?: [] as $file) {
            self::assertDoesNotMatchRegularExpression('/Kalokroma\\\\(Colour|Film|Recipe)\\\\/', (string) file_get_contents($file), $file);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $core = dirname(__DIR__, 2).'/core';
        foreach (glob($core.'/*/*.php') ?: [] as $file) {
            yield substr($file, strlen($core) + 1) => [$file];
        }
    }
}
