<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Kalokroma\Bench\FetchItem;
use Kalokroma\Bench\FetchList;
use Kalokroma\Bench\ShelfPlace;
use Kalokroma\Bench\SittingStep;
use Kalokroma\Bench\Washing;
use Kalokroma\Caution\Tool;
use Kalokroma\Order\Planner;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\Sheet;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use PHPUnit\Framework\TestCase;
use Tests\Core\Order\PlannerTest;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

final class FetchListTest extends TestCase
{
    public function testPaintsComeWithTheirPlaceAndWhatTheyWant(): void
    {
        $list = self::list([
            self::step(Steps::step('basecoat', self::paint('Mud'), '2:1', 1)),
            self::step(Steps::step('wash-all-over', self::paint('Peat wash', Behaviour::Wash), '1:0', 1)),
            self::step(Steps::step('metal-coat', self::paint('Lamp brass', Behaviour::Metallic), '4:1', 1)),
            self::step(Steps::step('basecoat', self::paint('Borrowed', owned: false), '2:1', 1)),
        ], [
            'Mud' => new ShelfPlace('drawer 2', 'a little thick', 10.0, 15.0),
            'Peat wash' => new ShelfPlace('', '', 1.2, 15.0),
            'Lamp brass' => new ShelfPlace('tin', '', 0.01, 15.0),
        ]);
        $notes = array_map(static fn (FetchItem $i): array => $i->notes, self::of($list, FetchItem::PAINT));

        self::assertSame(['Mud', 'Peat wash', 'Lamp brass', 'Borrowed'], array_keys($notes), 'in the order they are needed in');
        self::assertSame(['drawer 2', 'thick: let it down with a drop of thinner', 'about 3 drops'], $notes['Mud']);
        self::assertSame(['shake', 'nearly empty: 1.2 ml left'], array_slice($notes['Peat wash'], 0, 2));
        self::assertSame('tin', $notes['Lamp brass'][0]);
        self::assertSame('shake well: flakes settle', $notes['Lamp brass'][1]);
        self::assertMatchesRegularExpression('/^takes about 0\.\d ml, 0\.0 ml left$/', $notes['Lamp brass'][2]);
        self::assertSame('not on your shelf', $notes['Borrowed'][0]);
    }

    /** By hand: 12 figures take 12 × 13.72 = 165 µl, and half as much stays: 247 µl; 3 drops thinned 1:1 are 240 µl, so that it takes 6. */
    public function testAMixIsToldInDropsForAllFiguresOnce(): void
    {
        $mix = Mix::of([new Part(self::paint('Mud'), 2), new Part(self::paint('Bone', hex: '#d9cca6'), 1)]);
        $mixed = Steps::step('basecoat', self::paint('Mud'), '1:1', 1)->withMix($mix);
        $list = self::list([self::step($mixed, range(1, 12)), self::step(Steps::step('basecoat', self::paint('Mud'), '2:1', 1))]);
        $items = self::of($list, FetchItem::MIX);

        self::assertSame(['4 drops Mud, 2 drops Bone, 6 drops water'], array_keys($items));
        self::assertSame(['Mud', 'Bone'], array_keys(self::of($list, FetchItem::PAINT)));
        $twice = self::list([self::step($mixed, range(1, 6)), self::step($mixed, range(7, 12))]);
        self::assertSame(['4 drops Mud, 2 drops Bone, 6 drops water'], array_keys(self::of($twice, FetchItem::MIX)), 'mixed once for both');
    }

    public function testTheMetalBrushStandsApartAndSolventsBringTheirGear(): void
    {
        $list = self::list([
            self::step(Steps::step('metal-coat', self::paint('Lamp brass', Behaviour::Metallic), '4:1', 1)),
            self::step(Steps::step('basecoat', self::paint('Mud'), '2:1', 1)),
            self::step(Steps::step('enamel-wash', self::paint('Grime', Behaviour::Enamel), '1:2', 1)),
        ]);
        $kinds = array_map(static fn (FetchItem $i): string => $i->kind, $list->items);
        $brushes = array_values(array_intersect($kinds, [FetchItem::BRUSH, FetchItem::METAL]));

        self::assertSame(FetchItem::METAL, end($brushes), 'the brush for metal comes last');
        self::assertContains('gloves, and a window open', array_keys(self::of($list, FetchItem::GEAR)));
        self::assertContains('closed metal tin for the rags', array_keys(self::of($list, FetchItem::SOLVENT)));
        self::assertNotSame([], array_filter($list->cautions, static fn (string $c): bool => str_contains($c, 'no naked flame')));
        self::assertSame(array_values(array_unique($list->cautions)), $list->cautions);
        $water = self::list([self::step(Steps::step('basecoat', self::paint('Mud'), '2:1', 1))]);
        self::assertSame([[], []], [self::of($water, FetchItem::SOLVENT), self::of($water, FetchItem::GEAR)]);
        self::assertContains('wet palette', array_keys(self::of($water, FetchItem::TOOL)));
        $keys = array_map(static fn (FetchItem $i): string => $i->key, $list->items);
        self::assertSame(array_values(array_unique($keys)), $keys, 'each has a key of its own');
    }

    public function testWhatIsWashedGoesByWhatWasUsed(): void
    {
        $all = static fn (array $tools, array $paints, bool $wet = true): string
            => implode(' ', Washing::after($tools, $paints, new Equipment(true, true, wetPalette: $wet)));

        self::assertStringContainsString('Brushes: rinse', $all([Tool::SmallBrush], [Behaviour::Opaque]));
        self::assertStringNotContainsString('thinner', $all([Tool::SmallBrush], [Behaviour::Opaque]));
        self::assertStringContainsString('water of its own', $all([Tool::MetalBrush], [Behaviour::Metallic]));
        self::assertStringContainsString('take the needle out', $all([Tool::Airbrush], [Behaviour::Primer]));
        self::assertStringNotContainsString('Brushes', $all([Tool::Airbrush], [Behaviour::Primer]));
        self::assertStringContainsString('hazardous-waste', $all([Tool::SmallBrush], [Behaviour::Enamel]));
        self::assertStringContainsString('close the lid', $all([Tool::SmallBrush], [Behaviour::Wash]));
        self::assertStringContainsString('before the paint is hard', $all([Tool::SmallBrush], [Behaviour::Wash], false));
    }

    /** An enamel wash is wiped in time, and what was wiped dries for a day; a wash of forty minutes is sat through, a paste is not. */
    public function testARecipeIsPaintedAsFarAsAWaitThatNobodySitsThrough(): void
    {
        $taken = static fn (string ...$techniques): int => count(SittingStep::atOneSitting(
            array_map(static fn (string $t): SittingStep => self::step(Steps::step($t)), $techniques),
        ));

        self::assertSame(2, $taken('enamel-wash', 'wiping', 'matt-varnish'));
        self::assertSame(3, $taken('basecoat', 'wash-all-over', 'layer'));
        self::assertSame(1, $taken('texture-paste', 'basecoat'));
        self::assertSame(0, $taken());
    }

    /** Whatever a sheet holds is in its steps: minutes add up, and no coat is told twice. */
    public function testASheetIsTakenStepByStep(): void
    {
        $evenings = new Openings(array_map(static fn (int $day): array => [1440 * $day, 1440 * $day + 90], range(0, 30)));
        foreach (Sheet::of(Planner::plan([PlannerTest::keepers(4)], openings: $evenings, effort: 0.1)) as $sheet) {
            $steps = SittingStep::of($sheet);
            $minutes = array_sum(array_map(static fn (SittingStep $s): int => $s->minutes, $steps));

            self::assertSame(array_sum(array_map(static fn ($o): int => $o->job->minutes, $sheet->jobs)), $minutes);
            foreach ($steps as $step) {
                self::assertGreaterThan(0.0, $step->share());
                self::assertLessThanOrEqual(1.0, $step->share());
            }
        }
    }

    /**
     * @param list<SittingStep> $steps
     * @param array<string, ShelfPlace> $places
     */
    private static function list(array $steps, array $places = []): FetchList
    {
        return new FetchList($steps, new Equipment(true, true), $places);
    }

    /** @return array<string, FetchItem> of one kind, by their words */
    private static function of(FetchList $list, string $kind): array
    {
        $found = [];
        foreach ($list->items as $item) {
            $found += $item->kind === $kind ? [$item->words => $item] : [];
        }

        return $found;
    }

    /** @param list<int> $figures */
    private static function step(PlannedStep $step, array $figures = [1, 2, 3]): SittingStep
    {
        return new SittingStep('c', StepRef::of('coat', $step->key), Steps::outcome($step), $figures, 5, 1, 'Coat');
    }

    private static function paint(
        string $name,
        Behaviour $behaviour = Behaviour::Opaque,
        bool $owned = true,
        string $hex = '#6f4a2e',
    ): Paint {
        return new Paint($name, $name, 'Test', $behaviour, Swatches::reflectance($hex), $owned);
    }
}
