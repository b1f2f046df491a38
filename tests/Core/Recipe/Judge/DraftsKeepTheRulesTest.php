<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Judge;

use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Draft\Specials;
use Kalokroma\Recipe\Judge\Rules;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Lamplighter;
use Tests\Core\Swatches;
use Tests\Thorough;

/** What the core drafts, it does not mark: every kind of area, way and special start, on several shelves and grounds. */
#[Group('thorough')]
final class DraftsKeepTheRulesTest extends TestCase
{
    /** Marks that tell of a weak colour over its ground, which the draft cannot help: the painter chose both. */
    private const OF_COLOUR_AND_GROUND = ['coats.many'];

    private const COLOURS = ['#8a6a48', '#c2a050', '#2f5a7e', '#e8e0d0', '#202124', '#a82a20'];
    private const GROUNDS = ['#1b1b1b', '#868686', '#e6dfcc'];

    #[DataProvider('ways')]
    public function testADraftIsNotMarked(Relief $relief, Way $way, int $turn): void
    {
        $number = 0;
        foreach (self::shelves() as $name => $shelf) {
            foreach ([Material::Cloth, Material::Metal] as $material) {
                foreach (self::COLOURS as $i => $hex) {
                    // Every fifth of the 24 for each relief and way, other ones from way to way; each shelf and material is among them.
                    if (!Thorough::takes($number++ + $turn, 5)) {
                        continue;
                    }
                    $brief = self::brief(new Area('1', 'Area', $material, $relief, 5.0), $hex, self::GROUNDS[$i % 3], $shelf, $way);
                    $this->assertUnmarked(Drafter::draft($brief), $brief, implode(' ', [$name, $material->value, $hex]));
                }
            }
        }
    }

    /** @return iterable<string, array{Relief, Way, int}> */
    public static function ways(): iterable
    {
        $turn = 0;
        foreach (Relief::cases() as $relief) {
            foreach (Way::cases() as $way) {
                yield $relief->value.', '.$way->value => [$relief, $way, $turn++];
            }
        }
    }

    #[DataProvider('starts')]
    public function testASpecialStartIsNotMarkedWhateverItIsUsedOn(string $start, bool $adds): void
    {
        $areas = [
            [Material::Wood, Relief::Plate],
            [Material::Cloth, Relief::Broad],
            [Material::Fur, Relief::Texture],
            [Material::Glass, Relief::Orb],
            [Material::Metal, Relief::Tight],
        ];
        $number = strlen($start);
        foreach (self::shelves() as $name => $shelf) {
            foreach (self::COLOURS as $i => $hex) {
                [$material, $relief] = $areas[$i % 5];
                foreach ([new Equipment(true, true), new Equipment(false, false, false, false, false, false)] as $equipment) {
                    if (!Thorough::takes($number++, 3)) {
                        continue;
                    }
                    $brief = self::brief(
                        new Area('1', 'Area', $material, $relief, 5.0),
                        $hex,
                        self::GROUNDS[$i % 3],
                        $shelf,
                        Way::Mixed,
                        $equipment,
                    );
                    $plan = Specials::draft($start, $brief, $adds ? Drafter::draft($brief) : null);
                    $this->assertUnmarked($plan, $brief, $name.' '.$hex.' '.$relief->value);
                }
            }
        }
    }

    /** @return iterable<string, array{string, bool}> */
    public static function starts(): iterable
    {
        foreach (Specials::offered(new Area('1', 'Area', Material::Wood, Relief::Plate, 5.0)) as $start) {
            yield $start['id'] => [$start['id'], $start['adds']];
        }
    }

    /** @return array<string, list<Paint>> */
    private static function shelves(): array
    {
        return ['small' => Swatches::shelf(), 'lamplighter' => Lamplighter::shelf()];
    }

    /** @param list<Paint> $shelf */
    private static function brief(
        Area $area,
        string $hex,
        string $ground,
        array $shelf,
        Way $way,
        Equipment $equipment = new Equipment(true, true),
    ): Brief {
        return new Brief(
            $area,
            Srgb::fromHex($hex)->toOklch(),
            $way,
            Swatches::reflectance($ground),
            $shelf,
            new LadderWish(),
            $equipment,
            1,
        );
    }

    private function assertUnmarked(Plan $plan, Brief $brief, string $where): void
    {
        $outcomes = Simulation::run($plan->steps, $brief->area, $brief->surface());
        $marks = [];
        foreach (Rules::judge($plan, $outcomes, $brief->area, $brief->equipment, $brief->intended) as ['mark' => $mark]) {
            if (!in_array($mark->code, self::OF_COLOUR_AND_GROUND, true)) {
                $marks[] = $mark->id().': '.$mark->finding->sentence();
            }
        }

        self::assertSame([], $marks, $where.': '.implode(', ', array_map(static fn ($s): string => $s->key->value, $plan->steps)));
    }
}
