<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Pages and sentences speak plain English: a short list of words that read as if translated stays out of all that painters see.
 */
final class PlainWordsTest extends TestCase
{
    private const STILTED = [
        'shall' => '\bshall\b',
        'anew' => '\banew\b',
        'reckon' => '\breckon\w*',
        'at hand' => '\bat hand\b',
        'here it stands' => '\b(?:stands? here|(?:it stands|they stand)(?! out)|paint stands|stands? on the shelf|stand on your shelf)\b',
        'lies' => '\b(?:what|it|each|they|paint) (?:lies|lie)\b',
        'lay a' => '\b[Ll]ay (?:a|an|it|the)\b',
        'heard again' => '\bheard again\b',
        'it may be' => '\bit may be\b',
        'bring in' => '\b(?:[Bb]ring|[Bb]rought) (?:it |them |some |a file )?(?:in|to the shelf)\b',
        'brought up to date' => '\bbrought up to date\b',
        'put down' => '\bput down\b',
        'take it' => '\bTake (?:it(?! off)|this|that|exactly)\b',
        'paint it so' => '\b[Pp]aint it so\b',
        'mend' => '\b[Mm]end(?:s|ed)? (?:it|these|those|now|later)\b|>To mend<',
        'mishap' => '>Mishap<|\bMishap\b(?=[\'"],)',
        'really used' => '\breally (?:used|done)\b',
        'surround' => '>\s*Surround\b',
        'wherein' => '\b(?:wherein|thereby|whence|amongst|whilst|nought|hence|forthwith)\b',
        '1 things' => '\b1 (?:steps|coats|paints|areas|figures|pairs|glazes|drops)\b',
    ];

    public function testPagesAndSentencesSpeakPlainly(): void
    {
        $found = [];
        foreach (self::texts() as $where => $text) {
            foreach (self::stilted($text) as $word) {
                $found[] = $where.': '.$word.' in "'.mb_strimwidth(trim($text), 0, 100, '…').'"';
            }
        }

        self::assertSame([], $found);
    }

    public function testStiltedWordsWouldBeFound(): void
    {
        self::assertSame(['shall'], self::stilted('Which colour shall it be?'));
        self::assertSame(['at hand', 'lies'], self::stilted('No wash at hand hides what lies below.'));
        self::assertSame(['anew', 'lay a'], self::stilted('Lay a coat anew.'));
        self::assertSame(['take it'], self::stilted('Take it'));
        self::assertSame([], self::stilted('It takes two coats; the layer goes on after it. Nothing is at 1 coat.'));
        self::assertGreaterThan(3000, count(iterator_to_array(self::texts(), false)), 'there is enough to look through');
    }

    /** @return list<string> */
    private static function stilted(string $text): array
    {
        return array_keys(array_filter(self::STILTED, static fn (string $p): bool => preg_match('/'.$p.'/u', $text) === 1));
    }

    /** @return iterable<string, string> what is said, by file and line: strings of PHP, markup and strings of pages, cards */
    private static function texts(): iterable
    {
        foreach (['core', 'app', 'resources/views', 'resources/js'] as $folder) {
            foreach (self::files($folder) as $file) {
                $name = substr($file, strlen(Sources::root()) + 1);
                $text = (string) file_get_contents($file);
                yield from str_ends_with($file, '.php') && !str_ends_with($file, '.blade.php') ? self::ofPhp(
                    $name,
                    $text,
                ) : self::ofPage($name, $text);
            }
        }
    }

    /** @return list<string> */
    private static function files(string $folder): array
    {
        $found = [];
        $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(Sources::root().'/'.$folder, FilesystemIterator::SKIP_DOTS));
        /** @var SplFileInfo $file */
        foreach ($all as $file) {
            $isTold = preg_match('/\.(?:php|svelte|ts)$/', $file->getFilename()) === 1 && $file->getFilename() !== 'wire.ts';
            $found = $isTold ? [...$found, $file->getPathname()] : $found;
        }
        sort($found);

        return $found;
    }

    /** @return iterable<string, string> */
    private static function ofPhp(string $name, string $text): iterable
    {
        foreach (token_get_all($text) as $token) {
            if (is_array($token) && in_array($token[0], [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE], true)) {
                yield $name.':'.$token[2].' '.crc32($token[1]) => $token[1];
            }
        }
    }

    /** @return iterable<string, string> */
    private static function ofPage(string $name, string $text): iterable
    {
        $blank = static fn (array $m): string => (string) preg_replace('/[^\n]/', ' ', $m[0]);
        $said = (string) preg_replace_callback('~<style.*?</style>|/\*.*?\*/|<!--.*?-->|\{\{--.*?--\}\}|(?<!:)//[^\n]*~s', $blank, $text);
        foreach (explode("\n", $said) as $i => $line) {
            if (trim($line) !== '') {
                yield $name.':'.($i + 1) => $line;
            }
        }
    }
}
