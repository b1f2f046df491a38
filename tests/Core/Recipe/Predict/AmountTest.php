<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Predict;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Predict\Amount;
use Kalokroma\Recipe\Predict\Effort;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;
use Kalokroma\Undercoat\Kind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class AmountTest extends TestCase
{
    /**
     * By hand, a drop being 40 µl: a batch of 3 + 1 drops thinned 2:1 is 160 / (2/3) = 240 µl. One figure takes 20 µl
     * and the greater of half of it and two drops: 100 µl. 8 figures: 160 + 80 = 240 µl; 9: 180 + 90 = 270 µl.
     */
    public function testABatchServesAsManyFiguresAsItHolds(): void
    {
        $amount = Amount::of($this->mix(), Thinning::fromRatio('2:1'), 20.0);

        self::assertSame([['paint' => 'Ochre', 'drops' => 3], ['paint' => 'Bone', 'drops' => 1]], $amount->drops);
        self::assertSame(2, $amount->thinnerDrops);
        self::assertSame(8, $amount->figures);
    }

    /** By hand: 300 µl applied and 150 wasted make 450 µl; batches of 240 µl: two. */
    public function testALargeAreaTakesSeveralBatches(): void
    {
        $amount = Amount::of($this->mix(), Thinning::fromRatio('2:1'), 300.0);

        self::assertSame([6, 2], array_column($amount->drops, 'drops'));
        self::assertSame(4, $amount->thinnerDrops);
        self::assertSame(1, $amount->figures);
    }

    /** By hand: 2 drops stay behind at least: 10 + 80 = 90 µl is three drops of 40 µl. */
    public function testEvenASpeckTakesWhatStaysBehind(): void
    {
        $amount = Amount::of(Mix::single(Swatches::paint('Ochre', '#9c7630')), Thinning::undiluted(), 10.0);

        self::assertSame([3], array_column($amount->drops, 'drops'));
        self::assertSame(0, $amount->thinnerDrops);
        self::assertSame(90.0, Amount::neededUl(10.0, 1));
        self::assertSame(300.0, Amount::neededUl(10.0, 20));
    }

    /** By hand: 30 µl of a mix thinned 1:2 hold 10 µl of paint, 0.010 ml. */
    public function testPaintUsedWithoutTheThinner(): void
    {
        self::assertEqualsWithDelta(0.010, Amount::of($this->mix(), Thinning::fromRatio('1:2'), 30.0)->usedMl, 1e-9);
    }

    /** By hand, on 4 cm² and with 2 minutes for loading. */
    #[DataProvider('minutes')]
    public function testMinutes(Technique $technique, Relief $relief, int $coats, float $expected): void
    {
        $area = new Area('1', 'Coat', Material::Cloth, $relief, 4.0);

        self::assertEqualsWithDelta($expected, Effort::minutes($technique, $area, $coats), 1e-9);
    }

    /** @return iterable<string, array{Technique, Relief, int, float}> */
    public static function minutes(): iterable
    {
        yield 'one basecoat: 4 · 1.0 + 2' => [Technique::Basecoat, Relief::Tight, 1, 6.0];
        yield 'three: 4 · (1.0 + 2 · 0.7) + 2' => [Technique::Basecoat, Relief::Tight, 3, 11.6];
        yield 'wash: 4 · 0.4 + 2' => [Technique::WashAllOver, Relief::Tight, 1, 3.6];
        yield 'layer on 0.8 · 40 % + 25 % = 57 %: 4 · 0.57 · 1.5 · 2 + 2' => [Technique::Layer, Relief::Tight, 2, 8.84];
        yield 'drybrush on 0.15 · 30 % + 0.6 · 30 % = 22.5 %: 4 · 0.225 · 0.5 · 2 + 2' => [Technique::Drybrush, Relief::Texture, 2, 2.9];
        yield 'edges of a plate: 4 · 1.2 cm · 0.6 + 2' => [Technique::EdgeHighlight, Relief::Plate, 1, 4.88];
        yield 'edges elsewhere: 4 · 0.6 cm · 0.6 + 2' => [Technique::EdgeHighlight, Relief::Tight, 1, 3.44];
        yield 'a dot' => [Technique::Dot, Relief::Orb, 1, 4.0];
    }

    /** By hand on 18 cm²: brush 18 · (1.0 + 0.7) + 2; sprays 18 · 0.02 · 2 + 0.4: ten figures in about ten minutes. */
    public function testMinutesOfTheUndercoat(): void
    {
        self::assertEqualsWithDelta(32.6, Effort::undercoatMinutes(Kind::Brush, 18.0, 2), 1e-9);
        self::assertEqualsWithDelta(1.12, Effort::undercoatMinutes(Kind::Airbrush, 18.0, 2), 1e-9);
    }

    public function testEveryDefaultThinningCanBeRead(): void
    {
        foreach (Defaults::THINNING as $use => $row) {
            self::assertGreaterThan(0.0, Thinning::fromRatio($row['ratio'])->load(), $use);
            self::assertNotSame('', $row['why'], $use);
        }
    }

    private function mix(): Mix
    {
        return Mix::of([
            new Part(Swatches::paint('Ochre', '#9c7630'), 3),
            new Part(Swatches::paint('Bone', '#d9cca6'), 1),
        ]);
    }
}
