<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Draft;

use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Specials;
use Kalokroma\Recipe\Judge\Ending;
use Kalokroma\Recipe\Judge\Rules;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\OrdinaryShelf;
use Tests\Core\Swatches;

/** The special starts, drafted from an ordinary shelf. */
final class StartsTest extends TestCase
{
    private const GROUNDS = ['#1d1d1d', '#868686', '#f0f0ee'];

    #[DataProvider('colours')]
    public function testYellowRedAndWhiteEndAsWanted(string $start, string $hex): void
    {
        foreach (self::GROUNDS as $ground) {
            [, $outcomes, $brief] = self::drafted($start, $hex, $ground);
            $end = Ending::of($outcomes, $brief->area, $brief->intended);
            self::assertLessThanOrEqual(6.0, $end->off, $start.' on '.$ground.' ends '.$end->words);
        }
    }

    /** @return iterable<array{string, string}> */
    public static function colours(): iterable
    {
        yield ['yellow-magenta', '#e8b530'];
        yield ['yellow-magenta', '#f0c93a'];
        yield ['yellow-orange', '#e8b530'];
        yield ['yellow-flat', '#e8b530'];
        yield ['red-clay', '#a82a20'];
        yield ['red-fire', '#a82a20'];
        yield ['red-glazed', '#a82a20'];
        yield ['white-warm', '#efece2'];
        yield ['white-cool', '#e9edf0'];
    }

    /** No start breaks the rules it stands beside: a gem's white glint is not pink, nothing is mixed with flakes. */
    #[DataProvider('starts')]
    public function testNoStartBreaksItsOwnRules(string $start, string $material, string $relief, string $hex): void
    {
        foreach (self::GROUNDS as $ground) {
            [$plan, $outcomes, $brief] = self::drafted($start, $hex, $ground, Material::from($material), Relief::from($relief));
            $marks = Rules::judge($plan, $outcomes, $brief->area, $brief->equipment, $brief->intended);
            self::assertSame([], array_map(static fn (array $m): string => $m['mark']->finding->sentence(), $marks), $start.' on '.$ground);
            foreach ($outcomes as $outcome) {
                $isWhite = $outcome->step->isFilm() && ($outcome->step->load->mix?->lab()->l ?? 0.0) > 90.0;
                self::assertLessThanOrEqual($isWhite ? 3 : 12, $outcome->labour->coats, $start.' '.$outcome->step->key->value);
            }
        }
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function starts(): iterable
    {
        foreach ([
            ['gem', 'glass', 'orb', '#a3202a'], ['lens', 'glass', 'orb', '#3c7a3e'], ['eye', 'skin', 'orb', '#2d5596'],
            ['bone', 'bone', 'broad', '#d3c49a'], ['leather', 'leather', 'tight', '#7a4b2a'], ['fur', 'fur', 'texture', '#6f4a2e'],
            ['feathers', 'feather', 'texture', '#9a9a98'], ['painted-metal', 'metal', 'plate', '#8b9095'],
            ['true-metal', 'metal', 'plate', '#8b9095'], ['glow', 'glass', 'orb', '#f0b42c'],
            ['black-armour', 'lacquered-metal', 'plate', '#232327'], ['white-cool', 'cloth', 'broad', '#efece2'],
            ['white-warm', 'cloth', 'tight', '#efece2'], ['yellow-magenta', 'cloth', 'tight', '#e8b530'],
            ['yellow-orange', 'cloth', 'tight', '#e8b530'], ['yellow-flat', 'lacquered-metal', 'plate', '#e8b530'],
            ['red-clay', 'cloth', 'broad', '#a82a20'], ['red-fire', 'cloth', 'broad', '#a82a20'],
            ['red-glazed', 'cloth', 'broad', '#a82a20'], ['chipped', 'wood', 'plate', '#5f5d3a'], ['base', 'ground', 'texture', '#6b5b40'],
        ] as $row) {
            yield $row[0] => $row;
        }
    }

    /** Inks tint where they are owned; without any, the colour itself is glazed. */
    public function testTintingGlazesAreMadeOfInks(): void
    {
        $tint = static function (array $shelf): PlannedStep {
            [$plan] = self::drafted('red-glazed', '#a82a20', '#868686', shelf: $shelf);

            return $plan->step('tint') ?? self::fail('it is glazed');
        };
        $all = OrdinaryShelf::paints();
        $inked = $tint($all);
        self::assertSame('Red Ink', $inked->load->words());
        self::assertSame(Behaviour::Ink, $inked->load->mix?->first()->behaviour);
        $bare = $tint(array_values(array_filter($all, static fn (Paint $p): bool => !$p->behaviour->isTransparent())));
        self::assertSame('Bright Red', $bare->load->words());
    }

    /** Over white a stone of white saves nothing, and a tint that would change less than 1 is left out. */
    public function testWhatChangesNothingIsLeftOut(): void
    {
        $keys = static fn (string $ground): array => array_map(
            static fn (PlannedStep $s): string => $s->key->value,
            self::drafted('yellow-flat', '#e8b530', $ground)[0]->steps,
        );
        self::assertContains('stone', $keys('#1d1d1d'));
        self::assertNotContains('stone', $keys('#f0f0ee'));

        $left = static fn (Plan $plan): string => implode(' ', array_map(static fn ($l): string => $l->reason->sentence(), $plan->leftOut));
        [$plan, $outcomes] = self::drafted('bone', '#ece3c8', '#f0f0ee', Material::Bone);
        self::assertNull($plan->step('tip'), 'the shelf has nothing lighter than ivory there');
        self::assertStringContainsString('nobody would see it', $left($plan));
        [$grey] = self::drafted('feathers', '#9a9a98', '#868686', Material::Feather, Relief::Texture);
        self::assertNull($grey->step('tint'));
        self::assertStringContainsString('no hue to be turned', $left($grey));
        [$brown] = self::drafted('feathers', '#c9a86a', '#868686', Material::Feather, Relief::Texture);
        self::assertNotNull($brown->step('tint'));
        foreach ($outcomes as $outcome) {
            self::assertNotSame($outcome->look->below->hexes(), $outcome->look->after->hexes(), $outcome->step->key->value);
        }
    }

    /** A weak colour over black wants many coats: a stone saves some. Over a light ground none. */
    public function testStartsLayAStoneWhereItSavesMinutes(): void
    {
        $stone = static fn (string $ground, float $cm2): ?PlannedStep
            => self::drafted('red-fire', '#f0bd2a', $ground, cm2: $cm2)[0]->step('stepping-stone');

        self::assertNotNull($stone('#1d1d1d', 12.0));
        self::assertNull($stone('#f0f0ee', 12.0));
    }

    /**
     * @param list<Paint>|null $shelf
     *
     * @return array{Plan, non-empty-list<StepOutcome>, Brief}
     */
    private static function drafted(
        string $start,
        string $hex,
        string $ground,
        Material $material = Material::Cloth,
        Relief $relief = Relief::Broad,
        ?array $shelf = null,
        float $cm2 = 3.0,
    ): array {
        $brief = new Brief(
            new Area('1', 'Area', $material, $relief, $relief === Relief::Orb ? 0.15 : $cm2, 2, Weight::Leading),
            Srgb::fromHex($hex)->toOklch(),
            Way::Mixed,
            Swatches::reflectance($ground),
            $shelf ?? OrdinaryShelf::paints(),
            equipment: new Equipment(true, true),
        );
        $plan = Specials::draft($start, $brief);
        $outcomes = Simulation::run($plan->steps, $brief->area, $brief->surface());
        self::assertNotSame([], $outcomes);

        return [$plan, $outcomes, $brief];
    }
}
