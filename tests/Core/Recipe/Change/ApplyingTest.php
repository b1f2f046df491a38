<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Change;

use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Change\Applying;
use Kalokroma\Recipe\Change\Replaced;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Recipe\Told\ToldRecipe;
use Kalokroma\Shelf\Equipment;
use PHPUnit\Framework\TestCase;
use Tests\Core\Lamplighter;
use Tests\Core\Swatches;

/** A recipe brought to another shelf. */
final class ApplyingTest extends TestCase
{
    public function testEveryPaintThatIsNotOwnedIsReplacedAndListed(): void
    {
        $area = new Area('1', 'Coat', Material::Cloth, Relief::Tight, 5.0);
        $ground = Surface::uniform(Swatches::reflectance('#868686'));
        $plan = new Plan(
            ToldRecipe::read(
                "basecoat: dark brown #4a3626, thin 2:1\nwash: sepia wash #8a6a48\n"
                ."layer: Ochre Mud, thin 1:1\nedge highlight: pale straw #e2cf98",
                Lamplighter::shelf(),
            )->steps(),
            [],
        );
        $applied = Applying::to($plan, $area, $ground, Lamplighter::shelf(), new Equipment(true, true));

        self::assertSame(
            ['basecoat', 'wash-all-over', 'edge-highlight'],
            array_map(static fn (Replaced $r): string => $r->step->key->value, $applied->changes),
            'the ochre is owned',
        );
        foreach ($applied->plan->steps as $step) {
            self::assertTrue($step->load->mix?->isAtHand(), $step->key->value);
        }
        foreach ($applied->changes as $change) {
            self::assertNotNull($change->now);
            self::assertNotNull($change->difference);
            self::assertLessThan(6.0, $change->difference, $change->was.' → '.$change->now);
            self::assertNotSame('', $change->words);
        }
        $was = Simulation::run($plan->steps, $area, $ground);
        $is = Simulation::run($applied->plan->steps, $area, $ground);
        self::assertLessThan(
            8.0,
            max(Applying::apart($was[3]->look->after, $is[3]->look->after)->toArray()),
            'the end looks alike on every face',
        );
    }

    public function testWhatIsAllAtHandStaysAsItIs(): void
    {
        [$area, $hex] = Lamplighter::areas()['Oilskin coat'];
        $plan = Drafter::draft(
            new Brief($area, Srgb::fromHex($hex)->toOklch(), Way::Mixed, Swatches::reflectance('#868686'), Lamplighter::shelf()),
        );
        $applied = Applying::to(
            $plan,
            $area,
            Surface::uniform(Swatches::reflectance('#868686')),
            Lamplighter::shelf(),
            new Equipment(true, true),
        );

        self::assertSame([], $applied->changes);
        self::assertEquals($plan->steps, $applied->plan->steps);
    }

    public function testAPainterWithoutAirbrushBrushesItOn(): void
    {
        [$area, $hex] = Lamplighter::areas()['Storm cape and hood'];
        $plan = Drafter::draft(
            new Brief($area, Srgb::fromHex($hex)->toOklch(), Way::Airbrush, Swatches::reflectance('#868686'), Lamplighter::shelf()),
        );
        $applied = Applying::to(
            $plan,
            $area,
            Surface::uniform(Swatches::reflectance('#868686')),
            Lamplighter::shelf(),
            new Equipment(false, true),
        );

        self::assertSame('basecoat', $applied->plan->step('basecoat')?->technique->value);
        self::assertSame('layer', $applied->plan->step('layer')?->technique->value);
        self::assertStringContainsString('brushed, since you have no airbrush', implode(' ', array_column($applied->changes, 'words')));
    }

    public function testAnEmptyShelfLeavesItAsDescribedAndSaysSo(): void
    {
        $area = new Area('1', 'Coat', Material::Cloth, Relief::Tight, 5.0);
        $plan = new Plan(ToldRecipe::read('basecoat: dark brown', [])->steps(), []);
        $applied = Applying::to($plan, $area, Surface::uniform(Swatches::reflectance('#868686')), [], new Equipment(true, true));

        self::assertNull($applied->changes[0]->now);
        self::assertStringContainsString('nothing on your shelf does it', $applied->changes[0]->words);
        self::assertSame('dark brown', $applied->plan->steps[0]->words());
    }
}
