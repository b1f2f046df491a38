<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Predict;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Application;
use Kalokroma\Film\Pigment;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinner;
use Kalokroma\Recipe\Judge\Mark;
use Kalokroma\Recipe\Judge\OrderRules;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\StepWords;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Word\Duration;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

/** How a step is done beside what it is: waits, neatness, brushes, lines, batches; and the kinds that only prepare or take away. */
final class HandlingTest extends TestCase
{
    public function testAWaitOfAnyLength(): void
    {
        $base = Steps::step('basecoat', coats: 1);
        $overnight = self::handled($base, ['wait' => 720]);

        self::assertSame([8, 720], [$this->lay($base)[0]->waiting(), $this->lay($overnight)[0]->waiting()]);
        self::assertStringContainsString('then wait overnight', StepWords::inOne($overnight));
        $this->expectException(RecipeProblem::class);
        $this->expectExceptionMessage('four weeks');
        self::handled($base, ['wait' => 50_000]);
    }

    #[TestWith(['overnight', 720, 'overnight'])]
    #[TestWith(['2 h', 120, '2 h'])]
    #[TestWith(['1 h 30', 90, '1 h 30'])]
    #[TestWith(['90', 90, '1 h 30'])]
    #[TestWith(['45 minutes', 45, '45 min'])]
    #[TestWith(['a day', 1440, '24 h'])]
    #[TestWith(['3 days', 4320, '3 days'])]
    #[TestWith(['2 weeks', 20160, '14 days'])]
    #[TestWith(['half an hour', 30, '30 min'])]
    public function testSpansOfTime(string $said, int $minutes, string $words): void
    {
        self::assertSame($minutes, Duration::read($said));
        self::assertSame($words, Duration::words($minutes));
        self::assertSame($minutes, Duration::read($words), 'what is printed is read again');
    }

    #[TestWith([''])]
    #[TestWith(['soon'])]
    #[TestWith(['-3'])]
    #[TestWith(['1 h 30 s'])]
    public function testNoSpanOfTime(string $said): void
    {
        self::assertNull(Duration::read($said));
    }

    /** By hand: sloppy work takes 0.7 of the minutes; thin lines touch 0.65 of the usual width, so as much less paint. */
    public function testSloppyWorkAndThinLines(): void
    {
        $line = Steps::step('edge-highlight', '#e6dfcc', coats: 1);
        $usual = $this->lay($line)[0];
        $sloppy = $this->lay(self::handled($line, ['sloppy' => true]))[0];
        $thin = $this->lay(self::handled($line, ['line' => 'thin']))[0];

        self::assertEqualsWithDelta(0.7 * $usual->labour->minutes, $sloppy->labour->minutes, 1e-9);
        self::assertEqualsWithDelta(0.65 * ($usual->amount->usedMl ?? 0.0), $thin->amount?->usedMl, 1e-9);
        self::assertLessThan($usual->look->after->ridge->toLab()->l, $thin->look->after->ridge->toLab()->l);
        self::assertStringContainsString('may be sloppy', StepWords::inOne($sloppy->step));
    }

    /** A quarter of what an unwashed brush lays is the tone before: by hand the mix of three parts new and one part old. */
    public function testAnUnwashedBrushTakesTheLastToneAlong(): void
    {
        $dark = Steps::step('drybrush', '#5a3a24', coats: 1, key: 'dark');
        $pale = Steps::step('drybrush', '#e6dfcc', coats: 1, key: 'pale');
        $clean = $this->lay($dark, $pale)[1];
        $unwashed = $this->lay($dark, self::handled($pale, ['unwashed' => true]))[1];
        $onBrush = Pigment::mix([
            [Swatches::paint('p', '#e6dfcc')->pigment(), 3],
            [Swatches::paint('d', '#5a3a24')->pigment(), 1],
        ]);
        $load = $pale->load->thinning->load();

        self::assertEqualsWithDelta(
            Application::Drybrush->pass($onBrush, $load, $clean->look->below)->ridge->bands,
            $unwashed->look->after->ridge->bands,
            1e-9,
        );
        self::assertLessThan($clean->look->after->ridge->toLab()->l, $unwashed->look->after->ridge->toLab()->l);
        self::assertEquals(
            $this->lay($pale)[0]->look->after->hexes(),
            $this->lay(self::handled($pale, ['unwashed' => true]))[0]->look->after->hexes(),
            'nothing was on it before',
        );
    }

    public function testBatchAndVariation(): void
    {
        $step = self::handled(Steps::step('basecoat'), ['batch' => 'one batch for all', 'lively' => 0.0]);

        self::assertSame('one batch for all, the same on every figure', $step->handling->words());
        self::assertSame('lively: mixes may differ by 4', self::handled($step, ['batch' => '', 'lively' => 4.0])->handling->words());
        self::assertSame(['batch' => 'one batch for all', 'lively' => 0.0], $step->handling->more());
        $this->expectException(RecipeProblem::class);
        $this->expectExceptionMessage('differ by 0 to 20');
        self::handled($step, ['lively' => -1.0]);
    }

    /** Strokes of a pattern repeat beside each other: by hand 0.3 of the plane, then 0.3 of what is still bare. */
    public function testFreehandGoesBesideNotOnTop(): void
    {
        $white = Steps::step('freehand', '#f2efe6', '1:0');
        $once = $this->lay($white->withCoats(1))[0]->look->after->plane;
        $twice = $this->lay($white->withCoats(2))[0]->look->after->plane;
        $pigment = Swatches::paint('w', '#f2efe6')->pigment();
        $ground = $this->ground()->plane;
        $beside = $ground->blend($pigment->over($ground, 1.0), 0.3);

        self::assertEqualsWithDelta($beside->bands, $once->bands, 1e-9);
        self::assertEqualsWithDelta($beside->blend($pigment->over($beside, 1.0), 0.3)->bands, $twice->bands, 1e-9);
    }

    public function testBlottingLiftsTheWashOffThePlanes(): void
    {
        $wash = Steps::step('wash-all-over', '#6f5a44');
        [$washed, $blotted] = $this->lay($wash, Steps::step('blotting', null));
        $light = static fn (StepOutcome $o, string $face): float => $o->look->after->{$face}->toLab()->l;

        self::assertGreaterThan($light($washed, 'plane') + 1, $light($blotted, 'plane'));
        self::assertEqualsWithDelta($light($washed, 'recess'), $light($blotted, 'recess'), 3.0, 'it stays in the recesses');
        self::assertSame(['order.blot'], self::codes([Steps::step('blotting', null), $wash]));
    }

    public function testStrippingBeginsAgain(): void
    {
        [$painted, $bare, $again] = $this->lay(
            Steps::step('basecoat', '#20407a', coats: 4),
            Steps::step('stripping', null),
            Steps::step('layer', '#d8b13a', coats: 1),
        );

        self::assertNotEquals($painted->look->after->hexes(), $bare->look->after->hexes());
        self::assertEqualsWithDelta(0.0, $bare->look->after->plane->toLab()->chroma(), 0.5, 'bare plastic is grey');
        self::assertSame($bare->look->after->hexes(), $again->look->below->hexes());
        self::assertStringContainsString('Strippers: gloves', implode(' ', $bare->cautions));
    }

    public function testMasksGoOnBeforeTheyComeOff(): void
    {
        [$mask, $off] = [Steps::step('masking', null), Steps::step('unmasking', null)];

        self::assertSame([], self::codes([$mask, $off]));
        self::assertSame(['order.unmask'], self::codes([$off, $mask]));
        self::assertSame(['order.needs'], self::codes([$off]));
        self::assertStringContainsString('A soft ground lifts', $mask->technique->facts()->watch);
        self::assertEquals($this->ground()->hexes(), $this->lay($mask, $off)[1]->look->after->hexes());
    }

    public function testEnamelAndOilTakeTheirSolventOnly(): void
    {
        $wash = Steps::step('enamel-wash', Swatches::paint('Grime', '#3a3028', Behaviour::Enamel));

        self::assertSame(Thinner::Solvent, $wash->thinned(null)->load->thinner);
        $enamel = $wash->load->mix ?? self::fail('no mix');
        self::assertSame(Thinner::Solvent, Steps::step('basecoat')->withMix($enamel)->load->thinner);
        self::assertSame(Thinner::Water, $wash->withMix(Steps::step('basecoat')->load->mix ?? throw new \LogicException())->load->thinner);
        self::assertStringContainsString('no naked flame', implode(' ', $this->lay(Steps::step('streak-blend', null))[0]->cautions));
        $this->expectException(RecipeProblem::class);
        $this->expectExceptionMessage('its own solvent');
        $wash->thinned(null, Thinner::Water);
    }

    /** @param array{wait?: int|null, sloppy?: bool, unwashed?: bool, line?: string, batch?: string, lively?: float|null} $how */
    private static function handled(PlannedStep $step, array $how): PlannedStep
    {
        return $step->withHandling($step->handling->with($how));
    }

    /** @return list<StepOutcome> */
    private function lay(PlannedStep ...$steps): array
    {
        return Simulation::run(array_values($steps), new Area('a', 'Hull', Material::Wood, Relief::Plate, 6.0), $this->ground());
    }

    private function ground(): Surface
    {
        return Surface::uniform(Swatches::reflectance('#868686'));
    }

    /**
     * @param list<PlannedStep> $steps
     *
     * @return list<string>
     */
    private static function codes(array $steps): array
    {
        return array_map(static fn (Mark $m): string => $m->code, OrderRules::broken($steps));
    }
}
