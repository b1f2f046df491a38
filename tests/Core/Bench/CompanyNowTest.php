<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Kalokroma\Bench\FigureNow;
use Kalokroma\Bench\Meanwhile;
use Kalokroma\Bench\Spoken;
use Kalokroma\Bench\StopPoint;
use Kalokroma\Order\Task;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Technique\Level;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Order\Works;
use Tests\Core\Recipe\Steps;

/** How a company stands at the bench: how it looks, what can be painted now, where one may stop. */
final class CompanyNowTest extends TestCase
{
    public function testAFigureLooksAsFarAsItIsPainted(): void
    {
        $done = ['all:undercoat' => [1, 2, 3], 'coat:basecoat' => [1, 2], 'coat:layer' => [1], 'boots:layer' => [1, 2, 3]];
        $company = Works::company(
            ['coat' => ['basecoat', 'layer'], 'boots' => ['basecoat', 'layer']],
            4,
            left: static fn (StepRef $ref, PlannedStep $step, array $of): array
                => array_values(array_diff($of, $done[(string) $ref] ?? [])),
        );
        $after = static fn (string $area, int $step): array => $company->recipes[$area][$step]->look->after->hexes();
        $ground = $company->undercoat[0]->look->after->hexes();
        $look = static fn (int $figure): array => array_map(static fn ($s): array => $s->hexes(), FigureNow::of($company, $figure));

        self::assertSame(['coat' => $after('coat', 1), 'boots' => $ground], $look(1), 'a layer without its base is not seen');
        self::assertSame(['coat' => $after('coat', 0), 'boots' => $ground], $look(2));
        self::assertSame(['coat' => $ground, 'boots' => $ground], $look(3));
        self::assertSame([], $look(4), 'bare');
    }

    public function testWhatIsWetOrComesAboveWhatIsOpenWaits(): void
    {
        $tasks = [
            self::task('coat', 'basecoat'), self::task('coat', 'layer'), self::task('boots', 'basecoat'),
            self::task(null, 'matt-varnish'), self::task('belt', 'basecoat'),
        ];
        $free = static fn (array $wet): array
            => array_map(static fn (Task $t): string => $t->ref->__toString(), Meanwhile::free($tasks, array_fill_keys($wet, true)));

        self::assertSame(['coat:basecoat', 'boots:basecoat'], $free([]), 'varnish waits for all before it, and the belt for the varnish');
        self::assertSame(['boots:basecoat'], $free(['coat:basecoat']), 'no layer before its base');
        self::assertSame([], $free(['coat:basecoat', 'boots:basecoat']));
        self::assertSame(['all:matt-varnish'], array_map(
            static fn (Task $t): string => $t->ref->__toString(),
            Meanwhile::free([self::task('coat', 'basecoat', []), self::task(null, 'matt-varnish')], []),
        ), 'what is done on all is in nobody\'s way');
    }

    public function testWhatIsLoadedComesFirst(): void
    {
        $tasks = [self::task('coat', 'basecoat', hex: '#111111'), self::task('boots', 'basecoat', hex: '#6f4a2e')];
        $found = Meanwhile::of($tasks, [], self::task('belt', 'layer', [], '#6f4a2e'));

        self::assertSame(['boots', 'coat'], array_map(static fn (array $f): ?string => $f['task']->ref->area, $found));
        self::assertSame([true, false], array_column($found, 'loaded'));
        $areas = array_map(static fn (array $f): ?string => $f['task']->ref->area, Meanwhile::of($tasks, [], null));
        self::assertSame(['coat', 'boots'], $areas);
    }

    /** @param list<string> $open techniques that a figure still lacks */
    #[TestWith([['basecoat', 'highlight', 'accent'], null])]
    #[TestWith([['edge-highlight', 'tip'], Level::Fieldable])]
    #[TestWith([['tip'], Level::Finished])]
    #[TestWith([[], Level::Showpiece])]
    #[TestWith([['basecoat'], null])]
    public function testALevelIsReachedWhereEveryFigureHasIt(array $open, ?Level $level): void
    {
        $step = static fn (string $key, Level $upTo): Task => Task::of(
            StepRef::of('coat', $key),
            Steps::outcome(Steps::step('basecoat', key: $key)->upTo($upTo)),
            in_array($key, $open, true) ? [2] : [],
        );
        $stop = StopPoint::of([
            $step('basecoat', Level::Fieldable), $step('edge-highlight', Level::Finished), $step('tip', Level::Showpiece),
        ], 3, ['rope']);

        self::assertSame($level, $stop?->level);
        if ($stop !== null) {
            self::assertStringContainsString('Nothing is planned for rope.', $stop->look()->sentence());
            self::assertStringContainsString('each of the 3 figures', $stop->look()->sentence());
        }
    }

    public function testASingleFigureIsNotSpokenOfAsMany(): void
    {
        $outcome = Steps::outcome(Steps::step('basecoat')->upTo(Level::Fieldable));
        $stop = StopPoint::of([Task::of(StepRef::of('coat', 'basecoat'), $outcome, [])], 1, []);

        self::assertSame('Turn the figure once in good light: is every area covered?', $stop?->look()->sentence());
        self::assertStringStartsWith('The figure is fieldable', (string) $stop->words()->sentence());
        self::assertNull(StopPoint::of([], 1, []));
    }

    public function testAStepIsReadAloudWithoutColons(): void
    {
        $words = Spoken::of(Steps::outcome(Steps::step('basecoat', '#6f4a2e', '2:1', 2)), 'Coat');

        self::assertStringStartsWith('Coat, basecoat.', $words);
        self::assertStringContainsString('2 to 1', $words);
        self::assertStringContainsString('2 coats', $words);
        self::assertStringNotContainsString('For the test', $words, 'reasons are for reading');
    }

    /** @param list<int> $figures */
    private static function task(?string $area, string $technique, array $figures = [1], string $hex = '#6f4a2e'): Task
    {
        return Task::of(StepRef::of($area, $technique), Steps::outcome(Steps::step($technique, $hex)), $figures);
    }
}
