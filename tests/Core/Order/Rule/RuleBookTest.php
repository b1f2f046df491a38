<?php

declare(strict_types=1);

namespace Tests\Core\Order\Rule;

use DomainException;
use Kalokroma\Figure\Material;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Grouping;
use Kalokroma\Order\Job\Jobs;
use Kalokroma\Order\Rule\Rule;
use Kalokroma\Order\Rule\RuleBook;
use Kalokroma\Order\Rule\Weaver;
use Kalokroma\Order\Rule\Web;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Plan\WholeStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Order\Works;
use Tests\Core\Recipe\Steps;

final class RuleBookTest extends TestCase
{
    private const INNER = ['skin' => ['depth' => 1], 'coat' => ['depth' => 3]];

    /**
     * Each rule with two areas on which it holds: what comes first and what after it.
     *
     * @return iterable<string, array{
     *   string, array<string, list<PlannedStep|string>>, string, string, 4?: array<string, array<string, mixed>>,
     * }>
     */
    public static function rules(): iterable
    {
        yield 'inner areas first' => [
            'inner-first', ['skin' => ['basecoat'], 'coat' => ['basecoat']], 'skin:basecoat', 'coat:basecoat', self::INNER,
        ];
        yield 'what no brush reaches later' => [
            'unreachable', ['skin' => ['basecoat', 'dot'], 'coat' => ['basecoat']], 'skin:dot', 'coat:basecoat',
            ['skin' => ['depth' => 1, 'reachable' => false], 'coat' => ['depth' => 3]],
        ];
        yield 'eyes in a helmet' => [
            'eyes-first', ['eyes' => ['basecoat', 'dot'], 'face' => ['feathered-layer']], 'eyes:dot', 'face:feathered-layer',
            ['eyes' => ['depth' => 3, 'reachable' => false], 'face' => ['depth' => 2]],
        ];
        yield 'grit first' => ['grit', ['base' => ['grit'], 'boots' => ['basecoat']], 'base:grit', 'boots:basecoat'];
        yield 'sprays first' => ['spray-first', ['glow' => ['airbrush-coat'], 'coat' => ['basecoat']], 'glow:airbrush-coat',
            'coat:basecoat'];
        yield 'a sprayed glow' => [
            'spray-first', ['glow' => ['basecoat', 'airbrush-fade'], 'coat' => ['basecoat']], 'glow:airbrush-fade', 'coat:basecoat',
        ];
        yield 'dust' => ['messy-first', ['fur' => ['drybrush'], 'coat' => ['edge-highlight']], 'fur:drybrush', 'coat:edge-highlight'];
        yield 'puddles' => ['messy-first', ['fur' => ['wash-all-over'], 'coat' => ['tidy-up']], 'fur:wash-all-over', 'coat:tidy-up'];
        yield 'the wash on metal' => [
            'metal-wash', ['mail' => ['pin-wash'], 'coat' => ['tidy-up']], 'mail:pin-wash', 'coat:tidy-up',
            ['mail' => ['material' => Material::Metal]],
        ];
        yield 'the edges of one, the base of the other' => [
            'bases-first', ['cape' => ['basecoat'], 'coat' => ['edge-highlight']], 'cape:basecoat', 'coat:edge-highlight',
        ];
        yield 'markings' => ['marking-first', ['hull' => ['marking'], 'deck' => ['streak']], 'hull:marking', 'deck:streak'];
        yield 'glue' => [
            'glue-last', ['arm' => ['basecoat', 'gluing'], 'coat' => ['basecoat', 'layer']], 'coat:layer', 'arm:gluing',
            ['arm' => ['part' => 'arm']],
        ];
        yield 'varnish' => ['varnish-last', ['legs' => ['matt-varnish'], 'body' => ['drybrush']], 'body:drybrush', 'legs:matt-varnish'];
        yield 'glue under varnish' => [
            'glue-before-varnish', ['arm' => ['gluing'], 'coat' => ['matt-varnish']], 'arm:gluing', 'coat:matt-varnish',
        ];
        yield 'gloss on eyes' => ['spots-last', ['coat' => ['matt-varnish'], 'eye' => ['gloss-spot']], 'coat:matt-varnish',
            'eye:gloss-spot'];
        yield 'powder' => ['powder-last', ['coat' => ['matt-varnish'], 'boots' => ['pigment-powder']], 'coat:matt-varnish',
            'boots:pigment-powder'];
        yield 'tufts' => ['tuft-last', ['coat' => ['matt-varnish'], 'base' => ['tuft']], 'coat:matt-varnish', 'base:tuft'];
        $bow = Steps::step('basecoat', coats: 1);
        $bow = $bow->withHandling($bow->handling->with(['after' => 'the strings']));
        yield 'what a step says' => ['as-said', ['bow' => [$bow], 'strings' => ['layer']], 'strings:layer', 'bow:basecoat'];
        yield 'the rim' => ['rim-last', ['coat' => ['layer'], 'base' => ['rim']], 'coat:layer', 'base:rim'];
    }

    /**
     * @param array<string, list<PlannedStep|string>> $recipes
     * @param array<string, array<string, mixed>> $more
     */
    #[DataProvider('rules')]
    public function testEachRuleHoldsBetweenTwoAreasUntilItIsOverruled(
        string $code,
        array $recipes,
        string $first,
        string $then,
        array $more = [],
    ): void {
        $work = Works::company($recipes, 3, $more);

        self::assertTrue(self::isBefore(self::web($work), $first, $then), 'kept');
        self::assertFalse(self::isBefore(self::web($work, new Wishes([$code])), $first, $then), 'not kept once it is overruled');
        self::assertArrayHasKey($code, self::web($work)->counted());
    }

    public function testEveryRuleOfTheBookIsTried(): void
    {
        $tried = array_unique(array_map(static fn (array $row): string => $row[0], array_values(iterator_to_array(self::rules()))));
        $codes = array_map(static fn (Rule $r): string => $r->code, array_filter(
            RuleBook::all(),
            static fn (Rule $r): bool => !$r->isHard,
        ));
        sort($tried);
        sort($codes);

        self::assertSame($codes, $tried);
    }

    /** Beside means beside: what stands apart on the figure is free. */
    public function testAreasThatDoNotTouchAreFree(): void
    {
        $recipes = ['fur' => ['drybrush'], 'coat' => ['edge-highlight'], 'boots' => ['edge-highlight']];
        $web = self::web(Works::company($recipes, touching: [['fur', 'coat'], ['coat', 'boots']]));

        self::assertTrue(self::isBefore($web, 'fur:drybrush', 'coat:edge-highlight'));
        self::assertFalse(self::isBefore($web, 'fur:drybrush', 'boots:edge-highlight'));
    }

    public function testFiguresThatShareNothingAreFree(): void
    {
        $web = self::web(Works::company([
            'fur' => [Steps::step('drybrush')->for(Who::only([2]))],
            'coat' => [Steps::step('edge-highlight')->for(Who::only([1]))],
        ], 2));

        self::assertFalse(self::isBefore($web, 'fur:drybrush', 'coat:edge-highlight'));
    }

    public function testPhysicsCannotBeOverruled(): void
    {
        $this->expectException(DomainException::class);
        $this->expectExceptionMessage('Nobody can do it the other way round: paint holds on an undercoat');

        new Wishes(['undercoat']);
    }

    public function testAnUnknownRuleIsNamed(): void
    {
        $this->expectExceptionMessage('There is no rule "luck".');

        new Wishes(['luck']);
    }

    /** Coats wait until the one below is dry, also where another step lies between. */
    public function testARecipeWaitsForItsDrying(): void
    {
        $web = self::web(Works::company(['coat' => ['basecoat', 'wash-all-over', 'layer']]));

        self::assertSame(['all:undercoat' => 20], self::waits($web, 'coat:basecoat'));
        self::assertSame(['all:undercoat' => 20, 'coat:basecoat' => 8], self::waits($web, 'coat:wash-all-over'));
        self::assertSame(40, self::waits($web, 'coat:layer')['coat:wash-all-over']);
        self::assertSame(['coat:wash-all-over' => 40], array_filter(self::needed($web, 'coat:layer')), 'the rest follows from it');
    }

    public function testAWaitThatIsPlannedIsKeptBesideTheDrying(): void
    {
        self::assertSame(60, self::waits(
            self::web(Works::company(['coat' => ['basecoat', 'waiting', 'layer']])),
            'coat:layer',
        )['coat:basecoat']);
    }

    /** An oil wash of one figure rests 60 to 120 min before it is wiped; a day then, before varnish. */
    public function testWaitsOfTwoSides(): void
    {
        $work = Works::company(['hull' => ['gloss-varnish', 'oil-wash', 'wiping', 'matt-varnish']]);
        [$web, $notLater] = Weaver::weave([Jobs::of($work, Grouping::row())], new Wishes());

        self::assertSame(1440, self::waits($web, 'hull:oil-wash')['hull:gloss-varnish']);
        self::assertSame(60, self::waits($web, 'hull:wiping')['hull:oil-wash']);
        self::assertSame([self::at($web, 'hull:oil-wash') => 120], $notLater[self::at($web, 'hull:wiping')]);
        self::assertSame(1440, self::waits($web, 'hull:matt-varnish')['hull:wiping']);
    }

    /** Two areas whose rules say opposite things: the upper rule wins, the other is told. */
    public function testWhereRulesContradictEachOtherTheUpperOneWins(): void
    {
        $more = ['skin' => ['depth' => 1, 'reachable' => false], 'coat' => ['depth' => 3]];
        $web = self::web(Works::company(['skin' => ['basecoat', 'edge-highlight'], 'coat' => ['basecoat']], more: $more));

        self::assertTrue(self::isBefore($web, 'skin:edge-highlight', 'coat:basecoat'), 'no brush reaches it later');
        self::assertSame(['bases-first'], array_map(static fn ($tie): string => $tie->rule->code ?? '', $web->setAside()));
    }

    public function testThePainterSaysThisBeforeThat(): void
    {
        $work = Works::company(['coat' => ['edge-highlight'], 'fur' => ['drybrush']]);
        $web = self::web($work, new Wishes(before: [['c/coat:edge-highlight', 'c/fur:drybrush']]));

        self::assertTrue(self::isBefore($web, 'coat:edge-highlight', 'fur:drybrush'), 'a wish wins over a strong rule');
        self::assertSame(['messy-first'], array_map(static fn ($tie): string => $tie->rule->code ?? '', $web->setAside()));
    }

    /** @param list<array{string, string}> $before */
    #[TestWith([[['c/coat:layer', 'c/coat:basecoat']], 'Coat: layer → Coat: basecoat → Coat: layer'])]
    #[TestWith([
        [['c/coat:basecoat', 'c/fur:drybrush'], ['c/fur:drybrush', 'c/coat:basecoat']],
        'Fur: drybrush → Coat: basecoat → Fur: drybrush',
    ])]
    #[TestWith([[['c/coat:layer', 'c/hat:layer']], 'There is no step "c/hat:layer" to be done.'])]
    public function testACircleIsToldByItsMembers(array $before, string $words): void
    {
        $this->expectException(DomainException::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($words, '/').'|'.preg_quote(self::turned($words), '/').'/');

        self::web(Works::company(['coat' => ['basecoat', 'layer'], 'fur' => ['drybrush']]), new Wishes(before: $before));
    }

    /** Varnish over the whole figure waits for every area, and what is glued on or powdered keeps its place around it. */
    public function testWholeSteps(): void
    {
        $varnish = new WholeStep(Steps::step('matt-varnish', null));
        $web = self::web(Works::company(
            ['legs' => ['basecoat'], 'body' => ['drybrush', 'gloss-spot'], 'base' => ['rim']],
            whole: [$varnish],
        ));

        self::assertTrue(self::isBefore($web, 'legs:basecoat', 'all:matt-varnish'));
        self::assertTrue(self::isBefore($web, 'body:drybrush', 'all:matt-varnish'));
        self::assertTrue(self::isBefore($web, 'all:matt-varnish', 'body:gloss-spot'));
        self::assertTrue(self::isBefore($web, 'all:matt-varnish', 'base:rim'));
    }

    public function testAllFieldableBeforeAnythingGoesFurther(): void
    {
        $work = Works::company(['coat' => ['basecoat', 'layer'], 'boots' => ['basecoat', 'wash-all-over']], touching: [['coat', 'x'],
            ['boots', 'y']]);

        self::assertFalse(self::isBefore(self::web($work), 'boots:wash-all-over', 'coat:layer'));
        self::assertTrue(self::isBefore(self::web($work, new Wishes(fieldableFirst: true)), 'boots:wash-all-over', 'coat:layer'));
    }

    private static function web(CompanyWork $work, Wishes $wishes = new Wishes()): Web
    {
        return Weaver::weave([Jobs::of($work, Grouping::row())], $wishes)[0];
    }

    private static function isBefore(Web $web, string $first, string $then): bool
    {
        return $web->isBefore(self::at($web, $first), self::at($web, $then));
    }

    private static function at(Web $web, string $step): int
    {
        foreach ($web->jobs as $i => $job) {
            if ($job->step === 'c/'.$step) {
                return $i;
            }
        }
        self::fail("There is no $step.");
    }

    /** @return array<string, int> minutes it waits for what is tied to it */
    private static function waits(Web $web, string $step): array
    {
        $found = [];
        foreach ($web->of(self::at($web, $step)) as $first => $tie) {
            $found[substr($web->jobs[$first]->step, 2)] = $tie->wait;
        }

        return $found;
    }

    /** @return array<string, int> the same without what follows from the rest */
    private static function needed(Web $web, string $step): array
    {
        $found = [];
        foreach ($web->waits()[self::at($web, $step)] as $first => $wait) {
            $found[substr($web->jobs[$first]->step, 2)] = $wait;
        }

        return $found;
    }

    /** A circle may be told from any of its members. */
    private static function turned(string $words): string
    {
        $members = explode(' → ', $words);
        $turned = array_slice($members, 1);

        return $turned === [] ? $words : implode(' → ', [...$turned, $turned[0]]);
    }
}
