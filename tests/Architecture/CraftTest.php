<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpToken;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Nothing of the craft is computed outside the core: the application keeps and carries, the pages show. */
final class CraftTest extends TestCase
{
    /** What is counted and measured at the table: no name that ends so stands beside an operator outside the core. */
    private const MEASURES = 'minutes?|coats?|drops?|parts|shares?|lightness|passes|rounds|surface\w*|cm2|ml|hiding|opacity|dry\w*|chroma'
        .'|rungs?|degrees|temperature|humidity|load';

    private const IN_PHP = '/(^|_|[a-z])('.self::MEASURES.')(Minutes|Cm2|Ml)?$/i';

    private const ON_PAGES = '\w*(minutes?|coats?|drops?|parts|shares?|lightness|passes|rounds|cm2|_ml|chroma|degrees|humidity)';

    private const OPERATORS = ['+', '-', '*', '/', '%', '**', '+=', '-=', '*=', '/=', '++', '--'];

    /** How a figure is drawn or said: a length on the screen, minutes as hours and minutes. */
    private const DRAWING = ['resources/js/parts/scale.ts', 'resources/js/parts/words.ts'];

    #[DataProvider('php')]
    public function testTheApplicationDoesNoneOfTheArithmetic(string $file): void
    {
        self::assertSame([], self::computedInPhp((string) file_get_contents(Sources::root().'/'.$file)), $file);
    }

    #[DataProvider('pages')]
    public function testPagesDoNoneOfTheArithmetic(string $file): void
    {
        self::assertSame([], self::computedOnPages((string) file_get_contents(Sources::root().'/'.$file)), $file);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function phpOffenders(): iterable
    {
        yield 'minutes for all figures' => ['$all = $step->minutes * $figures;', true];
        yield 'a share in percent' => ['$x = 100 * $place->share;', true];
        yield 'a field of an answer' => ['$row["coats"] + 1;', true];
        yield 'through several objects' => ['$x = 2 * $outcome->labour->dryMinutes;', true];
        yield 'one of several shares' => ['$x = 100 * $shares[0];', true];
        yield 'counting up' => ['++$coats;', true];
        yield 'what a comment says' => ["// minutes * figures\n\$x = 1;", false];
        yield 'a page of a list' => ['$from = ($page - 1) * $size;', false];
        yield 'a message put together' => ['$words = $coats.": ".$name;', false];
    }

    #[DataProvider('phpOffenders')]
    public function testAnOffenderInPhpWouldBeCaught(string $code, bool $caught): void
    {
        self::assertSame($caught, self::computedInPhp("<?php\n".$code) !== []);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function pageOffenders(): iterable
    {
        yield 'percent in markup' => ['<b>{step.place.share * 100} %</b>', true];
        yield 'minutes for all' => ['const all = figures * step.minutes;', true];
        yield 'one coat more' => ['onclick={() => change({ coats: step.coats + 1 })}', true];
        yield 'inside a sentence' => ['const s = `${drops * 25} µl`;', true];
        yield 'an address' => ['get(`tables/coats?${question}`)', false];
        yield 'a word with a hyphen' => ["const s = 'wet-coats - not';", false];
        yield 'a length on the screen' => ['const x = width * at;', false];
    }

    #[DataProvider('pageOffenders')]
    public function testAnOffenderOnAPageWouldBeCaught(string $code, bool $caught): void
    {
        self::assertSame($caught, self::computedOnPages($code) !== []);
    }

    /** @return iterable<string, array{string}> */
    public static function php(): iterable
    {
        foreach (['app/Console', 'app/Http', 'app/Models', 'app/Providers', 'app/Workshop'] as $folder) {
            foreach (array_keys(Sources::below($folder)) as $file) {
                yield $file => [$file];
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (array_keys(Sources::below('resources/js', '/\.(svelte|ts)$/')) as $file) {
            if (!in_array($file, self::DRAWING, true)) {
                yield $file => [$file];
            }
        }
    }

    /** @return list<string> */
    private static function computedInPhp(string $code): array
    {
        $found = [];
        $tokens = Sources::tokens($code);
        foreach ($tokens as $i => $token) {
            if (!in_array($token->text, self::OPERATORS, true)) {
                continue;
            }
            foreach ([self::nameBefore($tokens, $i), ...self::namesAfter($tokens, $i)] as $name) {
                if (preg_match(self::IN_PHP, $name) === 1) {
                    $found[] = $name.' '.$token->text.' in line '.$token->line;
                }
            }
        }

        return $found;
    }

    /** @param list<PhpToken> $tokens */
    private static function nameBefore(array $tokens, int $at): string
    {
        $last = $tokens[$at - 1]->text ?? '';

        return trim($last === ']' ? $tokens[$at - 2]->text : $last, '$\'"');
    }

    /**
     * @param list<PhpToken> $tokens
     *
     * @return list<string> what stands after the operator, and the field that is taken of it
     */
    private static function namesAfter(array $tokens, int $at): array
    {
        $end = $at + 1;
        while (in_array($tokens[$end + 1]->text ?? '', ['->', '?->', '::'], true)) {
            $end += 2;
        }
        $field = ($tokens[$end + 1]->text ?? '') === '[' ? ($tokens[$end + 2]->text ?? '') : '';

        return [trim($tokens[$end]->text ?? '', '$'), trim($field, '$\'"')];
    }

    /** @return list<string> */
    private static function computedOnPages(string $code): array
    {
        $code = (string) preg_replace_callback('/`[^`]*`/s', static function (array $template): string {
            preg_match_all('/\$\{([^}]*)\}/', $template[0], $inner);

            return '('.implode('; ', $inner[1]).')'.str_repeat("\n", substr_count($template[0], "\n"));
        }, $code);
        $found = [];
        foreach (explode("\n", $code) as $n => $line) {
            $line = (string) preg_replace(["/'[^']*'/", '/"[^"]*"/', '#(^|\s)//.*$#', '#^\s*/?\*.*$#'], ["''", '""', '', ''], $line);
            $before = '/\b'.self::ON_PAGES.'(\s*\?\?\s*\d+\))?\s*([*\/%]|[-+](?!\+|-))\s*[\w(]/i';
            $after = '/[\w)]\s*[*\/%+-]\s*(?:\w+[.?]+)*'.self::ON_PAGES.'\b/i';
            if (preg_match($before, $line) === 1 || preg_match($after, $line) === 1) {
                $found[] = 'line '.($n + 1).': '.trim($line);
            }
        }

        return $found;
    }
}
