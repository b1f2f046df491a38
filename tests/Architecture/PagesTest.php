<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The pages compute nothing of the craft, load nothing from elsewhere, and stay light. */
final class PagesTest extends TestCase
{
    private const MOST_CSS = 60 * 1024;
    private const MOST_JS = 150 * 1024;
    private const MOST_LINES = 150;

    #[DataProvider('sources')]
    public function testNoColourIsComputedInThePages(string $file): void
    {
        $text = (string) file_get_contents($file);

        self::assertDoesNotMatchRegularExpression(
            '/culori|oklch\(|\blab\(|CIEDE|Kubelka|Math\.(pow|exp|log|cbrt|sqrt|atan2|hypot)|[\w)]\s*\*\*\s*\d/i',
            $text,
        );
        self::assertDoesNotMatchRegularExpression('#https?://#', $text);
    }

    /** Sizes of type stand in the theme, a handful of them; paper has its own. */
    #[DataProvider('sources')]
    public function testNoPageHasSizesOfTypeOfItsOwn(string $file): void
    {
        $own = basename($file) === 'card.css' ? '' : (string) file_get_contents($file);

        self::assertDoesNotMatchRegularExpression('/font-size:(?!\s*var\(--size-[a-z-]+\);)/', $own);
    }

    /** A longer one is split into parts, and a state in a file of its own. */
    #[DataProvider('sources')]
    public function testNoComponentIsTooLong(string $file): void
    {
        $lines = str_ends_with($file, '.svelte') ? substr_count((string) file_get_contents($file), "\n") : 0;

        self::assertLessThanOrEqual(self::MOST_LINES, $lines);
    }

    /** @return iterable<string, array{string}> */
    public static function sources(): iterable
    {
        foreach (self::files(dirname(__DIR__, 2).'/resources/js', '/\.(ts|svelte|css)$/') as $file) {
            yield basename($file) => [$file];
        }
    }

    public function testNoBuiltFileLoadsAnythingFromAnotherOrigin(): void
    {
        $seen = 0;
        foreach (self::files($this->built(), '/\.(css|js|html|svg)$/') as $file) {
            $text = (string) file_get_contents($file);
            ++$seen;
            self::assertDoesNotMatchRegularExpression(
                '#(url\(\s*["\']?|@import\s+["\']?|src=["\']?|from\s*["\']|import\(["\']|fetch\(["\'])\s*(https?:)?//#i',
                $text,
                basename($file),
            );
            preg_match_all('#https?://[^\s"\'`)\\\\]+#', $text, $addresses);
            foreach ($addresses[0] as $address) {
                self::assertMatchesRegularExpression(
                    '#^https?://(www\.w3\.org/|svelte\.dev/e/)#',
                    $address,
                    basename($file).' names another origin',
                );
            }
        }
        self::assertGreaterThan(5, $seen);
    }

    public function testFontsShipWithTheApplication(): void
    {
        $fonts = array_map(basename(...), self::files($this->built(), '/\.woff2$/'));
        foreach (['fraunces', 'ibm-plex-sans', 'ibm-plex-mono'] as $family) {
            self::assertNotSame([], array_filter($fonts, static fn (string $f): bool => str_contains($f, $family)), $family);
        }
    }

    /** What the sign-in page and the first view load, compressed as a server would send it. */
    public function testTheFirstLoadStaysWithinItsBudget(): void
    {
        /** @var array<string, array{file: string, css?: list<string>, imports?: list<string>}> $manifest */
        $manifest = json_decode((string) file_get_contents($this->built().'/manifest.json'), true, 16, JSON_THROW_ON_ERROR);
        $files = [];
        $queue = ['resources/js/main.ts', 'resources/js/views/shelf/ShelfPage.svelte'];
        while (($name = array_shift($queue)) !== null) {
            $chunk = $manifest[$name];
            if (!isset($files[$chunk['file']])) {
                $files[$chunk['file']] = true;
                $files += array_fill_keys($chunk['css'] ?? [], true);
                array_push($queue, ...($chunk['imports'] ?? []));
            }
        }
        $size = ['css' => 0, 'js' => 0];
        foreach (array_keys($files) as $file) {
            $size[pathinfo($file, PATHINFO_EXTENSION)] += strlen(
                (string) gzencode((string) file_get_contents($this->built().'/'.$file), 6),
            );
        }

        self::assertGreaterThan(10_000, $size['js']);
        self::assertLessThanOrEqual(self::MOST_CSS, $size['css']);
        self::assertLessThanOrEqual(self::MOST_JS, $size['js']);
    }

    private function built(): string
    {
        return dirname(__DIR__, 2).'/public/build';
    }

    /** @return list<string> */
    private static function files(string $folder, string $pattern): array
    {
        $found = [];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            if (preg_match($pattern, $file->getPathname()) === 1) {
                $found[] = $file->getPathname();
            }
        }
        sort($found);

        return $found;
    }
}
