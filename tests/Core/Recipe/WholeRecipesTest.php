<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Caution\Tool;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Draft\Specials;
use Kalokroma\Recipe\Plan\LeftOut;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Purpose;
use Kalokroma\Word\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Lamplighter;
use Tests\Core\Swatches;

/** Whole recipes, each judged by what makes a recipe sound. */
final class WholeRecipesTest extends TestCase
{
    use JudgesRecipes;

    private const DARK = '#1b1b1b';
    private const GREY = '#868686';
    private const LIGHT = '#e6dfcc';

    /**
     * Coats of a thinned basecoat to hide, by colour and ground: the usual numbers painters count, undiluted to 1:1, since
     * basecoats are thinned 2:1 to 1:1.
     */
    private const COATS = [
        'earth' => [self::DARK => [1, 3], self::GREY => [1, 3], self::LIGHT => [1, 4]],
        'bone' => [self::DARK => [2, 5], self::GREY => [1, 4], self::LIGHT => [1, 3]],
        'red' => [self::DARK => [3, 7], self::GREY => [3, 6], self::LIGHT => [2, 5]],
        'yellow' => [self::DARK => [4, 12], self::GREY => [4, 9], self::LIGHT => [2, 5]],
        'white' => [self::DARK => [4, 9], self::GREY => [3, 8], self::LIGHT => [1, 3]],
    ];

    #[DataProvider('recipes')]
    public function testARecipeAGoodPainterWouldCallSound(
        Relief $relief,
        Material $material,
        string $hex,
        string $kind,
        string $ground,
        Way $way,
    ): void {
        $area = new Area('1', 'Area', $material, $relief, 5.0, 3, Weight::Leading);
        $equipment = new Equipment(true, true);
        $plan = Drafter::draft(
            new Brief(
                $area,
                Srgb::fromHex($hex)->toOklch(),
                $way,
                Swatches::reflectance($ground),
                Lamplighter::shelf(),
                equipment: $equipment,
            ),
        );
        $outcomes = Simulation::run($plan->steps, $area, Surface::uniform(Swatches::reflectance($ground)));
        $this->assertSound($plan, $outcomes, $area, $equipment);

        [$least, $most] = self::COATS[$kind][$ground];
        $below = 0;
        foreach ($outcomes as $outcome) {
            $below += in_array(
                $outcome->step->technique,
                [Technique::SteppingStone, Technique::Basecoat, Technique::AirbrushCoat],
                true,
            ) ? $outcome->labour->coats : 0;
        }
        $base = $plan->step('basecoat')?->load->mix;
        // Under a wash or a layer nearly hidden is enough.
        $isLast = array_filter($plan->steps, static fn (PlannedStep $s): bool => $s->technique->covers()) === [];
        if ($isLast && $plan->step('stepping-stone') === null && $base !== null && $base->isSingle() && $way !== Way::Stain) {
            self::assertGreaterThanOrEqual($least, $below, 'a single paint hides no sooner than painters count');
        }
        self::assertLessThanOrEqual($most, $below, 'a stepping stone or a mix may save coats, never cost any');

        $end = $outcomes[count($outcomes) - 1]->look->after;
        self::assertLessThan(
            8.0,
            Ciede2000::difference($end->plane->toLab(), Srgb::fromHex($hex)->toLab()),
            'the planes end as they were wanted',
        );
        self::assertLessThan($end->plane->toLab()->l - 3.0, $end->recess->toLab()->l, 'the recess is darker');
        self::assertGreaterThan($end->plane->toLab()->l + ($kind === 'white' ? 1.0 : 2.0), $end->ridge->toLab()->l, 'the ridge is lighter');
    }

    /** @return iterable<string, array{Relief, Material, string, string, string, Way}> */
    public static function recipes(): iterable
    {
        yield 'brown cloak, washed' => [Relief::Tight, Material::Cloth, '#6f4a2e', 'earth', self::GREY, Way::Washes];
        yield 'dark blue cape in layers' => [Relief::Broad, Material::Cloth, '#1f3050', 'earth', self::DARK, Way::Layers];
        yield 'dark blue cape in glazes' => [Relief::Broad, Material::Cloth, '#2f5a7e', 'earth', self::GREY, Way::Glazes];
        yield 'bone tabard over dark' => [Relief::Broad, Material::Cloth, '#d9cca6', 'bone', self::DARK, Way::Mixed];
        yield 'bone tabard over light' => [Relief::Tight, Material::Cloth, '#d9cca6', 'bone', self::LIGHT, Way::Mixed];
        yield 'red sash over grey' => [Relief::Tight, Material::Cloth, '#a82a20', 'red', self::GREY, Way::Mixed];
        yield 'red sash over light, layers' => [Relief::Tight, Material::Cloth, '#a82a20', 'red', self::LIGHT, Way::Layers];
        yield 'red lid by airbrush' => [Relief::Plate, Material::Wood, '#a82a20', 'red', self::GREY, Way::Airbrush];
        yield 'yellow oilskin over dark' => [Relief::Tight, Material::Cloth, '#f0b42c', 'yellow', self::DARK, Way::Mixed];
        yield 'yellow oilskin over light' => [Relief::Broad, Material::Cloth, '#f0b42c', 'yellow', self::LIGHT, Way::Mixed];
        yield 'white sail over grey' => [Relief::Broad, Material::Cloth, '#efece2', 'white', self::GREY, Way::Mixed];
        yield 'shaggy fur in drybrush' => [Relief::Texture, Material::Fur, '#6a5a44', 'earth', self::DARK, Way::Drybrush];
        yield 'rope, stained' => [Relief::Texture, Material::Rope, '#a3906a', 'earth', self::LIGHT, Way::Stain];
        yield 'green hood, stained' => [Relief::Tight, Material::Cloth, '#4b5a32', 'earth', self::LIGHT, Way::Stain];
        yield 'leather strap' => [Relief::Trim, Material::Leather, '#6f4a2e', 'earth', self::GREY, Way::Mixed];
        yield 'slate hull plates' => [Relief::Plate, Material::Wood, '#3d4b52', 'earth', self::GREY, Way::Layers];
    }

    /** Whites leave their ridges room above; where the shelf holds nothing lighter than the planes a highlight is left out. */
    public function testAHighlightWithoutRoomIsLeftOut(): void
    {
        $area = new Area('1', 'Area', Material::Cloth, Relief::Broad, 5.0);
        $white = Drafter::draft($this->brief($area, '#f3f1ea'));
        $outcomes = Simulation::run($white->steps, $area, $this->brief($area, '#f3f1ea')->surface());
        $end = $outcomes[count($outcomes) - 1]->look->after;
        self::assertNotNull($white->step('highlight'));
        self::assertGreaterThan($end->plane->toLab()->l + 1.0, $end->ridge->toLab()->l);
        self::assertLessThan(6.0, Ciede2000::difference($end->plane->toLab(), Srgb::fromHex('#f3f1ea')->toLab()));

        $brief = $this->brief($area, '#c2c6c4');
        $dark = array_values(array_filter($brief->shelf, static fn (Paint $p): bool => $p->colour === null || $p->lab()->l < 80.0));
        $plan = Drafter::draft(new Brief($area, $brief->intended, $brief->way, $brief->ground, $dark));
        self::assertNull($plan->step('highlight'));
        self::assertNotSame([], array_filter(
            $plan->leftOut,
            static fn (LeftOut $l): bool => in_array($l->reason->code, ['highlight.no-room', 'mix.missing', 'step.unseen'], true),
        ));
    }

    /** @return iterable<string, array{string, Way}> */
    public static function lamplighter(): iterable
    {
        foreach (array_keys(Lamplighter::areas()) as $name) {
            foreach (Way::cases() as $way) {
                yield $name.', '.$way->words() => [$name, $way];
            }
        }
    }

    #[DataProvider('lamplighter')]
    public function testTheTwelveAreasOfTheLamplighterInEachWay(string $name, Way $way): void
    {
        [$area, $hex] = Lamplighter::areas()[$name];
        $equipment = new Equipment(true, false);
        foreach ([self::DARK, self::GREY, self::LIGHT] as $ground) {
            $brief = new Brief(
                $area,
                Srgb::fromHex($hex)->toOklch(),
                $way,
                Swatches::reflectance($ground),
                Lamplighter::shelf(),
                equipment: $equipment,
                leaders: 2,
            );
            $plan = Drafter::draft($brief);
            $outcomes = Simulation::run($plan->steps, $area, $brief->surface());
            $this->assertSound($plan, $outcomes, $area, $equipment);
            $end = $outcomes[count($outcomes) - 1]->look->after;
            $apart = Ciede2000::difference($end->plane->toLab(), Srgb::fromHex($hex)->toLab());
            self::assertLessThan($area->material === Material::Metal ? 15.0 : 11.0, $apart, $name.' on '.$ground);
            self::assertGreaterThan($end->recess->toLab()->l, $end->ridge->toLab()->l, $name.' is lit');
        }
    }

    /**
     * @return iterable<string, array{string, Material, Relief, string, list<string>}> id, area, colour, and techniques that make it what
     *   it is
     */
    public static function starts(): iterable
    {
        yield 'gem' => ['gem', Material::Glass, Relief::Orb, '#2f5a7e', ['dot', 'gloss-spot']];
        yield 'lens' => ['lens', Material::Glass, Relief::Orb, '#4b5a32', ['dot', 'gloss-spot']];
        yield 'eye' => ['eye', Material::Skin, Relief::Orb, '#2f5a7e', ['freehand', 'dot']];
        yield 'bone' => ['bone', Material::Bone, Relief::Tight, '#d9cca6', ['wash-all-over', 'feathered-layer']];
        yield 'leather' => ['leather', Material::Leather, Relief::Broad, '#6f4a2e', ['stipple', 'edge-highlight']];
        yield 'fur' => ['fur', Material::Fur, Relief::Texture, '#6a5a44', ['wash-all-over', 'drybrush']];
        yield 'feathers' => ['feathers', Material::Feather, Relief::Texture, '#b08a5c', ['edge-highlight', 'glaze']];
        yield 'painted metal' => ['painted-metal', Material::Metal, Relief::Plate, '#9aa09e', ['painted-metal', 'dot']];
        yield 'true metal' => ['true-metal', Material::Metal, Relief::Plate, '#8f6f35', ['metal-coat', 'wash-all-over', 'drybrush']];
        yield 'verdigris' => ['verdigris', Material::Metal, Relief::Trim, '#9a5b3c', ['effect-paint']];
        yield 'rust' => ['rust', Material::Metal, Relief::Plate, '#5f6265', ['stipple', 'pigment-powder']];
        yield 'glow' => ['glow', Material::Glass, Relief::Orb, '#f0b42c', ['glaze', 'layer']];
        yield 'two lights' => ['two-lights', Material::Cloth, Relief::Broad, '#5b666b', ['glaze', 'edge-highlight']];
        yield 'black armour' => ['black-armour', Material::Metal, Relief::Plate, '#1d1c1b', ['recess-line', 'edge-highlight']];
        yield 'white, cool' => ['white-cool', Material::Cloth, Relief::Broad, '#efece2', ['glaze', 'feathered-layer']];
        yield 'white, warm' => ['white-warm', Material::Cloth, Relief::Broad, '#efece2', ['glaze', 'feathered-layer']];
        yield 'yellow over magenta' => ['yellow-magenta', Material::Cloth, Relief::Tight, '#f0b42c', ['stipple']];
        yield 'yellow over orange' => ['yellow-orange', Material::Cloth, Relief::Tight, '#f0b42c', ['glaze']];
        yield 'yellow flat' => ['yellow-flat', Material::Cloth, Relief::Plate, '#f0b42c', ['stepping-stone', 'recess-line']];
        yield 'red of clay' => ['red-clay', Material::Cloth, Relief::Tight, '#a82a20', ['wash-all-over', 'feathered-layer']];
        yield 'red of fire' => ['red-fire', Material::Cloth, Relief::Broad, '#a82a20', ['shade-layer', 'feathered-layer']];
        yield 'red glazed' => ['red-glazed', Material::Cloth, Relief::Broad, '#a82a20', ['glaze']];
        yield 'chipped' => [
            'chipped',
            Material::Wood,
            Relief::Plate,
            '#3d4b52',
            ['chipping-fluid', 'chipping-top-coat', 'chipping-opening'],
        ];
        yield 'weathering' => [
            'weathering',
            Material::Wood,
            Relief::Plate,
            '#6f4a2e',
            ['gloss-varnish', 'marking', 'softener', 'enamel-wash', 'wiping', 'streak', 'streak-blend', 'matt-varnish'],
        ];
        yield 'base' => [
            'base',
            Material::Ground,
            Relief::Texture,
            '#6a6a48',
            ['texture-paste', 'grit', 'wash-all-over', 'drybrush', 'tuft', 'rim'],
        ];
    }

    /** @param list<string> $marks */
    #[DataProvider('starts')]
    public function testASpecialStartIsWhatItIsCalled(string $id, Material $material, Relief $relief, string $hex, array $marks): void
    {
        $area = new Area('1', 'Area', $material, $relief, 4.0);
        $fluid = new Paint('fluid', 'Chipping fluid', 'Harbour Fluids', Behaviour::Effect, null, purpose: Purpose::Chipping);
        $brief = $this->brief($area, $hex, more: $id === 'chipped' ? [$fluid] : []);
        $plan = Specials::draft($id, $brief, Drafter::draft($brief));
        $found = array_map(static fn ($s): string => $s->technique->value, $plan->steps);

        self::assertSame([], array_diff($marks, $found));
        $this->assertSound($plan, Simulation::run($plan->steps, $area, $brief->surface()), $area, $brief->equipment);
        self::assertTrue(array_filter(Specials::offered($area), static fn (array $o): bool => $o['id'] === $id) !== []);
    }

    public function testWithoutAChippingFluidTheChipsAreDabbedOn(): void
    {
        $brief = $this->brief(new Area('1', 'Hull', Material::Wood, Relief::Plate, 4.0), '#3d4b52');
        $plan = Specials::draft('chipped', $brief);
        $found = array_map(static fn ($s): string => $s->technique->value, $plan->steps);

        self::assertContains('chips', $found);
        self::assertSame([], array_intersect(['chipping-fluid', 'chipping-top-coat', 'chipping-opening'], $found));
    }

    public function testEveryStartIsTried(): void
    {
        $offered = array_column(Specials::offered(new Area('1', 'A', Material::Cloth, Relief::Tight, 4.0)), 'id');
        $tried = array_map(static fn (array $s): string => $s[0], array_values(iterator_to_array(self::starts())));
        sort($offered);
        sort($tried);

        self::assertSame($offered, $tried);
    }

    public function testAStartFollowsTheColour(): void
    {
        $area = new Area('1', 'Gem', Material::Glass, Relief::Orb, 1.0);
        foreach (['#2f5a7e' => [220, 290], '#a82a20' => [0, 60], '#4b5a32' => [90, 160]] as $hex => [$from, $to]) {
            $plan = Specials::draft('gem', $this->brief($area, $hex));
            $hue = $plan->step('glow')?->target->hue ?? -1.0;
            self::assertGreaterThan($from, $hue, $hex);
            self::assertLessThan($to, $hue, $hex);
        }
        $this->expectExceptionObject(RecipeProblem::noSuchStart('glitter'));
        Specials::draft('glitter', $this->brief($area, '#2f5a7e'));
    }

    public function testAStartThatSuitsComesFirst(): void
    {
        self::assertContains(Specials::offered(new Area('1', 'Eye', Material::Glass, Relief::Orb, 0.3))[0]['id'], ['gem', 'lens', 'glow']);
        self::assertSame('base', Specials::offered(new Area('1', 'Base', Material::Ground, Relief::Texture, 7.0))[0]['id']);
        self::assertSame('feathers', Specials::offered(new Area('1', 'Wing', Material::Feather, Relief::Texture, 7.0))[0]['id']);
    }

    public function testAPainterWithoutAirbrushCansOrSolventsGetsAFullRecipe(): void
    {
        $bare = new Equipment(false, false, false, false, false, false);
        foreach (Lamplighter::areas() as $name => [$area, $hex]) {
            foreach (Way::allowedBy($bare) as $way) {
                $brief = new Brief(
                    $area,
                    Srgb::fromHex($hex)->toOklch(),
                    $way,
                    Swatches::reflectance(self::GREY),
                    Lamplighter::shelf(),
                    equipment: $bare,
                );
                $plan = Drafter::draft($brief);
                $outcomes = Simulation::run($plan->steps, $area, $brief->surface());
                $this->assertSound($plan, $outcomes, $area, $bare);
                self::assertSame(
                    [],
                    array_filter(
                        $outcomes,
                        static fn (StepOutcome $o): bool => in_array(
                            $o->labour->tool,
                            [Tool::Airbrush, Tool::SprayCan, Tool::MetalBrush],
                            true,
                        ),
                    ),
                    $name,
                );
            }
        }
        self::assertNotContains(Way::Airbrush, Way::allowedBy($bare));
        $plan = Specials::draft(
            'weathering',
            $this->brief(new Area('1', 'Hull', Material::Wood, Relief::Plate, 20.0), '#6f4a2e', $bare),
            null,
        );
        self::assertSame([], array_filter($plan->steps, static fn ($s): bool => $s->technique->isSolvent()));
        self::assertNotNull($plan->step('dirt'), 'the dirt is put on with water instead');

        $this->expectExceptionObject(RecipeProblem::needsAirbrush());
        Drafter::draft(
            new Brief(
                Lamplighter::areas()['Face'][0],
                Srgb::fromHex('#c08a68')->toOklch(),
                Way::Airbrush,
                Swatches::reflectance(self::GREY),
                Lamplighter::shelf(),
                equipment: $bare,
            ),
        );
    }

    public function testALightSketchKeepsItsUseUnderAStainOnly(): void
    {
        [$area, $hex] = Lamplighter::areas()['Storm cape and hood'];
        $dark = Swatches::reflectance(self::DARK);
        $light = Swatches::reflectance(self::LIGHT);
        $sketch = new Surface($dark, $dark->blend($light, 0.6), $light);
        $span = static fn (Surface $s): float => $s->ridge->toLab()->l - $s->recess->toLab()->l;
        $first = static function (Way $way) use ($area, $hex, $sketch): StepOutcome {
            $plan = Drafter::draft(new Brief($area, Srgb::fromHex($hex)->toOklch(), $way, $sketch, Lamplighter::shelf()));

            return Simulation::run($plan->steps, $area, $sketch)[0];
        };

        self::assertGreaterThan(0.4 * $span($sketch), $span($first(Way::Stain)->look->after));
        self::assertLessThan(0.3 * $span($sketch), $span($first(Way::Layers)->look->after));
    }

    public function testReasonsOfTheDraftChangeWithWhatTheyAreComputedFrom(): void
    {
        $sentences = static function (
            string $hex,
            string $ground,
            Relief $relief = Relief::Tight,
            Way $way = Way::Mixed,
            int $leaders = 0,
            array $without = [],
        ): array {
            $area = new Area('1', 'Area', Material::Cloth, $relief, 5.0, 3, Weight::Leading);
            $shelf = array_values(array_filter(Lamplighter::shelf(), static fn ($p): bool => !in_array($p->behaviour, $without, true)));
            $brief = new Brief($area, Srgb::fromHex($hex)->toOklch(), $way, Swatches::reflectance($ground), $shelf, leaders: $leaders);
            $plan = Drafter::draft($brief);
            $found = [];
            foreach (Simulation::run($plan->steps, $area, $brief->surface()) as $outcome) {
                foreach ($outcome->reasons as $reason) {
                    $found[$reason->code] = $reason->sentence();
                }
            }

            return $found + array_combine(
                array_map(static fn (Finding $f): string => $f->code, $plan->findings),
                array_map(static fn (Finding $f): string => $f->sentence(), $plan->findings),
            );
        };
        foreach ([
            'mix.wash' => [$sentences('#9c7d34', self::GREY), $sentences('#4a626c', self::GREY)],
            'mix.stain' => [$sentences('#9c7d34', self::LIGHT, way: Way::Stain), $sentences('#7b8f55', self::LIGHT, way: Way::Stain)],
            'mix.thinned-stain' => [$sentences('#9c7d34', self::GREY, way: Way::Stain), $sentences('#7b8f55', self::GREY, way: Way::Stain)],
            'stain.swallowed' => [$sentences('#9c7d34', self::DARK, way: Way::Stain), $sentences('#c08a68', self::DARK, way: Way::Stain)],
            'mix.thinned-shade' => [
                $sentences('#9c7d34', self::GREY, without: [Behaviour::Wash, Behaviour::Stain, Behaviour::Ink]),
                $sentences('#4a626c', self::GREY, without: [Behaviour::Wash, Behaviour::Stain, Behaviour::Ink]),
            ],
            'coats.stepping-stone' => [$sentences('#f0b42c', self::DARK), $sentences('#f6d873', self::DARK)],
            'coats.hidden' => [$sentences('#9c7d34', self::DARK), $sentences('#4a626c', self::LIGHT)],
            'coats.glazes' => [
                $sentences('#4a626c', self::GREY, Relief::Broad, Way::Glazes),
                $sentences('#9c7d34', self::GREY, Relief::Broad, Way::Glazes),
            ],
            'coats.drybrush' => [$sentences('#6a5a44', self::GREY, Relief::Texture)],
            'ladder.shade' => [$sentences('#9c7d34', self::GREY), $sentences('#a82a20', self::GREY)],
            'ladder.light' => [$sentences('#9c7d34', self::GREY), $sentences('#a82a20', self::GREY)],
            'ladder.base' => [$sentences('#9c7d34', self::GREY, Relief::Broad), $sentences('#a82a20', self::GREY, Relief::Broad)],
            'technique.deepened' => [
                $sentences('#c08a68', self::GREY, way: Way::Stain),
                $sentences('#9c7d34', self::GREY, way: Way::Stain),
            ],
            'technique.accent' => [$sentences('#9c7d34', self::GREY, leaders: 1), $sentences('#9c7d34', self::GREY, leaders: 2)],
            'thin.hides' => [$sentences('#2d5596', self::GREY), $sentences('#f0b42c', self::GREY)],
        ] as $code => $pair) {
            foreach ($pair as $said) {
                self::assertArrayHasKey($code, $said, $code);
            }
            self::assertSame(
                count($pair),
                count(array_unique(array_column($pair, $code))),
                $code.' says the same for different inputs: '.$pair[0][$code],
            );
        }
    }

    /** @param list<Paint> $more beside the lamplighters' shelf */
    private function brief(Area $area, string $hex, Equipment $equipment = new Equipment(true, true), array $more = []): Brief
    {
        return new Brief(
            $area,
            Srgb::fromHex($hex)->toOklch(),
            Way::Mixed,
            Swatches::reflectance(self::GREY),
            [...Lamplighter::shelf(), ...$more],
            equipment: $equipment,
        );
    }
}
