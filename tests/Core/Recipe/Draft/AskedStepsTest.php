<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Draft;

use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\GivenLadder;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\OrdinaryShelf;
use Tests\Core\Swatches;

final class AskedStepsTest extends TestCase
{
    /** @param list<string> $keys of shades and highlights, in order */
    #[DataProvider('wishes')]
    public function testAsManyAsAreAskedFor(Relief $relief, LadderWish $wish, array $keys): void
    {
        $plan = self::drafted($relief, $wish);

        self::assertSame($keys, array_values(array_filter(
            array_map(static fn (PlannedStep $s): string => $s->key->value, $plan->steps),
            static fn (string $k): bool => preg_match('/^(wash|shade|drybrush|highlight)/', $k) === 1,
        )));
    }

    /** @return iterable<string, array{Relief, LadderWish, list<string>}> */
    public static function wishes(): iterable
    {
        $finish = static fn (Level $level): LadderWish => new LadderWish(finish: $level);
        yield 'fieldable: base and shade' => [Relief::Broad, $finish(Level::Fieldable), ['shade']];
        yield 'finished: one highlight' => [Relief::Broad, $finish(Level::Finished), ['shade', 'highlight']];
        yield 'showpiece on broad folds: three or four' => [
            Relief::Broad, $finish(Level::Showpiece), ['shade', 'shade-2', 'highlight', 'highlight-2', 'highlight-3'],
        ];
        yield 'showpiece: two edges' => [Relief::Plate, $finish(Level::Showpiece), ['wash', 'highlight', 'highlight-2']];
        yield 'fieldable fur keeps its drybrush' => [Relief::Texture, $finish(Level::Fieldable), ['wash', 'drybrush']];
        yield 'none at all' => [Relief::Tight, new LadderWish(shades: 0, highlights: 0), []];
        yield 'no shade, two lights' => [Relief::Tight, new LadderWish(shades: 0, highlights: 2), ['highlight', 'highlight-2']];
        yield 'four and two' => [
            Relief::Broad, new LadderWish(shades: 2, highlights: 4),
            ['shade', 'shade-2', 'highlight', 'highlight-2', 'highlight-3', 'highlight-4'],
        ];
        yield 'one on fur is the drybrush' => [Relief::Texture, new LadderWish(highlights: 1), ['wash', 'drybrush']];
    }

    /** Even to the eye as far as the ladder goes, each lighter than the last, smaller and inside it. */
    public function testEachHighlightIsLighterAndSmallerThanTheLast(): void
    {
        $plan = self::drafted(Relief::Broad, new LadderWish(highlights: 4));
        $lights = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => $s->stage === Stage::Highlight));

        self::assertCount(4, $lights);
        foreach (array_slice($lights, 1) as $i => $light) {
            self::assertGreaterThan($lights[$i]->target?->lightness, $light->target?->lightness);
            self::assertLessThan($lights[$i]->coverage()->ridge, $light->coverage()->ridge);
        }
        self::assertSame([Level::Finished, Level::Showpiece], [$lights[0]->level(), $lights[3]->level()], 'finished has one');
    }

    /** By hand: four steps from L 0.5 to the last light 0.23 above it, evenly. */
    public function testTheRungsBetweenAreEven(): void
    {
        $ladder = new Ladder(Srgb::fromHex('#6f4a2e')->toOklch());
        $from = $ladder->rung(Rung::Intended)->lightness;
        $to = $ladder->rung(Rung::Accent)->lightness;

        foreach ([1, 2, 3, 4] as $nth) {
            self::assertEqualsWithDelta($from + ($to - $from) * $nth / 4, $ladder->light($nth, 4)->lightness, 0.002);
        }
        self::assertEquals($ladder->rung(Rung::Highlight), $ladder->light(1, 1), 'one is the highlight as ever');
        self::assertLessThan($ladder->rung(Rung::Shade)->lightness, $ladder->dark(3, 3, false)->lightness, 'three go deeper');
    }

    /** At 28 mm about a third more than at 75 mm: 1 / 0.75. */
    public function testContrastFollowsTheHeightOfTheFigure(): void
    {
        $step = static function (float $mm): float {
            $ladder = new Ladder(Srgb::fromHex('#6f4a2e')->toOklch(), (new LadderWish())->at($mm));

            return $ladder->rung(Rung::Highlight)->lightness - $ladder->intended->lightness;
        };

        self::assertEqualsWithDelta(4 / 3, $step(28.0) / $step(75.0), 0.01);
        self::assertSame($step(28.0), $step(20.0));
        self::assertSame($step(75.0), $step(150.0));
        self::assertGreaterThan($step(75.0), $step(54.0));
    }

    public function testAGivenLadderIsTakenOverWhole(): void
    {
        $shelf = array_column(array_map(static fn (Paint $p): array => ['n' => $p->name, 'p' => $p], OrdinaryShelf::paints()), 'p', 'n');
        $mix = static fn (int $a, int $b): Mix => Mix::of(array_values(array_filter([
            $a > 0 ? new Part($shelf['Dark Brown'], $a) : null, $b > 0 ? new Part($shelf['Bone'], $b) : null,
        ])));
        $rungs = [$mix(1, 0), $mix(3, 1), $mix(1, 1), $mix(1, 3), $mix(0, 1)];
        $ladder = GivenLadder::of(array_reverse($rungs), 3);
        self::assertSame([1, 1, 3], [$ladder->middle, $ladder->shades(), $ladder->highlights()], 'turned: the darkest stands first');

        $plan = self::drafted(Relief::Broad, (new LadderWish())->taking($ladder));
        $words = static fn (string $key): ?string => $plan->step($key)?->load->words();
        self::assertSame($rungs[1]->words(), $words('basecoat'));
        self::assertSame($rungs[0]->words(), $words('shade'));
        self::assertSame(
            [$rungs[2]->words(), $rungs[3]->words(), $rungs[4]->words()],
            [$words('highlight'), $words('highlight-2'), $words('highlight-3')],
        );
        self::assertNull($plan->step('wash'), 'it has its own shades');
    }

    public function testNoMixIsLaidTwiceTheSameWay(): void
    {
        foreach (Relief::cases() as $relief) {
            $last = null;
            foreach (self::drafted($relief, new LadderWish(shades: 4, highlights: 4))->steps as $step) {
                $now = [$step->technique, $step->load->mix?->key()];
                self::assertTrue($now !== $last || $step->technique === Technique::Basecoat, $relief->value.' '.$step->key->value);
                $last = $now;
            }
        }
    }

    private static function drafted(Relief $relief, LadderWish $wish): Plan
    {
        return Drafter::draft(new Brief(
            new Area('1', 'Cape', Material::Cloth, $relief, 5.0, 2, Weight::Leading),
            Srgb::fromHex('#2d5596')->toOklch(),
            Way::Mixed,
            Swatches::reflectance('#868686'),
            OrdinaryShelf::paints(),
            $wish,
        ));
    }
}
