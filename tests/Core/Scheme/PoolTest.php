<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Material;
use Kalokroma\Scheme\Candidates;
use Kalokroma\Scheme\Choice;
use Kalokroma\Scheme\MaterialRange;
use Kalokroma\Scheme\Pool;
use Kalokroma\Shelf\Mix;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class PoolTest extends TestCase
{
    public function testSinglesStandBeforeMixesThatAreTheSameToTheEye(): void
    {
        $pool = new Pool(Swatches::shelf());
        $keys = array_map(static fn (Choice $c): string => $c->key, $pool->choices);
        self::assertSame($keys, array_unique($keys));
        foreach (Swatches::shelf() as $paint) {
            if ($paint->behaviour->isMixable()) {
                self::assertContains(Mix::single($paint)->key(), $keys, $paint->name);
            }
        }
        foreach ($pool->choices as $i => $one) {
            foreach (array_slice($pool->choices, $i + 1) as $other) {
                if (!$one->metallic && !$other->metallic && !$other->mix->isSingle()) {
                    self::assertGreaterThan(
                        3.99,
                        sqrt(
                            ($one->lab->l - $other->lab->l) ** 2
                    + ($one->lab->a - $other->lab->a) ** 2 + ($one->lab->b - $other->lab->b) ** 2,
                        ),
                    );
                }
            }
        }
    }

    public function testTheColourOfAChoiceIsThatOfItsMix(): void
    {
        foreach (array_slice((new Pool(Swatches::shelf()))->choices, -40) as $choice) {
            self::assertEquals($choice->mix->lab(), $choice->lab);
            self::assertLessThan(0.6, Ciede2000::difference(Srgb::fromHex($choice->hex)->toLab(), $choice->lab));
        }
    }

    public function testTheClosestIsWhatAPainterWouldChooseOfAllThatCover(): void
    {
        $pool = new Pool(Swatches::shelf());
        $target = Srgb::fromHex('#7a6a4c')->toLab();
        $expected = static fn (Choice $c): float => hypot(Ciede2000::difference($target, $c->lab), $c->mix->certainty());
        $least = min(array_map(static fn (Choice $c): float => $c->metallic ? INF : $expected($c), $pool->choices));
        $closest = $pool->closest($target);

        self::assertLessThanOrEqual($least + 1.0, $expected($closest));
        foreach ($pool->choices as $choice) {
            $isSimpler = !$choice->metallic && count($choice->mix->parts) < count($closest->mix->parts);
            self::assertFalse($isSimpler && $expected($choice) <= $least + 1.0, 'the simplest of those');
        }
        $order = array_map(
            static fn (Choice $c): float => hypot(hypot($c->lab->l - $target->l, $c->lab->a - $target->a), $c->lab->b - $target->b),
            $pool->nearest($target, Material::Leather),
        );
        $sorted = $order;
        sort($sorted);
        self::assertSame($sorted, $order);
    }

    /** Hues more than 60 degrees apart, both coloured, stand in one mix only where a shelf offers little else. */
    public function testFarHuesAreMixedOnlyOnASmallShelf(): void
    {
        $joining = static fn (Pool $pool): int => count(array_filter(
            $pool->choices,
            static fn (Choice $c): bool => $c->mix->joinsFarHues(),
        ));
        $primaries = [Swatches::paint('Red', '#a82a20'), Swatches::paint('Yellow', '#f0b42c'), Swatches::paint('Blue', '#2f5a7e')];

        self::assertSame(0, $joining(new Pool(Swatches::shelf())));
        self::assertGreaterThan(0, $joining(new Pool($primaries)));
    }

    /** Colours that painters would give a material, and colours they would not. */
    #[DataProvider('materials')]
    public function testWhatAMaterialMayHave(Material $material, string $yes, string $no): void
    {
        self::assertTrue(MaterialRange::holds($material, Srgb::fromHex($yes)->toOklch()), $yes);
        self::assertFalse(MaterialRange::holds($material, Srgb::fromHex($no)->toOklch()), $no);
        self::assertLessThan(
            MaterialRange::unusual($material, Srgb::fromHex($no)->toOklch()),
            MaterialRange::unusual($material, Srgb::fromHex($yes)->toOklch()),
        );
    }

    /** @return iterable<string, array{Material, string, string}> */
    public static function materials(): iterable
    {
        yield 'leather is brown' => [Material::Leather, '#6f4a2e', '#2f5a7e'];
        yield 'skin is flesh' => [Material::Skin, '#c98e6b', '#4b5a32'];
        yield 'bone is pale' => [Material::Bone, '#d9cca6', '#3d4b52'];
        yield 'wood is brown or grey' => [Material::Wood, '#847a6c', '#a82a20'];
        yield 'rope is straw' => [Material::Rope, '#a08a5e', '#1f3050'];
        yield 'stone is grey' => [Material::Stone, '#9aa09e', '#d0601f'];
        yield 'ground is earth' => [Material::Ground, '#6a6a48', '#c98d9c'];
        yield 'glass glows' => [Material::Glass, '#f0b42c', '#4b3524'];
    }

    public function testCandidatesSpreadOverLightnessAndFollowTheHue(): void
    {
        $found = (new Candidates(new Pool(Swatches::shelf())))->for(Material::Cloth, 250.0, false, false, 40.0, 0.0);
        $bands = array_count_values(array_map(static fn (array $c): int => (int) floor($c[0]->lab->l / 13), $found));
        self::assertGreaterThanOrEqual(5, count($bands));
        self::assertLessThanOrEqual(3, max($bands));
        usort($found, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
        self::assertLessThan(40, abs($found[0][0]->oklch->hueTurnTo(250.0)), 'the cheapest is blue');

        $muted = (new Candidates(new Pool(Swatches::shelf())))->for(Material::Cloth, 65.0, true, false, 40.0, 0.0);
        usort($muted, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
        self::assertLessThan(0.09, $muted[0][0]->oklch->chroma);
        self::assertInstanceOf(Oklch::class, $muted[0][0]->oklch);
    }
}
