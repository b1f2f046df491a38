<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Draft;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Typed\CommonPaints;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Washes that are known only by words are shaded with like any others, and by the family of what they shade. */
final class UsualWashesTest extends TestCase
{
    /** @param list<string> $right names of washes, any of which is right */
    #[DataProvider('areas')]
    public function testAnAreaIsShadedWithTheWashOfItsFamily(string $material, string $relief, string $hex, array $right): void
    {
        $below = Surface::uniform(Reflectance::fromSrgb(Srgb::fromHex('#868686')));
        $area = new Area('a', 'Area', Material::from($material), Relief::from($relief), 2.0, 2, Weight::Supporting);
        $plan = Drafter::draft(new Brief(
            $area,
            Srgb::fromHex($hex)->toOklch(),
            Way::Washes,
            $below,
            self::shelf(),
            equipment: new Equipment(false, false),
        ));
        $washed = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => $s->technique->isWash()));

        self::assertCount(1, $washed);
        self::assertContains($washed[0]->words(), $right);
        foreach (Simulation::run($plan->steps, $area, $below) as $outcome) {
            if ($outcome->step === $washed[0]) {
                $darker = $outcome->look->below->plane->toLab()->l - $outcome->look->after->plane->toLab()->l;
                self::assertGreaterThanOrEqual(0.0, $darker, 'a line in the recesses leaves it as it is');
                self::assertLessThan(12.0, $darker, 'one neat coat does not drown the plane');
            }
        }
    }

    /** @return iterable<string, array{string, string, string, list<string>}> */
    public static function areas(): iterable
    {
        yield 'skin' => ['skin', 'tight', '#d6a17d', ['Brown wash', 'Sepia wash']];
        yield 'bone' => ['bone', 'tight', '#d7caa6', ['Brown wash', 'Sepia wash']];
        yield 'red cloth' => ['cloth', 'tight', '#af2b25', ['Brown wash', 'Sepia wash']];
        yield 'leather' => ['leather', 'tight', '#754e2f', ['Brown wash', 'Sepia wash']];
        yield 'grey fur' => ['fur', 'tight', '#6a6a68', ['Black wash']];
        yield 'blue-green cloth' => ['cloth', 'tight', '#40605a', ['Black wash']];
        yield 'bronze' => ['metal', 'trim', '#7a5a2a', ['Sepia wash', 'Brown wash']];
        yield 'steel' => ['metal', 'tight', '#7b8083', ['Black wash']];
    }

    /** @return list<Paint> the forty plain paints that anybody can tick */
    private static function shelf(): array
    {
        $shelf = [];
        foreach (CommonPaints::all() as $group) {
            foreach ($group as $paint) {
                $colour = $paint->hex === null ? null : Reflectance::fromSrgb(Srgb::fromHex($paint->hex));
                $shelf[] = new Paint($paint->name, $paint->name, '', $paint->behaviour, $colour, true, 10.0, null, $paint->source);
            }
        }
        self::assertNotSame([], array_filter($shelf, static fn (Paint $p): bool => $p->behaviour === Behaviour::Wash));

        return $shelf;
    }
}
