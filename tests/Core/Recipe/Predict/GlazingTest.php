<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Predict;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Predict\Glazing;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class GlazingTest extends TestCase
{
    public function testAPaintGlazesTowardItsOwnColour(): void
    {
        $found = Glazing::with(
            Mix::single(Swatches::paint('Flesh', '#c98e6b')),
            Swatches::reflectance('#d9cca6'),
            Srgb::fromHex('#d1ac88')->toLab(),
        );

        self::assertNotNull($found);
        self::assertLessThan($found->before / 2, $found->difference);
        self::assertCount($found->layers(), $found->after);
        self::assertEqualsWithDelta(
            $found->difference,
            Ciede2000::difference($found->after[$found->layers() - 1]->toLab(), Srgb::fromHex('#d1ac88')->toLab()),
            1e-9,
        );
    }

    /** A glaze of half a coat at 1:8 is 1/18 of a coat: nine layers are half an undiluted coat. */
    public function testLayersAddUpToAFilm(): void
    {
        $paint = Swatches::paint('Brown', '#6f4a2e', Behaviour::SemiOpaque);
        $from = Swatches::reflectance('#d9cca6');
        $half = $paint->pigment()->over($from, 0.5);
        $found = Glazing::with(Mix::single($paint), $from, $half->toLab(), Thinning::fromRatio('1:8'));

        self::assertNotNull($found);
        self::assertSame(9, $found->layers());
        self::assertLessThan(1e-6, $found->difference);
    }

    public function testAmongNearlyEqualOnesTheSmoothOneIsTaken(): void
    {
        $mix = Mix::single(Swatches::paint('Flesh', '#c98e6b'));
        [$from, $to] = [Swatches::reflectance('#d9cca6'), Srgb::fromHex('#d6c09b')->toLab()];
        $free = Glazing::with($mix, $from, $to);
        $thick = Glazing::with($mix, $from, $to, Thinning::fromRatio('1:4'));

        self::assertNotNull($free);
        self::assertNotNull($thick);
        self::assertLessThan($thick->largestStep, $free->largestStep);
        self::assertGreaterThanOrEqual($thick->layers(), $free->layers());
    }

    public function testNothingBringsItNearerIsAnAnswer(): void
    {
        self::assertNull(
            Glazing::with(
                Mix::single(Swatches::paint('Blue', '#2f5a7e')),
                Swatches::reflectance('#d9cca6'),
                Srgb::fromHex('#ecdcae')->toLab(),
            ),
        );
        self::assertSame([], Glazing::best([], Swatches::reflectance('#d9cca6'), Srgb::fromHex('#808080')->toLab()));
    }

    public function testTheBestOfAShelfIsWhatTryingAllFinds(): void
    {
        $shelf = array_values(
            array_filter(Swatches::shelf(), static fn ($p): bool => $p->behaviour->isMixable() || $p->behaviour->isTransparent()),
        );
        [$from, $to] = [Swatches::reflectance('#d9cca6'), Srgb::fromHex('#b98d6a')->toLab()];
        $least = INF;
        foreach ($shelf as $paint) {
            foreach (Glazing::THINNINGS as $thin) {
                $least = min($least, Glazing::with(Mix::single($paint), $from, $to, Thinning::fromRatio($thin))->difference ?? INF);
            }
        }
        $best = Glazing::best($shelf, $from, $to);

        self::assertLessThanOrEqual($least + 0.5, $best[0]->difference);
        for ($i = 1; $i < count($best); ++$i) {
            self::assertGreaterThanOrEqual(round($best[$i - 1]->difference, 4), round($best[$i]->difference, 4));
        }
    }

    public function testTheReasonFollowsTheNumbers(): void
    {
        $mix = Mix::single(Swatches::paint('Flesh', '#c98e6b'));
        $near = Glazing::with($mix, Swatches::reflectance('#d9cca6'), Srgb::fromHex('#d6c09b')->toLab(), Thinning::fromRatio('1:12'));
        $far = Glazing::with($mix, Swatches::reflectance('#2a2420'), Srgb::fromHex('#c98e6b')->toLab(), Thinning::fromRatio('1:4'));

        self::assertNotNull($near);
        self::assertNotNull($far);
        self::assertStringContainsString('too little to leave an edge', $near->reason()->sentence());
        self::assertStringContainsString(sprintf('%d layers at 1:4', $far->layers()), $far->reason()->sentence());
        self::assertStringContainsString('feather each edge', $far->reason()->sentence());
        self::assertStringContainsString(number_format($far->largestStep, 1), $far->reason()->sentence());
    }
}
