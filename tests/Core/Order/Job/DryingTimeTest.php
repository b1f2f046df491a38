<?php

declare(strict_types=1);

namespace Tests\Core\Order\Job;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Order\Job\DryingTime;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Undercoat\Weather;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

final class DryingTimeTest extends TestCase
{
    /** @return iterable<string, array{PlannedStep, Weather|null, bool, int, string}> */
    public static function times(): iterable
    {
        $damp = new Weather(20.0, 80.0);
        $cold = new Weather(10.0, 50.0);
        yield 'a thin layer' => [Steps::step('layer'), null, false, 8, '8 min, usual for layer.'];
        yield 'a wash' => [Steps::step('wash-all-over'), null, false, 40, '40 min, usual for wash all over.'];
        yield 'damp air doubles it' => [Steps::step('wash-all-over'), $damp, false, 80, 'at 20 °C and 80 % humidity'];
        yield 'cold air too' => [Steps::step('wash-all-over'), $cold, false, 80, 'at 10 °C and 50 % humidity'];
        yield 'both together' => [Steps::step('wash-all-over'), new Weather(10.0, 80.0), false, 160, 'at 10 °C and 80 % humidity'];
        // 2 ^ ((30 − 50) / 30) · 2 ^ ((20 − 25) / 10) = 0.630 · 0.707 = 0.445: no quicker than half.
        yield 'dry and warm' => [Steps::step('wash-all-over'), new Weather(25.0, 30.0), false, 20, '20 min'];
        yield 'a day of curing is a day' => [Steps::step('gloss-varnish', null), new Weather(25.0, 30.0), false, 1440, '24 h'];
        // Usual is 2:1 at the thickest, two thirds of paint; straight is 1.5 times that: 8 · 1.5 ^ 1.5 = 14.7.
        yield 'straight from the pot' => [Steps::step('layer', thin: '1:0'), null, false, 15, 'laid on thicker than usual'];
        yield 'within what is usual' => [Steps::step('layer', thin: '2:1'), null, false, 8, 'usual for layer'];
        yield 'thinner than usual is no quicker' => [Steps::step('layer', thin: '1:3'), null, false, 8, 'usual for layer'];
        // 40 · 1.25 = 50.
        yield 'on varnish' => [Steps::step('wash-all-over'), null, true, 50, 'nothing soaks into the varnish below'];
        $waiting = Steps::step('layer');
        yield 'as the painter says' => [
            $waiting->withHandling($waiting->handling->with(['wait' => 90])), $damp, true, 90, '1 h 30, as you set it.',
        ];
        yield 'powder' => [Steps::step('pigment-powder'), $damp, false, 0, 'Nothing has to dry.'];
        yield 'hands mind no damp' => [Steps::step('grit', null), $damp, false, 60, '1 h, usual for grit.'];
        // An oil wash minds the cold half as much, and not the damp: 60 · √2 = 84.9.
        yield 'oil in the damp' => [Steps::step('oil-wash'), $damp, false, 60, '1 h, usual for oil wash.'];
        yield 'oil in the cold' => [Steps::step('oil-wash'), $cold, false, 85, 'at 10 °C and 50 % humidity'];
    }

    #[DataProvider('times')]
    public function testByKindThicknessGroundAndAir(PlannedStep $step, ?Weather $air, bool $onVarnish, int $minutes, string $why): void
    {
        $area = new Area('7', 'Coat', Material::Cloth, Relief::Broad, 5.0);
        $outcome = Simulation::step($step, $area, Surface::uniform(Swatches::reflectance('#7a7a7a')));
        $drying = DryingTime::of($outcome, $air, $onVarnish);

        self::assertSame($minutes, $drying->minutes);
        self::assertStringContainsString($why, $drying->why->sentence());
    }
}
