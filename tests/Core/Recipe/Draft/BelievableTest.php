<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Face;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Judge\Ending;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Predict\Effort;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Undercoat\Kind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\OrdinaryShelf;
use Tests\Core\Swatches;

/** What makes a recipe believable, on an ordinary shelf: each line of it, on the areas painters asked for. */
final class BelievableTest extends TestCase
{
    private const GROUNDS = ['#1d1d1d', '#868686', '#f0f0ee'];

    /**
     * Pots first: what a painter would reach for, by name.
     *
     */
    #[DataProvider('reachedFor')]
    public function testAPainterReachesForThePotThatStandsThere(
        Material $material,
        Relief $relief,
        string $hex,
        string $pot,
        Way $way = Way::Mixed,
    ): void {
        [$plan] = self::drafted($material, $relief, $hex, '#868686', $way);
        $painted = implode('; ', array_filter(array_map(static fn ($s): ?string => $s->load->words(), $plan->steps)));

        self::assertStringContainsString($pot, $painted);
        foreach ($plan->steps as $step) {
            self::assertFalse($step->load->mix?->joinsFarHues() ?? false, $step->words().' joins far hues');
            self::assertLessThanOrEqual(5, array_sum(array_map(static fn ($p): int => $p->parts, $step->load->mix->parts ?? [])));
        }
    }

    /** @return iterable<string, array{0: Material, 1: Relief, 2: string, 3: string, 4?: Way}> */
    public static function reachedFor(): iterable
    {
        yield 'a coat in red' => [Material::Cloth, Relief::Tight, '#b3221e', 'Bright Red'];
        yield 'a belt: its pot, and the pot again after the wash' => [Material::Leather, Relief::Trim, '#7a4b2a', 'Saddle Brown'];
        yield 'a belt of an owned brown' => [Material::Leather, Relief::Tight, '#7a4b2a', 'Saddle Brown'];
        yield 'pouches of leather' => [Material::Leather, Relief::Tight, '#8c6239', 'Leather'];
        yield 'brown hair' => [Material::Hair, Relief::Texture, '#4d3322', 'Dark Brown'];
        yield 'olive trousers' => [Material::Cloth, Relief::Tight, '#5b5c31', 'Olive'];
        yield 'blue armour' => [Material::Lacquered, Relief::Plate, '#2d5596', 'Mid Blue'];
        yield 'yellow armour is painted in yellow, not in gold' => [Material::Lacquered, Relief::Plate, '#f0bd2a', 'Yellow'];
        yield 'skin' => [Material::Skin, Relief::Tight, '#c48c69', 'Skin Tan'];
        yield 'steel' => [Material::Metal, Relief::Plate, '#8b9095', 'Steel'];
        yield 'brass' => [Material::Metal, Relief::Trim, '#a07c38', 'Brass'];
    }

    /** Accents are strokes: one or two passes, layers three; white never more than three coats; nothing that changes less than 1. */
    #[DataProvider('ways')]
    public function testQuantitiesAreThoseOfThePainter(Way $way): void
    {
        foreach (self::areas() as [$material, $relief, $hex]) {
            foreach (self::GROUNDS as $ground) {
                [, $outcomes] = self::drafted($material, $relief, $hex, $ground, $way);
                foreach ($outcomes as $outcome) {
                    $this->assertStroke($outcome, $hex.' '.$relief->value.' on '.$ground);
                }
            }
        }
    }

    /** @return iterable<string, array{Way}> */
    public static function ways(): iterable
    {
        foreach (Way::cases() as $way) {
            yield $way->value => [$way];
        }
    }

    /** A wash is darker than its ground, brown or black or of the family: never a pale tint, never black over black. */
    public function testAWashIsDarkerThanItsGround(): void
    {
        foreach (self::areas() as [$material, $relief, $hex]) {
            foreach (self::GROUNDS as $ground) {
                [, $outcomes] = self::drafted($material, $relief, $hex, $ground, Way::Washes);
                foreach ($outcomes as $outcome) {
                    if (!$outcome->step->technique->isWash() || $outcome->step->technique === Technique::Stain) {
                        continue;
                    }
                    $look = $outcome->look;
                    self::assertLessThan($look->below->recess->toLab()->l, $look->after->recess->toLab()->l, $hex.' on '.$ground);
                    self::assertGreaterThan(22.0, Srgb::fromHex($hex)->toLab()->l, 'no wash over black');
                    $mix = $outcome->step->load->mix;
                    self::assertTrue($mix?->isTransparent() !== true || $mix->lab()->l < 76.0, $outcome->step->words().' tints');
                }
            }
        }
    }

    /** White over L* 92: the planes end 3 to 7 darker in an off-white, the ridges near it. */
    public function testWhiteIsNotBuiltUpEverywhere(): void
    {
        foreach (self::GROUNDS as $ground) {
            [$plan, $outcomes] = self::drafted(Material::Cloth, Relief::Broad, '#efece2', $ground);
            $light = static fn (string $key): ?float => $plan->step($key)?->load->mix?->lab()->l;
            self::assertGreaterThan($light('layer'), $light('highlight'), 'the whitest is kept for the ridges on '.$ground);
            $end = $outcomes[count($outcomes) - 1]->look->after;
            $white = Srgb::fromHex('#efece2')->toLab()->l;

            self::assertLessThan($white - 2.0, $end->plane->toLab()->l, 'planes on '.$ground);
            self::assertGreaterThan($white - 8.0, $end->plane->toLab()->l, 'planes on '.$ground);
            self::assertGreaterThan($end->plane->toLab()->l, $end->ridge->toLab()->l, 'ridges on '.$ground);
        }
    }

    /** The leaders' last light is lighter than the one below it, or there is none: on white nothing is left above the white. */
    public function testTheLastLightOfLeadersIsLighterThanTheOneBelow(): void
    {
        foreach (self::areas() as [$material, $relief, $hex]) {
            foreach (self::GROUNDS as $ground) {
                [$plan] = self::drafted($material, $relief, $hex, $ground, leaders: 1);
                $light = static fn (string $key): ?float => $plan->step($key)?->load->mix?->lab()->l;
                if ($light('accent') !== null && $light('highlight') !== null) {
                    self::assertGreaterThan($light('highlight'), $light('accent'), $hex.' on '.$ground);
                }
            }
        }
        self::assertNull(self::drafted(Material::Cloth, Relief::Broad, '#efece2', '#f0f0ee', leaders: 1)[0]->step('accent'));
        self::assertNotNull(self::drafted(Material::Cloth, Relief::Tight, '#6f4a2e', '#868686', leaders: 1)[0]->step('accent'));
    }

    /** Flakes come only where metal is bare; black starts on black. */
    public function testFlakesAndGroundsComeWhereTheyBelong(): void
    {
        foreach (self::areas() as [$material, $relief, $hex]) {
            [$plan] = self::drafted($material, $relief, $hex, '#1d1d1d');
            foreach ($plan->steps as $step) {
                $isFlake = $step->load->mix?->first()->behaviour === Behaviour::Metallic;
                self::assertTrue(!$isFlake || $material === Material::Metal, $hex.' '.$step->words());
            }
        }
        [$black] = self::drafted(Material::Lacquered, Relief::Plate, '#222124', '#1d1d1d');
        self::assertNull($black->step('basecoat'), 'the ground is its basecoat');
        [$grey] = self::drafted(Material::Lacquered, Relief::Plate, '#222124', '#868686');
        self::assertNotNull($grey->step('basecoat'));
    }

    /** Every recipe says where it ends: over 6 off it says so and what would mend it. */
    public function testWhatEndsFarOffSaysSo(): void
    {
        foreach (self::areas() as [$material, $relief, $hex]) {
            foreach (self::GROUNDS as $ground) {
                [, $outcomes, $brief] = self::drafted($material, $relief, $hex, $ground);
                $end = Ending::of($outcomes, $brief->area, $brief->intended);
                self::assertSame($end->off > 6.0, $end->finding !== null);
                self::assertLessThan(12.0, $end->off, $hex.' on '.$ground);
            }
        }
    }

    /** A foot figure of eleven areas, painted singly: fieldable about an hour to one and a half, finished two to four. */
    public function testMinutesLieInTheEnvelope(): void
    {
        $sum = static function (Level $level): float {
            $total = Effort::undercoatMinutes(Kind::Airbrush, 16.0, 2);
            $cm2 = [3.4, 2.4, 1.6, 0.9, 1.6, 0.6, 0.5, 0.4, 1.3, 1.0, 2.3];
            $loaded = [];
            foreach (array_slice(self::areas(), 0, 11) as $i => [$material, $relief, $hex]) {
                [, $outcomes] = self::drafted($material, $relief, $hex, '#868686', finish: $level, cm2: $cm2[$i]);
                foreach ($outcomes as $outcome) {
                    if ($outcome->step->level()->isWithin($level)) {
                        $mix = $outcome->step->load->mix?->key() ?? '';
                        $total += $outcome->labour->minutes - (isset($loaded[$mix]) ? $outcome->labour->loading : 0.0);
                        $loaded[$mix] = true;
                    }
                }
            }

            return $total;
        };
        [$fieldable, $finished, $showpiece] = array_map($sum, Level::cases());

        self::assertGreaterThan(45.0, $fieldable);
        self::assertLessThan(90.0, $fieldable);
        self::assertGreaterThan(95.0, $finished);
        self::assertLessThan(240.0, $finished);
        self::assertGreaterThan($finished, $showpiece);
    }

    private function assertStroke(StepOutcome $outcome, string $where): void
    {
        $step = $outcome->step;
        $most = match ($step->technique) {
            Technique::FeatheredLayer, Technique::EdgeHighlight, Technique::Dot, Technique::Freehand => 2,
            Technique::Layer, Technique::ShadeLayer, Technique::AirbrushFade => 3,
            default => 12,
        };
        $mix = $step->load->mix;
        $isWhite = $mix !== null && $step->isFilm() && $mix->lab()->l > 90.0 && Oklch::fromLab($mix->lab())->chroma < 0.03;
        self::assertLessThanOrEqual($isWhite ? min(3, $most) : $most, $outcome->labour->coats, $step->key->value.' of '.$where);
        $moved = max(array_map(static fn (Face $f): float => Ciede2000::difference(
            $outcome->look->below->face($f)->toLab(),
            $outcome->look->after->face($f)->toLab(),
        ), Face::cases()));
        self::assertGreaterThan($step->scope->place->share < 1.0 ? 0.1 : 0.9, $moved, $step->words().' of '.$where.' changes nothing');
    }

    /** @return list<array{Material, Relief, string}> */
    private static function areas(): array
    {
        return [
            [Material::Cloth, Relief::Broad, '#a82a20'], [Material::Cloth, Relief::Tight, '#6f4a2e'],
            [Material::Cloth, Relief::Broad, '#efece2'], [Material::Cloth, Relief::Tight, '#e8b530'],
            [Material::Cloth, Relief::Tight, '#5f5d3a'], [Material::Skin, Relief::Tight, '#c98e6b'],
            [Material::Hair, Relief::Texture, '#5d3f2a'], [Material::Leather, Relief::Trim, '#7a4b2a'],
            [Material::Leather, Relief::Tight, '#4a3526'], [Material::Metal, Relief::Plate, '#8b9095'],
            [Material::Lacquered, Relief::Plate, '#2d5596'], [Material::Lacquered, Relief::Plate, '#e6b733'],
            [Material::Fur, Relief::Texture, '#2b2a2b'], [Material::Bone, Relief::Broad, '#d3c49a'],
        ];
    }

    /** @return array{Plan, non-empty-list<StepOutcome>, Brief} */
    private static function drafted(
        Material $material,
        Relief $relief,
        string $hex,
        string $ground,
        Way $way = Way::Mixed,
        Level $finish = Level::Finished,
        float $cm2 = 3.0,
        int $leaders = 0,
    ): array {
        /** @var Palette|null $palette */
        static $palette = null;
        $palette ??= new Palette(OrdinaryShelf::paints());
        $brief = new Brief(
            new Area('1', 'Area', $material, $relief, $cm2, 3, Weight::Supporting),
            Srgb::fromHex($hex)->toOklch(),
            $way,
            Swatches::reflectance($ground),
            OrdinaryShelf::paints(),
            new LadderWish(finish: $finish),
            leaders: $leaders,
            palette: $palette,
        );
        $plan = Drafter::draft($brief);
        $outcomes = Simulation::run($plan->steps, $brief->area, $brief->surface());
        self::assertNotSame([], $outcomes);

        return [$plan, $outcomes, $brief];
    }
}
