<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Judge;

use Kalokroma\Recipe\Judge\Mark;
use Kalokroma\Recipe\Judge\OrderRules;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

final class OrderRulesTest extends TestCase
{
    /** @param list<string> $steps */
    #[DataProvider('orders')]
    public function testAnOrderIsKeptOrBroken(array $steps, string $code, bool $hard): void
    {
        $broken = OrderRules::broken(Steps::plan(...$steps)->steps);

        self::assertSame(
            $code === '' ? [] : [$code],
            array_values(array_unique(array_map(static fn (Mark $m): string => $m->code, $broken))),
        );
        foreach ($broken as $mark) {
            self::assertSame($hard, $mark->hard);
            self::assertNotSame('', $mark->alternative);
            self::assertDoesNotMatchRegularExpression('/[{}]/', $mark->finding->sentence());
        }
        self::assertSame(
            [],
            array_filter(
                OrderRules::broken(Steps::plan(...array_reverse($steps))->steps),
                static fn (Mark $m): bool => $m->code === $code && $code !== '',
            ),
            'the other way round it is kept',
        );
    }

    /** @return iterable<string, array{list<string>, string, bool}> the lower step first */
    public static function orders(): iterable
    {
        yield 'base, shade, layer, highlight' => [
            ['stepping-stone', 'basecoat', 'wash-all-over', 'layer', 'feathered-layer', 'edge-highlight', 'dot'],
            '',
            false,
        ];
        yield 'further coats among themselves' => [['basecoat', 'further-coat'], '', false];
        yield 'drybrush and wash in turn' => [['metal-coat', 'wash-all-over', 'drybrush', 'wash-all-over', 'drybrush'], '', false];
        yield 'a stone on the base' => [['basecoat', 'stepping-stone'], 'order.stepping-stone', false];
        yield 'repair on the base' => [['basecoat', 'undercoat-repair'], 'order.stepping-stone', false];
        yield 'base on a wash' => [['wash-all-over', 'basecoat'], 'order.base', false];
        yield 'base on a highlight' => [['edge-highlight', 'basecoat'], 'order.base', false];
        yield 'stain on a drybrush' => [['drybrush', 'stain'], 'order.base', false];
        yield 'wash on a layer' => [['layer', 'wash-all-over'], 'order.shade', false];
        yield 'recess line on an edge' => [['edge-highlight', 'recess-line'], 'order.shade', false];
        yield 'layer on a highlight' => [['feathered-layer', 'layer'], 'order.layer', false];
        yield 'gloss on a marking' => [['marking', 'gloss-varnish'], 'order.gloss-marking', false];
        yield 'gloss on an enamel wash' => [['enamel-wash', 'gloss-varnish'], 'order.gloss', true];
        yield 'marking on dirt' => [['gloss-varnish', 'enamel-wash', 'marking'], 'order.marking', false];
        yield 'matt on a gloss spot' => [['gloss-spot', 'matt-varnish'], 'order.spot', false];
        yield 'anything on the rim' => [['rim', 'tuft'], 'order.rim', false];
        yield 'blotting before the wash' => [['blotting', 'wash-all-over'], 'order.blot', false];
        yield 'wiping before the wash' => [['satin-varnish', 'wiping', 'enamel-wash'], 'order.wiping', true];
        yield 'drybrush on an edge' => [['edge-highlight', 'drybrush'], 'order.messy', false];
        yield 'lining on a layer' => [['layer', 'lining'], 'order.lining', false];
        yield 'matt on powder' => [['pigment-powder', 'matt-varnish'], 'order.powder', false];
    }

    /** @param list<string> $steps */
    #[DataProvider('needs')]
    public function testSomeStepsNeedAnotherBefore(array $steps, string $sentence): void
    {
        $broken = OrderRules::broken(Steps::plan(...$steps)->steps);

        self::assertStringContainsString(
            $sentence,
            implode(' ', array_map(static fn (Mark $m): string => $m->finding->sentence(), $broken)),
        );
        self::assertTrue($broken[0]->hard);
    }

    /** @return iterable<array{list<string>, string}> */
    public static function needs(): iterable
    {
        yield [['gloss-varnish', 'softener'], 'Softener needs a marking to work on'];
        yield [['basecoat', 'wiping'], 'no enamel or oil wash to wipe'];
        yield [['streak-blend'], 'no streaks to blend'];
        yield [['basecoat', 'chipping-top-coat'], 'Without chipping fluid under it'];
        yield [['basecoat', 'chipping-opening'], 'no top coat to open'];
    }

    public function testStepsOfALoopAreFreeAmongThemselves(): void
    {
        $loose = Steps::plan('metal-coat', 'wash-all-over', 'layer', 'recess-line');
        self::assertNotSame([], OrderRules::broken($loose->steps));

        $steps = $loose->steps;
        $steps[3] = $steps[3]->looped(new Loop('wash-all-over', 3, 'until it looks used'));
        self::assertSame([], OrderRules::broken($steps));
    }

    public function testWhatIsLeftOutBreaksNothing(): void
    {
        $plan = Steps::plan('layer', 'wash-all-over');
        self::assertCount(1, OrderRules::broken($plan->steps));
        self::assertSame([], OrderRules::broken([$plan->steps[0], $plan->steps[1]->leftOut()]));
    }

    public function testTheSentenceNamesBothStepsWithTheirPaints(): void
    {
        $plan = new Plan([Steps::step('layer', '#9c7d34'), Steps::step('wash-all-over', '#4b3524')], []);

        self::assertSame(
            'Wash all over (#4b3524) comes before layer (#9c7d34): a shade over it would run down and dull what is light. '
                .'A shade or stain is easier to add than to remove; over lights painted too bright on purpose a thin one is sound.',
            OrderRules::broken($plan->steps)[0]->finding->sentence(),
        );
    }

    public function testAMarkingOrAnEnamelWashWantsGloss(): void
    {
        $codes = static fn (string ...$steps): array => array_map(
            static fn (Mark $m): string => $m->code.($m->hard ? '!' : ''),
            OrderRules::broken(Steps::plan(...$steps)->steps),
        );

        self::assertSame(['order.bare'], $codes('basecoat', 'marking'));
        self::assertSame(['order.bare'], $codes('basecoat', 'oil-wash', 'wiping'));
        self::assertSame([], $codes('basecoat', 'gloss-varnish', 'marking'));
        self::assertSame([], $codes('basecoat', 'satin-varnish', 'enamel-wash', 'wiping'));
    }

    /** A basecoat dries in 8 minutes: overnight between both is enough, an hour is not. */
    public function testAMaskWantsWhatHasCured(): void
    {
        $broken = static fn (int|null $wait, string ...$between): array => array_map(
            static fn (Mark $m): string => $m->finding->sentence(),
            OrderRules::broken([
                Steps::step('basecoat')->withHandling(new Handling(wait: $wait)),
                ...array_map(static fn (string $t): PlannedStep => Steps::step($t, '#9c7d34'), $between),
                Steps::step('masking'),
            ]),
        );

        self::assertSame(
            ['Basecoat (#6f4a2e) has dried 8 min when the mask goes on, and is still soft: the mask lifts it.'],
            $broken(null),
        );
        self::assertStringContainsString('has dried 1 h when', $broken(60)[0]);
        self::assertSame([], $broken(720));
        self::assertStringContainsString('(#9c7d34) has dried', $broken(720, 'layer')[0], 'what lies last counts');
    }

    /** A coloured glaze takes the glint of the flakes below it, unless bright metal comes after it. */
    public function testAGlazeOverMetalWantsItsGlintsAgain(): void
    {
        $metal = static fn (string $technique, string $key): PlannedStep
            => Steps::step($technique, Swatches::paint('Steel', '#8b9095', Behaviour::Metallic), key: $key);
        $codes = static fn (PlannedStep ...$steps): array => array_map(
            static fn (Mark $m): string => $m->code,
            OrderRules::broken(array_values($steps)),
        );
        $glaze = Steps::step('glaze', '#5f7fa8');

        self::assertSame(['order.glint'], $codes($metal('metal-coat', 'base'), $glaze));
        self::assertSame([], $codes($metal('metal-coat', 'base'), $glaze, $metal('edge-highlight', 'edge')));
        self::assertSame([], $codes(Steps::step('basecoat'), $glaze));
    }

    public function testEveryTechniqueCanBeNamed(): void
    {
        foreach (Technique::cases() as $technique) {
            self::assertNotSame('', $technique->words());
            self::assertNotSame('', $technique->where());
        }
    }
}
