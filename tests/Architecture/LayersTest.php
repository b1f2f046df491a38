<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The application around the core: each layer uses only those below it, and every class has a name of its own. */
final class LayersTest extends TestCase
{
    /** Which folders of the application each folder may use, besides itself and the core. */
    private const MAY_USE = [
        'Models' => [],
        'Devices' => ['Models'],
        'Formats' => ['Models'],
        'Workshop' => ['Models', 'Devices', 'Formats'],
        'Http' => ['Models', 'Devices', 'Formats', 'Workshop'],
        'Console' => ['Models', 'Formats', 'Workshop'],
        'Providers' => ['Models', 'Devices', 'Workshop'],
    ];

    #[DataProvider('files')]
    public function testUsesOnlyLayersBelow(string $file): void
    {
        self::assertSame([], self::looksUp($file, (string) file_get_contents(Sources::root().'/'.$file)));
    }

    public function testAnArrowUpwardWouldBeCaught(): void
    {
        self::assertNotSame([], self::looksUp('app/Formats/Shelf/Made.php', "<?php\nuse App\\Workshop\\Shelf\\ShelfRows;\n"));
        self::assertNotSame([], self::looksUp('app/Workshop/Made.php', "<?php\n\$v = \\App\\Http\\Shared\\StepView::class;\n"));
        self::assertNotSame([], self::looksUp('app/New/Made.php', "<?php\n"));
        self::assertSame([], self::looksUp('app/Http/Shelf/Made.php', "<?php\nuse App\\Workshop\\Shelf\\ShelfRows;\n"));
    }

    /** Pages share what stands in Shared; of one another they use views only, never forms or controllers. */
    #[DataProvider('pages')]
    public function testPagesUseOnlyTheViewsOfOtherPages(string $file): void
    {
        $page = explode('/', $file);
        self::assertCount(4, $page, $file.' stands in no folder of a page');
        foreach (Sources::classes((string) file_get_contents(Sources::root().'/'.$file)) as $class) {
            if (preg_match('/^App\\\\Http\\\\(\w+)\\\\(\w+)$/', $class, $found) === 1 && !in_array($found[1], [$page[2], 'Shared'], true)) {
                self::assertMatchesRegularExpression('/View$/', $found[2], $file.' uses '.$class);
            }
        }
    }

    public function testNoTwoClassesHaveOneName(): void
    {
        $names = [];
        foreach ([...Sources::below('core'), ...Sources::below('app')] as $name => $file) {
            if (basename($file) !== 'routes.php') {
                $names[basename($file)][] = $name;
            }
        }

        self::assertSame([], array_filter($names, static fn (array $places): bool => count($places) > 1));
        self::assertGreaterThan(250, count($names));
    }

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (array_keys(Sources::below('app')) as $file) {
            yield $file => [$file];
        }
    }

    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (array_keys(Sources::below('app/Http')) as $file) {
            yield $file => [$file];
        }
    }

    /** @return list<string> */
    private static function looksUp(string $file, string $code): array
    {
        $layer = explode('/', $file)[1];
        if (!isset(self::MAY_USE[$layer])) {
            return ['an unlisted layer: '.$file];
        }
        $found = [];
        foreach (Sources::classes($code) as $class) {
            $used = str_starts_with($class, 'App\\') ? explode('\\', $class)[1] : $layer;
            if ($used !== $layer && !in_array($used, self::MAY_USE[$layer], true)) {
                $found[] = $layer.' uses '.$class;
            }
        }

        return $found;
    }
}
