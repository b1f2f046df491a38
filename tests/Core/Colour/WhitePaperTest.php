<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Srgb;
use Kalokroma\Colour\WhitePaper;
use PHPUnit\Framework\TestCase;

final class WhitePaperTest extends TestCase
{
    /**
     * A lamp that sends 0.9 of the red, 0.7 of the green and 0.4 of the blue that daylight does: paper (0.86 of each) is seen as
     * 0.774, 0.602 and 0.344. A paint that sends back 0.2, 0.3, 0.5 is seen as 0.18, 0.21, 0.20 and comes back as itself.
     */
    public function testTheLightOfALampIsTakenOut(): void
    {
        $paper = WhitePaper::seen(Srgb::fromLinear(0.774, 0.602, 0.344));
        $paint = $paper->lit(Srgb::fromLinear(0.18, 0.21, 0.20))->linear();

        self::assertEqualsWithDelta([0.2, 0.3, 0.5], $paint, 1e-9);
    }

    public function testByTheLightOfThePaperItselfNothingChanges(): void
    {
        $seen = Srgb::fromHex('#8a5a2b');
        $same = WhitePaper::seen(Srgb::fromLinear(0.86, 0.86, 0.86))->lit($seen);

        self::assertLessThan(0.01, Ciede2000::difference($seen->toLab(), $same->toLab()));
    }

    public function testADarkPictureIsMadeLighterAndNothingBrighterThanWhite(): void
    {
        $paper = WhitePaper::seen(Srgb::fromLinear(0.43, 0.43, 0.43));

        self::assertEqualsWithDelta([0.4, 0.2, 1.0], $paper->lit(Srgb::fromLinear(0.2, 0.1, 0.6))->linear(), 1e-9);
    }

    public function testWhatIsNoWhitePaperIsRefused(): void
    {
        $this->expectExceptionObject(ColourProblem::notWhite());
        WhitePaper::seen(Srgb::fromHex('#202020'));
    }

    public function testAColouredSpotIsRefused(): void
    {
        $this->expectExceptionObject(ColourProblem::notWhite());
        WhitePaper::seen(Srgb::fromHex('#d0601f'));
    }

    public function testBurntOutPaperIsRefused(): void
    {
        $this->expectExceptionObject(ColourProblem::burntOut());
        WhitePaper::seen(Srgb::fromHex('#ffffff'));
    }
}
