<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The core knows no framework, clock, file, database or chance, and its rooms look downward only. */
final class CoreTest extends TestCase
{
    /** Folders of the core in the order in which they may use one another: none holds a folder that is not listed. */
    private const ROOMS = [
        'Word', 'Colour', 'Film', 'Shelf', 'Shelf/Typed', 'Figure', 'Caution', 'Scheme', 'Undercoat',
        'Recipe/Technique', 'Recipe/Plan', 'Recipe/Told/Words', 'Recipe/Told', 'Recipe/Ladder', 'Recipe/Predict', 'Recipe/Ground',
        'Recipe/Choose', 'Recipe/Draft', 'Recipe/Judge', 'Recipe/Change',
        'Order/Search', 'Order/Job', 'Order/Rule', 'Order', 'Record', 'Bench',
    ];

    private const OUTSIDE = '/^(date|time|microtime|hrtime|mktime|gmdate|strtotime|getdate|localtime|sleep|usleep|'
        .'rand|mt_rand|random_int|random_bytes'
        .'|shuffle|array_rand|str_shuffle|uniqid|lcg_value|mt_srand|srand|fopen|file|file_get_contents|'
        .'file_put_contents|readfile|fread|fwrite|unlink'
        .'|mkdir|scandir|glob|opendir|tempnam|getenv|putenv|exec|shell_exec|system|proc_open|passthru|fsockopen|curl_init|header|setcookie'
        .'|session_start|echo|print|printf|var_dump|print_r|error_log|app|config|env|now|cache|session|request|response|route|view)$/i';

    private const CLASSES = '/^(DateTime|DateTimeImmutable|DateTimeZone|PDO|SQLite3|SplFileObject|SplFileInfo|Random\\\\.*)$/i';

    #[DataProvider('files')]
    public function testReachesForNothingOutside(string $file): void
    {
        $code = (string) file_get_contents($file);

        self::assertSame([], self::reachesFor($code), $file);
        self::assertStringContainsString('declare(strict_types=1);', $code);
    }

    #[DataProvider('files')]
    public function testUsesOnlyItselfAndRoomsListedBefore(string $file): void
    {
        self::assertSame([], self::looksUp($file, (string) file_get_contents($file)));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function offenders(): iterable
    {
        yield 'a clock' => ['$now = microtime(true);', true];
        yield 'a clock with its namespace' => ['$now = \microtime(true);', true];
        yield 'chance' => ['$dice = new \Random\Randomizer();', true];
        yield 'a date' => ['$day = new DateTimeImmutable();', true];
        yield 'printing' => ['echo 1;', true];
        yield 'a method of the same name' => ['$plan->time();', false];
        yield 'plain arithmetic' => ['$x = array_map(sqrt(...), [1.0]);', false];
    }

    #[DataProvider('offenders')]
    public function testAnOffenderWouldBeCaught(string $code, bool $caught): void
    {
        self::assertSame($caught, self::reachesFor("<?php\n".$code) !== []);
    }

    public function testAnArrowUpwardWouldBeCaughtInAnySubRoom(): void
    {
        $core = Sources::root().'/core/';
        $up = "<?php\nuse Kalokroma\\Recipe\\Draft\\Drafter;\n";

        foreach (array_slice(self::ROOMS, 0, (int) array_search('Recipe/Draft', self::ROOMS, true)) as $room) {
            self::assertNotSame([], self::looksUp($core.$room.'/Made.php', $up), $room);
        }
        self::assertSame([], self::looksUp($core.'Recipe/Judge/Made.php', $up));
        self::assertNotSame([], self::looksUp($core.'Recipe/Judge/Made.php', "<?php\nuse Illuminate\\Support\\Collection;\n"));
        self::assertNotSame([], self::looksUp($core.'Recipe/Judge/Made.php', "<?php\n\$a = \\App\\Models\\Company::class;\n"));
        self::assertNotSame([], self::looksUp($core.'Recipe/Unlisted/Made.php', "<?php\n"));
        self::assertNotSame([], self::looksUp($core.'Recipe/Judge/Deeper/Made.php', "<?php\n"));
    }

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (Sources::below('core') as $name => $file) {
            yield $name => [$file];
        }
    }

    /** @return list<string> what this code takes from outside, with its line */
    private static function reachesFor(string $code): array
    {
        $found = [];
        $tokens = Sources::tokens($code);
        foreach ($tokens as $i => $token) {
            $before = $tokens[$i - 1] ?? null;
            $isMember = $before !== null && $before->is([T_OBJECT_OPERATOR, T_DOUBLE_COLON, T_NULLSAFE_OBJECT_OPERATOR, T_FUNCTION]);
            $isCall = !$isMember && $token->is([T_STRING, T_NAME_FULLY_QUALIFIED]) && ($tokens[$i + 1]->text ?? '') === '(';
            $isWord = $token->is([T_ECHO, T_PRINT, T_EVAL, T_INCLUDE, T_INCLUDE_ONCE, T_REQUIRE, T_REQUIRE_ONCE, T_EXIT, T_GLOBAL]);
            $isClass = $token->is([T_STRING, T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED])
                && preg_match(self::CLASSES, ltrim($token->text, '\\')) === 1;
            if ($isWord || $isClass || ($isCall && preg_match(self::OUTSIDE, ltrim($token->text, '\\')) === 1)) {
                $found[] = $token->text.' in line '.$token->line;
            }
        }

        return $found;
    }

    /** @return list<string> what a file of the core uses that does not stand in its room or one listed before */
    private static function looksUp(string $file, string $code): array
    {
        $place = array_search(substr(dirname($file), strlen(Sources::root().'/core/')), self::ROOMS, true);
        if ($place === false) {
            return ['an unlisted room: '.$file];
        }
        $found = [];
        foreach (Sources::classes($code) as $class) {
            $room = strtr(substr($class, strlen('Kalokroma\\'), -strlen((string) strrchr($class, '\\'))), '\\', '/');
            $used = str_starts_with($class, 'Kalokroma\\') ? array_search($room, self::ROOMS, true) : false;
            if ($used === false || $used > $place) {
                $found[] = self::ROOMS[$place].' uses '.$class;
            }
        }

        return $found;
    }
}
