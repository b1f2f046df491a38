<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Size;
use Kalokroma\Figure\Weight;
use Kalokroma\Scheme\Coloured;
use Kalokroma\Scheme\EdgeTint;
use Kalokroma\Scheme\Legibility;
use Kalokroma\Scheme\MaterialRange;
use Kalokroma\Scheme\Pool;
use Kalokroma\Scheme\SchemeProblem;
use Kalokroma\Scheme\Sight;
use PHPUnit\Framework\TestCase;
use Tests\Core\OrdinaryShelf;
use Tests\Core\Swatches;

final class LegibilityTest extends TestCase
{
    /** By hand: two greys of 20 mm² seen (√20 = 4.47 mm, 0.3203°) need 10.16 + 1.50 / 0.3203 = 14.84 in lightness. */
    public function testTwoGreysAgainstTheHand(): void
    {
        $found = new Legibility([$this->area('a', '#808080', 0.4), $this->area('b', '#959595', 3.0)], [['a', 'b']], new Sight(0.8));
        $pair = $found->pairs[0];

        self::assertEqualsWithDelta(4.472, Size::seenMm(0.4, Relief::Tight), 1e-3);
        self::assertEqualsWithDelta(14.84, $pair->needs, 0.01);
        self::assertEqualsWithDelta(Srgb::fromHex('#959595')->toLab()->l - Srgb::fromHex('#808080')->toLab()->l, $pair->lightness, 1e-6);
        self::assertEqualsWithDelta($pair->lightness / $pair->needs, $pair->ratio, 1e-3, 'greys have no other difference');
        self::assertSame('lost', $pair->verdict());
        self::assertStringContainsString('seen 4.5 mm wide from 0.8 m, 15 in lightness alone would be needed', $pair->sentence(0.8));
    }

    public function testFartherAwayAndSmallerNeedMore(): void
    {
        $ratio = fn (float $cm2, float $metres): float => (new Legibility(
            [$this->area('a', '#4a626c', $cm2), $this->area('b', '#9c7d34', 6)],
            [['a', 'b']],
            new Sight($metres),
        ))->pairs[0]->ratio;

        self::assertGreaterThan($ratio(1, 2.0), $ratio(1, 0.8));
        self::assertGreaterThan($ratio(0.2, 0.8), $ratio(1, 0.8));
        $areas = [$this->area('a', '#000000', 0.002), $this->area('b', '#ffffff', 6)];
        $speck = (new Legibility($areas, [['a', 'b']], new Sight(3)))->pairs[0];
        self::assertSame('small', $speck->verdict());
        self::assertStringContainsString('too small to be read from 3 m in any colours', $speck->sentence(3));
    }

    public function testOnlyNeighboursWithColoursAreJudged(): void
    {
        $areas = [$this->area('a', '#808080'), $this->area('b', '#828282'), $this->area('c', null)];

        self::assertSame([], (new Legibility($areas, [], new Sight()))->pairs);
        self::assertCount(1, (new Legibility($areas, [['a', 'b'], ['b', 'c'], ['a', 'gone']], new Sight()))->pairs);
    }

    public function testTheNearestChangeOfTheShelfPartsThemAndHarmsNoOther(): void
    {
        $areas = [
            $this->area('belt', '#8b6f4a', 0.7, Material::Leather),
            $this->area('coat', '#9c7d34', 5.4, fixed: true),
            $this->area('boots', '#4e3a2c', 1.4, Material::Leather),
        ];
        $touching = [['belt', 'coat'], ['coat', 'boots'], ['belt', 'boots']];
        $legibility = new Legibility($areas, $touching, new Sight());
        $worst = $legibility->pairs[0];
        self::assertSame(['belt', 'coat'], [$worst->one->area->id, $worst->other->area->id]);
        $mend = $legibility->mend($worst, new Pool(Swatches::shelf()));

        self::assertNotNull($mend);
        self::assertSame('belt', $mend->area->area->id, 'the coat is kept');
        self::assertTrue(MaterialRange::holds(Material::Leather, $mend->to->oklch), 'leather stays leather');
        $mended = new Legibility([new Coloured($areas[0]->area, $mend->to->lab), $areas[1], $areas[2]], $touching, new Sight());
        self::assertSame([], $mended->findings());
        self::assertGreaterThan(0, $mend->apart);
        self::assertNotSame('', $mend->words);
        foreach ((new Pool(Swatches::shelf()))->nearest($areas[0]->lab ?? $mend->to->lab, Material::Leather) as $nearer) {
            if ($nearer->mix->key() === $mend->to->mix->key()) {
                break;
            }
            self::assertNotSame(
                [],
                (new Legibility([new Coloured($areas[0]->area, $nearer->lab), $areas[1], $areas[2]], $touching, new Sight()))->findings(),
                'a nearer colour would not do',
            );
        }
    }

    public function testWhatIsMeantAlikeIsNoFault(): void
    {
        $areas = [$this->area('a', '#6f4a2e'), $this->area('b', '#70502f')];
        $told = new Legibility($areas, [['a', 'b']], new Sight());
        $meant = new Legibility($areas, [['a', 'b']], new Sight(), [['b', 'a']]);

        self::assertCount(1, $told->findings());
        self::assertSame([], $meant->findings());
        self::assertSame(['clear', true], [$meant->pairs[0]->verdict(), $meant->pairs[0]->alike]);
        self::assertStringContainsString('meant alike', $meant->pairs[0]->sentence(0.8));
    }

    /** The minor one moves, even where the leading one could part them by less; two blacks are offered edges in two tints. */
    public function testTheLessImportantOfBothIsMoved(): void
    {
        $pool = new Pool(OrdinaryShelf::paints());
        $moved = function (Weight $one, Weight $other) use ($pool): ?string {
            $areas = [$this->area('a', '#7a4b2a', weight: $one), $this->area('b', '#744526', weight: $other)];
            $found = new Legibility($areas, [['a', 'b']], new Sight());

            return $found->mend($found->pairs[0], $pool)?->area->area->id;
        };
        self::assertSame('b', $moved(Weight::Leading, Weight::Minor));
        self::assertSame('a', $moved(Weight::Minor, Weight::Leading));

        $blacks = new Legibility([$this->area('a', '#1b1a1c'), $this->area('b', '#232327')], [['a', 'b']], new Sight());
        $words = $blacks->pairs[0]->withoutColour(EdgeTint::Cool, EdgeTint::Warm);
        self::assertStringContainsString('Two darks keep their colours: edges that lean to blue-grey on a and to brown-grey on b', $words);
        $browns = new Legibility([$this->area('a', '#7a4b2a'), $this->area('b', '#744526')], [['a', 'b']], new Sight());
        self::assertStringContainsString('or a dark line between', $browns->pairs[0]->withoutColour(EdgeTint::Green, EdgeTint::Cool));
    }

    /** Silver beside a dulled red is told; a strong red, a black or leather is not. */
    public function testADulledColourBesideBareMetalIsTold(): void
    {
        $steel = $this->area('steel', '#8e9296', material: Material::Metal);
        $beside = static fn (Coloured $other): array
            => (new Legibility([$steel, $other], [[$steel->area->id, $other->area->id]], new Sight()))->dulledByMetal();

        self::assertStringContainsString('the dulled colour of cloak', $beside($this->area('cloak', '#7a5550'))[0] ?? '');
        self::assertSame([], $beside($this->area('cloak', '#b03028')));
        self::assertSame([], $beside($this->area('cloak', '#1b1a1c')));
        self::assertSame([], $beside($this->area('belt', '#7a5550', material: Material::Leather)));
    }

    /** Straps stay leather: where nothing near parts them no far colour is proposed. */
    public function testWhatHasAColourOfItsOwnIsNotMovedFar(): void
    {
        $areas = [$this->area('a', '#6f4a2e', material: Material::Leather), $this->area('b', '#744e31', fixed: true)];
        $shelf = [Swatches::paint('Strap brown', '#6a4328'), Swatches::paint('Yellow', '#e8b020'), Swatches::paint('Black', '#17161a')];
        $mend = (new Legibility($areas, [['a', 'b']], new Sight()));
        self::assertLessThanOrEqual(18.0, $mend->mend($mend->pairs[0], new Pool($shelf))->apart ?? 0.0);
    }

    public function testWhereBothAreKeptNothingIsMended(): void
    {
        $legibility = new Legibility(
            [$this->area('a', '#808080', fixed: true), $this->area('b', '#828282', fixed: true)],
            [['a', 'b']],
            new Sight(),
        );

        self::assertNull($legibility->mend($legibility->pairs[0], new Pool(Swatches::shelf())));
    }

    public function testAShelfWithoutCoveringPaint(): void
    {
        $this->expectException(SchemeProblem::class);
        $this->expectExceptionMessage('You have no paint that covers');
        new Pool([]);
    }

    private function area(
        string $id,
        ?string $hex,
        float $cm2 = 1.0,
        Material $material = Material::Cloth,
        bool $fixed = false,
        Weight $weight = Weight::Supporting,
    ): Coloured {
        return new Coloured(
            new Area($id, ucfirst($id), $material, Relief::Tight, $cm2, weight: $weight),
            $hex === null ? null : Srgb::fromHex($hex)->toLab(),
            $fixed,
        );
    }
}
