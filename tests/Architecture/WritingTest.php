<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** There is one way to write: in the pages one function, and one table of what each change makes stale. */
final class WritingTest extends TestCase
{
    /** What no change makes stale: worked out from nothing that is kept. */
    private const NEVER_STALE = ['reader', 'weather', 'cost', 'glossary'];

    public function testOnlyTheOneFunctionWrites(): void
    {
        foreach (self::pages() as $name => $text) {
            if (!in_array($name, ['api/client.ts', 'api/write.svelte.ts', 'App.svelte'], true)) {
                self::assertSame([], self::writesOfItsOwn($text), $name);
            }
        }
    }

    public function testAnOffenderWouldBeCaught(): void
    {
        self::assertNotSame([], self::writesOfItsOwn("import { change } from '../../api/client';"));
        self::assertNotSame([], self::writesOfItsOwn("import { get, change, sentence } from '../api/client';"));
        self::assertNotSame([], self::writesOfItsOwn("void client.invalidateQueries({ queryKey: ['shelf'] });"));
        self::assertNotSame([], self::writesOfItsOwn('const mutation = createMutation(() => ({}));'));
        self::assertNotSame([], self::writesOfItsOwn("await fetch('/api/paints', { method: 'POST' });"));
        self::assertSame([], self::writesOfItsOwn("import { get, sentence } from '../api/client';\nfunction change() {}\n"));
    }

    public function testTheTableKnowsEveryQuestion(): void
    {
        $pages = iterator_to_array(self::pages());
        preg_match_all("/queryKey: \['(\w+)'/", implode("\n", $pages), $asked);
        preg_match_all("/'(\w+)'/", $pages['api/stale.ts'], $stale);

        self::assertSame([], array_values(array_diff(array_unique($stale[1]), $asked[1])), 'the table names a question that nobody asks');
        self::assertSame(
            [],
            array_values(array_diff(array_unique($asked[1]), $stale[1], self::NEVER_STALE)),
            'no change makes these stale',
        );
    }

    public function testEveryChangeOfTheTableIsMade(): void
    {
        $pages = iterator_to_array(self::pages());
        preg_match_all('/^    (\w+): (?:LAID|\[)/m', $pages['api/stale.ts'], $changes);
        unset($pages['api/stale.ts']);
        $all = implode("\n", $pages);

        self::assertGreaterThan(12, count($changes[1]));
        foreach ($changes[1] as $change) {
            self::assertStringContainsString("'$change'", $all, 'nothing is written as '.$change);
        }
    }

    /** @return list<string> */
    private static function writesOfItsOwn(string $text): array
    {
        preg_match_all(
            '#import \{[^}]*\bchange\b[^}]*\} from \'[./]*/api/client\'|\b(invalidateQueries|setQueryData|createMutation)\b|\bfetch\(#',
            $text,
            $found,
        );

        return $found[0];
    }

    /** @return iterable<string, string> text by name */
    private static function pages(): iterable
    {
        $root = Sources::root().'/resources/js/';
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            if ($file instanceof \SplFileInfo && preg_match('/\.(ts|svelte)$/', $file->getFilename()) === 1) {
                yield substr($file->getPathname(), strlen($root)) => (string) file_get_contents($file->getPathname());
            }
        }
    }
}
