<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use DomainException;
use Kalokroma\Bench\Pot;
use Kalokroma\Shelf\Mix;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

/** A drop is 40 µl; one coat is 3.5 µl for each of 4 cm², 14 µl of thinned mix a figure; a basecoat covers 98 % of its area. */
final class PotTest extends TestCase
{
    private const EACH = 14.0;

    /**
     * By hand: three figures take 42 µl, and two drops (80 µl) stay on palette and brush: 122 µl. A drop of paint thinned 2:1 is 60 µl:
     * three drops, 180 µl.
     */
    public function testABatchHoldsWhatTheFiguresTakeAndWhatStays(): void
    {
        $pot = self::pot(3);

        self::assertEqualsWithDelta([120.0, 60.0], [$pot->paintUl, $pot->thinnerUl], 1e-6);
        self::assertEqualsWithDelta(
            0.98 * self::EACH,
            Pot::perFigureUl(Steps::outcome(Steps::step('basecoat', thin: '2:1', coats: 1))),
            1e-6,
        );
        self::assertSame([4, '2:1'], [$pot->dropsLeft(), $pot->thinning()->ratio()]);
        self::assertSame(7, $pot->enoughFor(self::EACH), '7 × 14 + 80 = 178 µl, 8 × 14 + 80 = 192 µl');
        self::assertSame(0, $pot->enoughFor(0.0));
    }

    /** By hand: 3 × 14 µl and a quarter more on the brush are 52.5 µl of 180: 127.5 µl are left, three whole drops. */
    public function testFiguresTakeTheirShareAndItStaysAsThin(): void
    {
        $pot = self::pot(3)->after(self::EACH, 3, 100);

        self::assertEqualsWithDelta(127.5, $pot->leftUl(), 1e-6);
        self::assertSame([3, '2:1'], [$pot->dropsLeft(), $pot->thinning()->ratio()]);
        $half = self::pot(3)->after(self::EACH, 3, 100, 0.5);
        self::assertEqualsWithDelta(180 - 26.25, $half->leftUl(), 1e-6, 'one of two coats takes half');
    }

    public function testWhatRunsOutWasMixedAgain(): void
    {
        $pot = self::pot(1)->after(self::EACH, 20, 500);

        self::assertGreaterThan(0.0, $pot->leftUl());
        self::assertSame(['2:1', 500], [$pot->thinning()->ratio(), $pot->mixed]);
    }

    /** By hand: 120 µl paint and 60 + 40 µl thinner are 1.2 : 1; with a drop of paint more 160 : 60 are 2.7 : 1. */
    public function testWetterAndThickerChangeWhatIsWrittenDown(): void
    {
        $pot = self::pot(3);

        self::assertSame('1.2:1', $pot->wetter(50)->thinning()->ratio());
        self::assertSame('2.7:1', $pot->thicker(50)->thinning()->ratio());
        self::assertSame('1:1.5', $pot->wetter(1)->wetter(2)->wetter(3)->thinning()->ratio(), '120 : 180');
        $again = $pot->wetter(50)->again(60);
        self::assertSame(['1.2:1', 60], [$again->thinning()->ratio(), $again->mixed]);
        self::assertEqualsWithDelta(2 * $pot->wetter(50)->leftUl(), $again->leftUl(), 1e-6);
    }

    #[TestWith([Pot::WET_PALETTE, 86_400])]
    #[TestWith([Pot::PALETTE, 1_200])]
    #[TestWith([Pot::JAR, 31_536_000])]
    public function testHowLongItStaysGood(string $vessel, int $seconds): void
    {
        $pot = self::pot(3, $vessel, 1_000);

        self::assertSame(1_000 + $seconds, $pot->until());
        self::assertTrue($pot->isGood(1_000 + $seconds - 1));
        self::assertFalse($pot->isGood(1_000 + $seconds));
        self::assertSame([false, true], [$pot->isDrying(1_000 + $seconds - 301), $pot->isDrying(1_000 + $seconds - 300)]);
        self::assertSame(2_000 + 31_536_000, $pot->inJar(2_000)->until());
        self::assertSame(1_000 + $seconds, $pot->taken(10.0)->until(), 'painting with it makes it no fresher');
    }

    public function testWhatIsLessThanADropIsEmpty(): void
    {
        self::assertFalse(self::pot(1)->taken(1_000.0)->isGood(0));
    }

    public function testNothingIsMixedFromTheBottleOrForNothing(): void
    {
        self::assertNull(Pot::batch(Steps::outcome(Steps::step('basecoat', thin: '1:0', coats: 1)), 3, Pot::PALETTE, 0));
        self::assertNull(Pot::batch(Steps::outcome(Steps::step('wiping')), 3, Pot::PALETTE, 0));
        $this->expectException(DomainException::class);
        new Pot(Mix::single(Swatches::paint('Brown', '#6f4a2e')), 1.0, 1.0, 'bathtub', 0);
    }

    private static function pot(int $figures, string $vessel = Pot::WET_PALETTE, int $now = 0): Pot
    {
        $pot = Pot::batch(Steps::outcome(Steps::step('basecoat', thin: '2:1', coats: 1)), $figures, $vessel, $now);
        self::assertNotNull($pot);

        return $pot;
    }
}
