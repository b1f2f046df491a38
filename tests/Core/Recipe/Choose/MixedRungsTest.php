<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Choose;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Recipe\Choose\MixedRungs;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\Contrast;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\MixLadder;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

/** Ladders mixed in whole drops: as even as any mixes of the same paints could be. */
final class MixedRungsTest extends TestCase
{
    /** All ladders low < middle < high of the same drops, tried one by one. */
    #[DataProvider('shelves')]
    public function testNoLadderOfTheSamePaintsIsMoreEven(string $low, string $middle, string $high, int $below, int $above): void
    {
        [$dark, $mid, $light] = [Swatches::paint('Low', $low), Swatches::paint('Middle', $middle), Swatches::paint('High', $high)];
        $drops = 6;
        $ladder = MixLadder::through($mid, Mix::single($dark), Mix::single($light), $below, $above, $drops);
        self::assertNotNull($ladder);
        self::assertCount($below + 1 + $above, $ladder->steps);
        self::assertSame(
            ['Low', 'Middle', 'High'],
            [$ladder->steps[0]->words(), $ladder->steps[$below]->words(), $ladder->steps[$below + $above]->words()],
        );

        $best = INF;
        foreach ($this->chains($dark, $mid, $below, $drops) as $down) {
            foreach ($this->chains($light, $mid, $above, $drops) as $up) {
                $steps = [...$down, Mix::single($mid), ...array_reverse($up)];
                $best = min($best, self::spread($steps));
            }
        }
        self::assertLessThanOrEqual($best + 1e-9, self::spread($ladder->steps), sprintf('%.4f', $best));
    }

    /** @return iterable<array{string, string, string, int, int}> */
    public static function shelves(): iterable
    {
        yield 'brown' => ['#4b3524', '#9c7630', '#d9cca6', 2, 2];
        yield 'blue' => ['#1f3050', '#2f5a7e', '#9dbac6', 1, 2];
        yield 'green' => ['#28382a', '#4b5a32', '#a9ae7e', 2, 1];
        yield 'red to orange' => ['#5c1b1a', '#a82a20', '#d0601f', 1, 1];
    }

    public function testRungsClimbAndTellHowEvenTheyAre(): void
    {
        $palette = new Palette(Swatches::shelf());
        $rungs = MixedRungs::of(
            $palette,
            new Ladder(Srgb::fromHex('#9c7630')->toOklch()),
            [Rung::Shade],
            [Rung::Drybrush, Rung::Highlight],
        );
        self::assertNotNull($rungs);
        $l = static fn (Rung $rung): float => $rungs->mix($rung)?->lab()->l ?? NAN;

        self::assertLessThan($l(Rung::Intended), $l(Rung::Shade));
        self::assertLessThan($l(Rung::Highlight), $l(Rung::Drybrush));
        self::assertLessThan($l(Rung::Drybrush), $l(Rung::Intended));
        self::assertNull($rungs->mix(Rung::Accent));
        $apart = $rungs->ladder->differences;
        self::assertStringContainsString(
            sprintf('the rungs are %.1f to %.1f apart', min($apart), max($apart)),
            $rungs->reason(Rung::Highlight)->sentence(),
        );
        self::assertSame(max($apart) / min($apart) <= MixedRungs::EVEN_WITHIN, $rungs->isEven());
        self::assertNotSame($rungs->reason(Rung::Highlight)->sentence(), $rungs->reason(Rung::Shade)->sentence());
    }

    public function testADraftWithMixedRungsUsesTwoOrThreePaints(): void
    {
        foreach (['#9c7630', '#2f5a7e', '#4b5a32'] as $hex) {
            $brief = new Brief(
                new Area('1', 'Cape', Material::Cloth, Relief::Broad, 5.0),
                Srgb::fromHex($hex)->toOklch(),
                Way::Layers,
                Swatches::reflectance('#868686'),
                Swatches::shelf(),
                new LadderWish(mixed: true),
            );
            $paints = [];
            foreach (Drafter::draft($brief)->steps as $step) {
                foreach ($step->load->mix?->paints() ?? [] as $paint) {
                    $paints[$paint->id] = true;
                }
            }
            self::assertGreaterThanOrEqual(2, count($paints), $hex);
            self::assertLessThanOrEqual(3, count($paints), $hex);
        }
    }

    public function testAContrastThatTheShelfCannotReachIsSaidWithWhatIsMissing(): void
    {
        $shelf = array_values(
            array_filter(
                Swatches::shelf(),
                static fn (Paint $p): bool => !in_array($p->name, ['White', 'Bone', 'Sky', 'Pale green', 'Grey', 'Yellow', 'Flesh'], true),
            ),
        );
        $said = static function (Contrast $contrast, array $shelf): string {
            $brief = new Brief(
                new Area('1', 'Cape', Material::Cloth, Relief::Broad, 5.0),
                Srgb::fromHex('#a9ae7e')->toOklch(),
                Way::Layers,
                Swatches::reflectance('#868686'),
                $shelf,
                new LadderWish($contrast),
            );

            return implode(' ', array_map(static fn ($f): string => $f->sentence(), Drafter::draft($brief)->findings));
        };

        self::assertMatchesRegularExpression(
            '/The strong contrast you want cannot be reached: the highlight should be [\d.]+ of 100 in lightness '
                .'from the colour, .* is [\d.]+; a .* is missing/',
            $said(Contrast::Strong, $shelf),
        );
        self::assertSame('', $said(Contrast::Clear, Swatches::shelf()));
        self::assertNotSame($said(Contrast::Strong, $shelf), $said(Contrast::Clear, $shelf));
    }

    /**
     * Rising shares of the middle paint in the end paint, in every choice.
     *
     * @return list<list<Mix>> from the end toward the middle, the end first
     */
    private function chains(Paint $end, Paint $middle, int $count, int $drops): array
    {
        $byShare = [];
        for ($a = 1; $a < $drops; ++$a) {
            for ($b = 1; $a + $b <= $drops; ++$b) {
                $byShare[sprintf('%.6f', $b / ($a + $b))] ??= Mix::of([new Part($end, $a), new Part($middle, $b)]);
            }
        }
        ksort($byShare, SORT_NUMERIC);
        $mixes = array_values($byShare);
        $chains = [[Mix::single($end)]];
        for ($i = 1; $i < $count; ++$i) {
            $longer = [];
            foreach ($chains as $chain) {
                foreach ($mixes as $j => $mix) {
                    $last = array_search($chain[count($chain) - 1], $mixes, true);
                    if ($last === false || $j > $last) {
                        $longer[] = [...$chain, $mix];
                    }
                }
            }
            $chains = $longer;
        }

        return $chains;
    }

    /** @param list<Mix> $steps */
    private static function spread(array $steps): float
    {
        $apart = [];
        for ($i = 1; $i < count($steps); ++$i) {
            $apart[] = Ciede2000::difference($steps[$i - 1]->lab(), $steps[$i]->lab());
        }
        $mean = array_sum($apart) / count($apart);

        return array_sum(array_map(static fn (float $d): float => ($d - $mean) ** 2, $apart));
    }
}
