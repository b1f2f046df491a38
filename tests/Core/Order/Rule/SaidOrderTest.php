<?php

declare(strict_types=1);

namespace Tests\Core\Order\Rule;

use Kalokroma\Figure\Material;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\NotKept;
use Kalokroma\Order\Planner;
use Kalokroma\Order\Price;
use Kalokroma\Order\Rule\SaidOrder;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Word\Finding;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Order\Works;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

final class SaidOrderTest extends TestCase
{
    /** What a step of the bow says, and which step is done before which then. */
    #[TestWith(['', 'strings', 'bow:basecoat', 'strings:basecoat'])]
    #[TestWith(['', 'the strings', 'bow:basecoat', 'strings:basecoat'])]
    #[TestWith(['strings', '', 'strings:layer', 'bow:basecoat'])]
    #[TestWith(['string', '', 'strings:layer', 'bow:basecoat'])]
    #[TestWith(['belt', '', 'belt and strap:basecoat', 'bow:basecoat'])]
    #[TestWith(['belt and strap', '', 'belt and strap:basecoat', 'bow:basecoat'])]
    #[TestWith(['strings and belt', '', 'strings:layer', 'bow:basecoat'])]
    #[TestWith(['strings and belt', '', 'belt and strap:basecoat', 'bow:basecoat'])]
    #[TestWith(['the steel', '', 'blade:metal-coat', 'bow:basecoat'])]
    #[TestWith(['metal', '', 'blade:metal-coat', 'bow:basecoat'])]
    #[TestWith(['blade, belt', '', 'belt and strap:basecoat', 'bow:basecoat'])]
    #[TestWith(['everything else', '', 'strings:layer', 'bow:basecoat'])]
    #[TestWith(['everything else', '', 'blade:metal-coat', 'bow:basecoat'])]
    #[TestWith(['', 'the rest', 'bow:basecoat', 'blade:metal-coat'])]
    #[TestWith(['', 'layers', 'bow:basecoat', 'strings:layer'])]
    public function testAStepComesWhereItSays(string $after, string $before, string $first, string $then): void
    {
        $order = Planner::plan([$work = self::company($after, $before)]);
        $at = array_flip(Works::done($order));

        self::assertLessThan($at[$then], $at[$first], implode(' ', Works::done($order)));
        self::assertSame([], self::sentences(NotKept::of([$work], $order)));
    }

    /** A wash on its own area is meant before washes elsewhere: there the recipe has its order already, and no other area waits. */
    public function testWorkOnItsOwnAreaIsMeantFirst(): void
    {
        $steps = [self::step('basecoat', '', ''), self::step('wash-all-over', '', ''), self::step('layer', 'wash', '')];
        $order = Planner::plan([Works::company(['bow' => $steps, 'coat' => ['basecoat', 'wash-all-over']])]);

        self::assertArrayNotHasKey(SaidOrder::CODE, array_diff_key($order->ties, ['undercoat' => 0]));
        self::assertSame([], $order->setAside);
    }

    public function testWhatNothingIsCalledIsTold(): void
    {
        $order = Planner::plan([$work = self::company('quiver', 'strings')]);

        self::assertSame(
            ['Bow, basecoat: nothing on this figure is called "quiver", so "after quiver" orders nothing.'],
            self::sentences(NotKept::of([$work], $order)),
        );
    }

    /** Before the undercoat nothing holds: the rule of physics stays, and it is told. */
    public function testWhatCannotBeIsTold(): void
    {
        $order = Planner::plan([$work = self::company('', 'undercoat')]);

        self::assertStringContainsString(
            'cannot come after bow: basecoat, as its recipe says',
            implode(' ', self::sentences(NotKept::of([$work], $order))),
        );
        self::assertSame('all:undercoat', Works::done($order)[0]);
    }

    /** What it costs: the strings are 40 minutes and more of drying that the bow could have been painted in. */
    public function testItsPriceIsTold(): void
    {
        $bound = Price::of(SaidOrder::CODE, [self::company('strings', '')]);
        $free = Price::of(SaidOrder::CODE, [self::company('', '')]);

        self::assertGreaterThan(0, $bound->minutes);
        self::assertStringContainsString('costs', $bound->costs->sentence());
        self::assertSame('Nothing here is bound by it.', $free->costs->sentence());
        $order = Planner::plan([self::company('strings', '')], wishes: new Wishes([SaidOrder::CODE]));
        $at = array_flip(Works::done($order));
        self::assertLessThan($at['strings:layer'], $at['bow:basecoat'], 'set aside, the bow is painted while the strings dry');
    }

    private static function company(string $after, string $before): CompanyWork
    {
        return Works::company([
            'bow' => [self::step('basecoat', $after, $before)],
            'strings' => ['basecoat', 'wash-all-over', 'layer'],
            'belt and strap' => [Steps::step('basecoat', '#6f4a2e', coats: 1)],
            'blade' => [Steps::step('metal-coat', Swatches::paint('Steel', '#8a8c90', Behaviour::Metallic), coats: 1)],
        ], more: ['blade' => ['material' => Material::Metal]]);
    }

    private static function step(string $technique, string $after, string $before): PlannedStep
    {
        $step = Steps::step($technique, coats: 1);

        return $step->withHandling($step->handling->with(['after' => $after, 'before' => $before]));
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<string>
     */
    private static function sentences(array $findings): array
    {
        return array_map(static fn (Finding $f): string => $f->sentence(), $findings);
    }
}
