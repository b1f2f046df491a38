<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How long a line and a function of PHP may be: the one place where both limits stand. */
final class LengthTest extends TestCase
{
    private const LINE = 140;

    private const FUNCTION = 45;

    /** One tight search or one published formula each: taken apart they would be slower and no clearer. */
    private const WHOLE = [
        'core/Colour/Ciede2000.php' => ['between'],
        'core/Shelf/CoverSearch.php' => ['branch', 'lagrange', 'round'],
        'core/Shelf/MixSearch.php' => ['pairs', 'triples'],
    ];

    /** Folders with hand-written PHP. */
    private const FOLDERS = [
        'app', 'benchmarks', 'bin/php', 'bridges', 'config', 'core', 'database', 'resources/views', 'routes', 'tests',
    ];

    #[DataProvider('files')]
    public function testNoLineIsTooLong(string $file): void
    {
        self::assertSame([], self::longLines((string) file_get_contents(Sources::root().'/'.$file)), $file);
    }

    #[DataProvider('code')]
    public function testNoFunctionIsTooLong(string $file): void
    {
        $long = self::longFunctions((string) file_get_contents(Sources::root().'/'.$file));

        self::assertSame(self::WHOLE[$file] ?? [], array_keys($long), json_encode($long, JSON_THROW_ON_ERROR));
    }

    public function testTooLongWouldBeCaught(): void
    {
        self::assertSame([2], self::longLines("<?php\n".str_repeat('é', self::LINE + 1)."\n".str_repeat('é', self::LINE)));
        $body = static fn (int $lines): string => "<?php\nfunction made()\n{\n".str_repeat("    f();\n", $lines)."}\n";
        self::assertSame([], self::longFunctions($body(self::FUNCTION - 3)));
        self::assertSame(['made' => 46], self::longFunctions($body(self::FUNCTION - 2)));
    }

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (self::FOLDERS as $folder) {
            foreach (array_keys(Sources::below($folder)) as $file) {
                yield $file => [$file];
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function code(): iterable
    {
        foreach (array_keys([...Sources::below('app'), ...Sources::below('core')]) as $file) {
            yield $file => [$file];
        }
    }

    /** @return list<int> numbers of the lines with more characters than a line may have */
    private static function longLines(string $code): array
    {
        return array_keys(array_filter(
            array_combine(range(1, substr_count($code, "\n") + 1), explode("\n", $code)),
            static fn (string $line): bool => mb_strlen($line) > self::LINE,
        ));
    }

    /** @return array<string, int> functions with more lines than one may have, from their name to the closing brace */
    private static function longFunctions(string $code): array
    {
        $found = [];
        $tokens = Sources::tokens($code);
        foreach ($tokens as $i => $token) {
            $name = $tokens[$i + 1] ?? null;
            if (!$token->is(T_FUNCTION) || $name === null || !$name->is(T_STRING)) {
                continue;
            }
            $depth = 0;
            for ($end = $i; isset($tokens[$end]); ++$end) {
                $depth += in_array($tokens[$end]->text, ['{', '${'], true) ? 1 : 0;
                $depth -= $tokens[$end]->text === '}' ? 1 : 0;
                if (($tokens[$end]->text === '}' && $depth === 0) || ($tokens[$end]->text === ';' && $depth === 0)) {
                    break;
                }
            }
            $lines = ($tokens[$end]->line ?? $token->line) - $token->line + 1;
            if ($lines > self::FUNCTION) {
                $found[$name->text] = $lines;
            }
        }

        return $found;
    }
}
