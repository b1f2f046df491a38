<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinner;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Draft\TableRow;
use Kalokroma\Recipe\Draft\TechniqueTable;
use Kalokroma\Recipe\Plan\LeftOut;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Word\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Swatches;

final class DrafterTest extends TestCase
{
    /** @param array<string, string> $expected */
    #[DataProvider('techniques')]
    public function testTechniqueFollowsReliefAndWay(Relief $relief, Way $way, array $expected, string $leftOut): void
    {
        $plan = $this->draft($relief, $way);
        $found = [];
        foreach ($plan->steps as $step) {
            $found[$step->key->value] = $step->technique->value;
        }

        self::assertSame($expected, $found);
        self::assertSame($leftOut, implode(' ', array_map(static fn (LeftOut $l): string => $l->stage->value, $plan->leftOut)));
    }

    /** @return iterable<string, array{Relief, Way, array<string, string>, string}> */
    public static function techniques(): iterable
    {
        $base = ['basecoat' => 'basecoat'];
        $wash = $base + ['wash' => 'wash-all-over'];
        $shade = $base + ['shade' => 'shade-layer'];
        yield 'tight' => [Relief::Tight, Way::Mixed, $wash + ['layer' => 'layer', 'highlight' => 'feathered-layer'], 'drybrush'];
        yield 'broad' => [Relief::Broad, Way::Mixed, $shade + ['layer' => 'layer', 'highlight' => 'feathered-layer'], 'wash drybrush'];
        yield 'plate' => [Relief::Plate, Way::Mixed, $base + ['wash' => 'recess-line', 'highlight' => 'edge-highlight'], 'drybrush layer'];
        yield 'texture' => [Relief::Texture, Way::Mixed, $wash + ['drybrush' => 'drybrush', 'highlight' => 'drybrush'], 'layer'];
        yield 'trim' => [Relief::Trim, Way::Mixed, $wash + ['layer' => 'layer', 'highlight' => 'edge-highlight'], 'drybrush'];
        yield 'orb' => [Relief::Orb, Way::Mixed, $shade + ['highlight' => 'dot'], 'wash drybrush layer'];
        yield 'tight, layers' => [
            Relief::Tight,
            Way::Layers,
            $shade + ['layer' => 'layer', 'highlight' => 'feathered-layer'],
            'wash drybrush',
        ];
        yield 'texture, layers' => [
            Relief::Texture,
            Way::Layers,
            $shade + ['layer' => 'layer', 'highlight' => 'feathered-layer'],
            'wash drybrush',
        ];
        yield 'plate, layers' => [Relief::Plate, Way::Layers, $shade + ['highlight' => 'edge-highlight'], 'wash drybrush layer'];
        yield 'trim, layers' => [Relief::Trim, Way::Layers, $shade + ['highlight' => 'edge-highlight'], 'wash drybrush layer'];
        yield 'tight, drybrush' => [Relief::Tight, Way::Drybrush, $wash + ['drybrush' => 'drybrush', 'highlight' => 'drybrush'], 'layer'];
        yield 'broad, drybrush' => [
            Relief::Broad,
            Way::Drybrush,
            $shade + ['layer' => 'layer', 'highlight' => 'feathered-layer'],
            'wash drybrush',
        ];
        yield 'broad, washes' => [
            Relief::Broad,
            Way::Washes,
            $shade + ['layer' => 'layer', 'highlight' => 'feathered-layer'],
            'wash drybrush',
        ];
        yield 'tight, washes' => [Relief::Tight, Way::Washes, $wash + ['layer' => 'layer', 'highlight' => 'feathered-layer'], 'drybrush'];
    }

    public function testEveryStageIsPlannedOrLeftOutWithAReason(): void
    {
        foreach (Relief::cases() as $relief) {
            foreach (Way::cases() as $way) {
                $stages = array_unique(
                    array_map(static fn (TableRow $r): string => $r->slot->stage()->value, TechniqueTable::rows($relief, $way)),
                );
                sort($stages);
                self::assertSame(['basecoat', 'drybrush', 'highlight', 'layer', 'wash'], $stages);
                foreach (TechniqueTable::rows($relief, $way) as $row) {
                    self::assertDoesNotMatchRegularExpression('/[{}]/', $row->reason->sentence());
                }
            }
        }
    }

    /** Any area, way, ground and shelf gives a sound recipe or an honest refusal. */
    #[DataProvider('seeds')]
    public function testAnyBriefGivesASoundRecipe(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        $shelf = [...Swatches::randomShelf($seed, $dice->getInt(1, 25)), ...array_slice(Swatches::shelf(), 18, $dice->getInt(0, 4))];
        $area = new Area(
            '1',
            'Area',
            Material::cases()[$dice->getInt(0, 14)],
            Relief::cases()[$dice->getInt(0, 5)],
            $dice->getInt(1, 900) / 100,
        );
        $ground = Swatches::reflectance(['#1b1b1b', '#868686', '#e6dfcc'][$dice->getInt(0, 2)]);
        $brief = new Brief(
            $area,
            Srgb::fromHex(Swatches::randomHex($dice))->toOklch(),
            Way::cases()[$dice->getInt(0, count(Way::cases()) - 1)],
            $ground,
            $shelf,
        );
        $plan = Drafter::draft($brief);
        $outcomes = Simulation::run($plan->steps, $area, Surface::uniform($ground));

        $order = array_flip(['stepping-stone', 'basecoat', 'wash', 'shade', 'layer', 'drybrush', 'highlight', 'unify']);
        $places = array_map(static fn (PlannedStep $s): int => $order[$s->key->value], $plan->steps);
        $sorted = $places;
        sort($sorted);
        self::assertSame($sorted, $places, 'base, shade, layers, highlights');
        self::assertContains($plan->steps[0]->key->value, ['stepping-stone', 'basecoat']);
        foreach ($outcomes as $outcome) {
            self::assertTrue($outcome->step->load->mix->isAtHand());
            self::assertGreaterThanOrEqual(1, $outcome->labour->coats);
            self::assertLessThanOrEqual(12, $outcome->labour->coats);
            self::assertGreaterThan(0.0, $outcome->labour->minutes);
            self::assertNotNull($outcome->amount);
            self::assertNotSame([], $outcome->cautions);
            self::assertGreaterThanOrEqual(3, count($outcome->reasons));
            foreach ($outcome->reasons as $reason) {
                self::assertDoesNotMatchRegularExpression('/[{}]|NAN|INF/', $reason->sentence());
            }
            if ($area->relief === Relief::Broad) {
                self::assertNotSame(Technique::WashAllOver, $outcome->step->technique, 'no wash on broad, smooth folds');
            }
        }
        self::assertEquals($plan, Drafter::draft($brief), 'the same brief gives the same recipe');
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 30; ++$seed) {
            yield 'seed '.$seed => [$seed];
        }
    }

    public function testTheLookClimbsFromRecessToRidge(): void
    {
        foreach ([Relief::Tight, Relief::Texture, Relief::Broad] as $relief) {
            $plan = $this->draft($relief, Way::Mixed);
            $outcomes = Simulation::run($plan->steps, $this->area($relief), Surface::uniform(Swatches::reflectance('#868686')));
            $end = $outcomes[count($outcomes) - 1]->look->after;

            self::assertLessThan($end->plane->toLab()->l - 5, $end->recess->toLab()->l);
            self::assertGreaterThan($end->plane->toLab()->l + 3, $end->ridge->toLab()->l);
        }
    }

    public function testMetalIsPaintedWithMetallics(): void
    {
        $plan = $this->draft(Relief::Trim, Way::Mixed, '#8f6f35', Material::Metal);

        self::assertSame(Technique::MetalCoat, $plan->steps[0]->technique);
        self::assertSame('Brass', $plan->steps[0]->load->mix->words());
        self::assertSame('4:1', $plan->steps[0]->load->thinning->ratio());
        self::assertSame('Pale brass', $plan->steps[count($plan->steps) - 1]->load->mix->words());
    }

    /** Brass takes a silver edge; with brass alone it is brass again where the wash dulled it, and nothing where none did. */
    public function testWhatLiftsMetalWhereNoPalerOneIsInStock(): void
    {
        $shelf = array_values(array_filter(Swatches::shelf(), static fn (Paint $p): bool => $p->name !== 'Pale brass'));
        $lift = $this->step($this->draft(Relief::Texture, Way::Mixed, '#8f6f35', Material::Metal, $shelf), 'drybrush');
        self::assertSame('Brass', $lift->words());
        self::assertStringContainsString('Brass again where it stands out: the wash has dulled it', $this->sentences($lift));

        $silver = $this->step($this->draft(
            Relief::Trim,
            Way::Mixed,
            '#8f6f35',
            Material::Metal,
            [...$shelf, Swatches::paint('Silver', '#b9bcc0', Behaviour::Metallic)],
        ), 'highlight');
        self::assertSame('Silver', $silver->words());

        $plan = $this->draft(Relief::Plate, Way::Mixed, '#8f6f35', Material::Metal, $shelf);
        self::assertStringContainsString('No metallic in stock is lighter than Brass', $this->leftOut($plan, 'highlight'));
    }

    /** A wash all over that would leave the planes far off goes into the recesses alone; one that hardly dulls stays all over. */
    public function testAWashThatWouldTakeTheMetalsColourGoesIntoTheRecesses(): void
    {
        $pale = [...Swatches::shelf(), Swatches::paint('Steel', '#8b9095', Behaviour::Metallic)];
        $washes = array_values(array_filter(
            $pale,
            static fn (Paint $p): bool => !$p->behaviour->isTransparent() || $p->name === 'Black wash',
        ));
        $light = $this->step($this->draft(Relief::Trim, Way::Mixed, '#8b9095', Material::Metal, $washes), 'wash');
        self::assertSame(Technique::RecessLine, $light->technique);
        self::assertStringContainsString('in the recesses alone the metal keeps its shine', $this->sentences($light));

        $iron = [...$washes, Swatches::paint('Dark iron', '#3c3d40', Behaviour::Metallic)];
        $dark = $this->step($this->draft(Relief::Trim, Way::Mixed, '#3c3d40', Material::Metal, $iron), 'wash');
        self::assertSame(Technique::WashAllOver, $dark->technique);
    }

    /** Armour in a colour is not gold, whatever flakes are near. */
    public function testLacqueredMetalIsPaintedInItsColour(): void
    {
        $shelf = [...Swatches::shelf(), Swatches::paint('Gold', '#c9a040', Behaviour::Metallic)];
        foreach ([[Material::Metal, Behaviour::Metallic], [Material::Lacquered, Behaviour::Opaque]] as [$material, $behaviour]) {
            $plan = $this->draft(Relief::Plate, Way::Mixed, '#c8a23c', $material, $shelf);
            self::assertSame($behaviour, $plan->steps[0]->load->mix?->first()->behaviour, $material->words());
        }
    }

    public function testMetalWithoutAnyMetallicIsPaintedMatt(): void
    {
        $plan = $this->draft(Relief::Trim, Way::Mixed, '#8f6f35', Material::Metal, array_slice(Swatches::shelf(), 0, 18));

        self::assertSame(Technique::Basecoat, $plan->steps[0]->technique);
    }

    public function testWithoutAWashOrdinaryPaintShadesThinnedFarWithMedium(): void
    {
        $wash = $this->step(
            $this->draft(Relief::Tight, Way::Mixed, '#9c7630', Material::Cloth, array_slice(Swatches::shelf(), 0, 18)),
            'wash',
        );

        self::assertContains($wash->load->thinning->ratio(), ['1:4', '1:5', '1:6']);
        self::assertSame(Thinner::Medium, $wash->load->thinner);
        self::assertStringContainsString('No wash, stain or ink of yours is a shade', $this->sentences($wash));
    }

    public function testTheWashIsChosenByWhatItLeavesInTheRecess(): void
    {
        $brown = $this->step($this->draft(Relief::Tight, Way::Mixed, '#9c7630'), 'wash');
        $grey = $this->step($this->draft(Relief::Tight, Way::Mixed, '#9aa09e'), 'wash');

        self::assertSame('Brown wash', $brown->load->mix->words());
        self::assertSame('Black wash', $grey->load->mix->words());
        self::assertStringContainsString('best of 2 on your shelf', $this->sentences($brown));
    }

    public function testLightAndWeakColoursAreThinnedFurther(): void
    {
        $yellow = $this->draft(Relief::Plate, Way::Mixed, '#f0b42c', ground: '#f0f0ee');
        self::assertSame('1:1', $this->step($yellow, 'basecoat')->load->thinning->ratio());
        self::assertSame('2:1', $this->step($this->draft(Relief::Plate, Way::Mixed, '#4b3524'), 'basecoat')->load->thinning->ratio());
    }

    public function testEmptyAndForeignPaintsAreNotProposed(): void
    {
        $shelf = [
            Swatches::paint('Empty twin', '#9c7630', left: 0.0),
            Swatches::paint('Foreign twin', '#9c7630', owned: false),
            ...array_values(array_filter(Swatches::shelf(), static fn (Paint $p): bool => $p->name !== 'Ochre')),
        ];
        foreach ($this->draft(Relief::Tight, Way::Mixed, '#9c7630', Material::Cloth, $shelf)->steps as $step) {
            self::assertStringNotContainsString('twin', $step->load->mix->words());
        }
    }

    public function testNothingToPaintWith(): void
    {
        $this->expectException(RecipeProblem::class);
        $this->expectExceptionMessage('No opaque or semi-opaque paint on your shelf');
        $this->draft(Relief::Tight, Way::Mixed, '#9c7630', Material::Cloth, [Swatches::paint('Wash', '#8b6a49', Behaviour::Wash)]);
    }

    public function testAMissingColourIsSaidToBeMissing(): void
    {
        $step = $this->draft(
            Relief::Plate,
            Way::Mixed,
            '#9b30c0',
            Material::Cloth,
            [Swatches::paint('Black', '#1d1c1b'), Swatches::paint('Bone', '#d9cca6')],
        )->steps[0];

        self::assertStringContainsString('a vivid violet is missing', $this->sentences($step));
    }

    public function testTheReasonOfAMixChangesWithTheShelf(): void
    {
        $with = $this->sentences($this->draft(Relief::Plate, Way::Mixed, '#9c7630')->steps[0]);
        $without = $this->sentences($this->draft(
            Relief::Plate,
            Way::Mixed,
            '#9c7630',
            Material::Cloth,
            array_values(array_filter(Swatches::shelf(), static fn (Paint $p): bool => $p->name !== 'Ochre')),
        )->steps[0]);

        self::assertStringContainsString('Ochre from the pot is 0.0 off', $with);
        self::assertStringNotContainsString('Ochre', $without);
        self::assertStringContainsString('off (expect', $without);
    }

    public function testWhatCannotBeToldApartIsDecidedForPaintsAlreadyLoaded(): void
    {
        $loaded = [];
        $shared = 0;
        foreach ($this->draft(Relief::Tight, Way::Mixed, '#9c7d34')->steps as $step) {
            foreach ($step->load->mix->paints() as $paint) {
                $shared += isset($loaded[$paint->name]) ? 1 : 0;
                $loaded[$paint->name] = true;
            }
        }

        self::assertGreaterThanOrEqual(1, $shared);
    }

    /** Among what may be expected to come out as well, what the figure is painted with already comes first. */
    public function testWhatIsOnTheFigureIsTakenFirst(): void
    {
        $twins = [Swatches::paint('First Ochre', '#9c7630'), Swatches::paint('Other Ochre', '#9c7731'), ...Swatches::shelf()];
        $taken = fn (array $onFigure): string => (string) Drafter::draft(new Brief(
            $this->area(Relief::Plate),
            Srgb::fromHex('#9c7630')->toOklch(),
            Way::Mixed,
            Swatches::reflectance('#868686'),
            array_values(array_filter($twins, static fn (Paint $p): bool => $p->name !== 'Ochre')),
            onFigure: $onFigure,
        ))->steps[0]->load->mix?->words();

        self::assertSame('Other Ochre', $taken([$twins[1]->id => true]));
        self::assertSame('First Ochre', $taken([$twins[0]->id => true]));
    }

    /** What the painter chose for a colour in the scheme is what its layer is painted with, as long as it is that colour and in stock. */
    public function testTheColourOfAnAreaIsWhatThePainterChose(): void
    {
        $shelf = Swatches::shelf();
        $named = array_combine(array_column($shelf, 'name'), $shelf);
        $chosen = Mix::of([new Part($named['Middle brown'], 1), new Part($named['Green'], 1)]);
        $brief = fn (Mix $mix, ?string $hex = null, ?array $of = null): Brief => new Brief(
            $this->area(Relief::Tight),
            $hex === null ? Oklch::fromLab($mix->lab()) : Srgb::fromHex($hex)->toOklch(),
            Way::Mixed,
            Swatches::reflectance('#868686'),
            $of ?? $shelf,
            chosen: $chosen,
        );
        $layer = fn (Brief $brief): PlannedStep => $this->step(Drafter::draft($brief), 'layer');

        self::assertSame($chosen->key(), $layer($brief($chosen))->load->mix?->key());
        self::assertStringContainsString('what you chose for this area', $this->sentences($layer($brief($chosen))));
        foreach ([
            'another colour' => $brief($chosen, '#a82a20'),
            'a pot that is gone' => $brief($chosen, null, array_values(array_filter(
                $shelf,
                static fn (Paint $p): bool => $p->name !== 'Green',
            ))),
        ] as $case => $other) {
            self::assertNotSame($chosen->key(), $layer($other)->load->mix?->key(), $case);
            self::assertStringNotContainsString('what you chose', $this->sentences($layer($other)), $case);
        }
    }

    /** A wash stays on a trim, so that its base starts lighter: unless what was chosen ends nearer. */
    public function testWhatWasChosenIsTakenWhereItEndsNearer(): void
    {
        $shelf = Swatches::shelf();
        $named = array_combine(array_column($shelf, 'name'), $shelf);
        $chosen = Mix::of([new Part($named['Dark brown'], 1), new Part($named['Dark blue'], 1)]);
        $ends = function (?Mix $mix) use ($shelf, $chosen): float {
            $plan = Drafter::draft(new Brief(
                $this->area(Relief::Trim, Material::Leather),
                Oklch::fromLab($chosen->lab()),
                Way::Mixed,
                Swatches::reflectance('#868686'),
                $shelf,
                chosen: $mix,
            ));
            $all = Simulation::run(
                $plan->steps,
                $this->area(Relief::Trim, Material::Leather),
                Surface::uniform(Swatches::reflectance('#868686')),
            );

            return Ciede2000::difference($all[count($all) - 1]->look->after->plane->toLab(), $chosen->lab());
        };

        self::assertLessThan($ends(null) - 2.0, $ends($chosen));
    }

    private function area(Relief $relief, Material $material = Material::Cloth): Area
    {
        return new Area('1', 'Coat', $material, $relief, 4.0);
    }

    /** @param list<Paint>|null $shelf */
    private function draft(
        Relief $relief,
        Way $way,
        string $hex = '#9c7d34',
        Material $material = Material::Cloth,
        ?array $shelf = null,
        string $ground = '#868686',
    ): Plan {
        return Drafter::draft(
            new Brief(
                $this->area($relief, $material),
                Srgb::fromHex($hex)->toOklch(),
                $way,
                Swatches::reflectance($ground),
                $shelf ?? Swatches::shelf(),
            ),
        );
    }

    private function step(Plan $plan, string $key): PlannedStep
    {
        foreach ($plan->steps as $step) {
            if ($step->key->value === $key) {
                return $step;
            }
        }
        self::fail('No step '.$key);
    }

    private function sentences(PlannedStep $step): string
    {
        return implode(' ', array_map(static fn (Finding $f): string => $f->sentence(), $step->why));
    }

    private function leftOut(Plan $plan, string $stage): string
    {
        foreach ($plan->leftOut as $left) {
            if ($left->stage->value === $stage) {
                return $left->reason->sentence();
            }
        }
        self::fail($stage.' is not left out');
    }
}
