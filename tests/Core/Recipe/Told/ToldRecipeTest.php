<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Told;

use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Judge\Rules;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepWords;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Told\ToldLine;
use Kalokroma\Recipe\Told\ToldRecipe;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Word\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\OrdinaryShelf;
use Tests\Core\Swatches;

/** Recipes as they are told, one line a step, most of it in ordinary speech. */
final class ToldRecipeTest extends TestCase
{
    private const LINES = __DIR__.'/../../data/told.txt';

    #[DataProvider('lines')]
    public function testALineIsReadAsItIsMeant(string $said, string $read): void
    {
        $told = self::told($said);

        self::assertSame($read, implode(' || ', array_map(self::words(...), $told->steps())));
        self::assertCount(1, $told->lines);
        foreach ($told->steps() as $step) {
            self::assertStringContainsString(trim($said, '-1. '), $step->why[0]->sentence(), 'what was said stays with it');
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function lines(): iterable
    {
        $rows = array_values(array_filter(
            explode("\n", (string) file_get_contents(self::LINES)),
            static fn (string $row): bool => $row !== '' && $row[0] !== '#',
        ));
        foreach (array_chunk($rows, 2) as [$said, $read]) {
            yield $said => [$said, trim($read)];
        }
    }

    public function testThereAreEnoughOfThem(): void
    {
        self::assertGreaterThanOrEqual(120, count([...self::lines()]));
    }

    /** By its own name every technique is known; those that belong to the whole figure or wait have their own ways. */
    public function testEveryTechniqueIsKnownByItsName(): void
    {
        foreach (Technique::cases() as $technique) {
            if (!in_array($technique, [Technique::Undercoat, Technique::Waiting], true)) {
                self::assertSame($technique, self::told(ucfirst($technique->words()))->steps()[0]->technique, $technique->words());
            }
        }
    }

    /** What was not said is not marked as wrong; what was is held against what is usual for that paint in that use. */
    public function testThinningThatWasNotSaidIsNotMarked(): void
    {
        $area = new Area('1', 'Coat', Material::Cloth, Relief::Tight, 5.0);
        $ground = Surface::uniform(Swatches::reflectance('#868686'));
        $marked = [];
        foreach (self::lines() as [$said]) {
            $steps = self::told($said)->steps();
            $outcomes = Simulation::run($steps, $area, $ground);
            foreach (Rules::judge(new Plan($steps, []), $outcomes, $area, new Equipment(true, true)) as $row) {
                if ($row['mark']->code === 'thin.range') {
                    $marked[] = $said;
                }
            }
        }

        self::assertSame([
            'mid blue 1:3 with medium', 'straight from the pot, brass', 'one part wine, three parts medium',
            'bone, neat, on the lower third', 'two parts water, one part Ochre',
        ], array_values(array_unique($marked)));
    }

    /** A line without work of its own says more of the step before it. */
    public function testALineMaySayMoreOfTheOneBefore(): void
    {
        $told = self::told(
            "basecoat: Bright Red\nthin 1:2\ntwo coats\nleaders only\non the lower third\nwait two hours\nbrush kept for red",
        );
        [$red, $wait] = $told->steps();

        self::assertSame(
            'basecoat · Bright Red · 1:2 with water · the lower third · leaders only · 2 coats',
            self::words($red),
        );
        self::assertSame('waiting · then wait 2 h', self::words($wait->noted('')));
        $belongs = array_map(static fn (ToldLine $l): ?int => $l->belongs, $told->lines);
        self::assertSame([null, 1, 1, 1, 1, null], array_slice($belongs, 0, 6));
        self::assertStringContainsString('brush kept for red', implode(' ', array_map(self::words(...), $told->steps())), 'nothing is '
            .'lost');
    }

    public function testAgainGoesOnFromTheStepBefore(): void
    {
        $told = self::told(
            "drybrush: Dark Iron\nagain until bright enough, smaller each time, four times: Steel\nmore bone each time, two layers",
        );
        [, $steel, $bone] = $told->steps();

        self::assertSame('drybrush · Steel · not thinned · 4 rounds, smaller every time: bright enough', self::words($steel));
        self::assertSame('drybrush · 4 drops Steel, a little Bone · not thinned · 2 rounds · note: more bone each '
            .'time', self::words($bone));
    }

    /** "A little" is a sixth to a third, and so it is predicted; "some" may be anything. */
    public function testALittleIsALittle(): void
    {
        $little = self::told('layer: Ochre and a little Bone')->steps()[0]->load;
        $some = self::told('layer: Ochre and some Bone')->steps()[0]->load;

        self::assertSame('4 drops Ochre, a little Bone', $little->words());
        self::assertSame('1 drop Ochre, some Bone', $some->words());
        self::assertTrue($little->isLittle());
        self::assertFalse($some->isLittle());
    }

    /** @param list<string> $doubts */
    #[DataProvider('doubtful')]
    public function testNoPaintIsInventedOutOfWords(string $said, array $doubts, string $read, string $finding): void
    {
        $line = self::told($said)->lines[0];

        self::assertSame($doubts, $line->doubts);
        self::assertSame($read, self::words($line->steps[0]));
        $findings = array_map(static fn (Finding $f): string => $f->sentence(), $line->findings);
        self::assertStringContainsString($finding, implode(' ', $findings));
    }

    /** @return iterable<array{string, list<string>, string, string}> */
    public static function doubtful(): iterable
    {
        yield ['basecoat: glimmer', ['glimmer'], 'basecoat · note: glimmer', 'No paint is named'];
        yield ['basecoat: "glimmer"', [], 'basecoat · glimmer · thinning not said; usually 2:1 with water', 'middle grey stands in'];
        yield ['basecoat: "glimmer #aa3322"', [],
            'basecoat · glimmer · thinning not said; usually 2:1 with water', 'its colour is as you gave it'];
        yield ['basecoat: [glimmer] bone', [], 'basecoat · Bone · thinning not said; usually 2:1 with water · note: glimmer', ''];
        yield ['wash: whatever you like best today', [], 'wash-all-over · note: whatever you like best today', 'No paint is named'];
        yield ['layer: white', [], 'layer · Cover White · thinning not said; usually 1:1 with water', '"white" is read as Cover White'];
        yield ['layer: dark cold green', [],
            'layer · dark cold green · thinning not said; usually 1:1 with water', 'guessed from the words'];
    }

    public function testAPaintNobodyOwnsIsTakenByItsDescription(): void
    {
        $told = self::told("basecoat: very dark cold green\nlayer: pale sea foam #a8c8b8\nwash: black tint");
        [$base, $layer, $wash] = $told->steps();

        self::assertFalse($base->load->mix?->isAtHand());
        $colour = Oklch::fromLab($base->load->mix->lab());
        self::assertLessThan(0.4, $colour->lightness);
        self::assertEqualsWithDelta(160.0, $colour->hue, 40.0);
        self::assertSame('#a8c8b8', $layer->load->mix?->colour()->toHex());
        self::assertSame('pale sea foam', $layer->load->mix->words());
        self::assertGreaterThan(30.0, $wash->load->mix?->lab()->l, 'black as a wash is one coat over white, not what is in the bottle');
        self::assertSame([1, 2, 3], array_column($told->notes(), 'line'));
    }

    public function testTheUndercoatBelongsToTheFigureAndStaysAsWords(): void
    {
        $told = self::told("1. Prime black\n2. basecoat: Olive");

        self::assertSame([], $told->lines[0]->steps);
        self::assertStringContainsString('belongs to the whole figure', $told->lines[0]->findings[0]->sentence());
        self::assertStringEndsWith('note: Prime black', self::words($told->steps()[0]));
    }

    /** Whatever is said, each line is there, none stops the others, and every word is found again. */
    public function testNothingThatIsSaidIsLostOrRefused(): void
    {
        $words = [
            'bone', 'dark', 'wash', '2', '80 %', 'thin', '1:3', 'leaders', 'only', 'until', 'bright', 'xyz', 'over', 'the',
            'again', ':', ',', '+', 'and', 'wait', 'overnight', 'edges', '"q', '[', ']', '⟦0⟧', '¦', '§1§', '#12', 'twice',
            'medium', 'recess', '€', 'into', 'a', 'little', '%', '0:0',
        ];
        $dice = new Randomizer(new Mt19937(7));
        for ($n = 0; $n < 400; ++$n) {
            $line = '';
            for ($i = $dice->getInt(1, 9); $i > 0; --$i) {
                $line .= $words[$dice->getInt(0, count($words) - 1)].' ';
            }
            $told = self::told("basecoat: Olive\n".$line."\ndrybrush: Bone");
            $steps = array_map(static fn (PlannedStep $s): string => $s->technique->value, $told->steps());
            self::assertSame('basecoat', $steps[0], $line);
            self::assertSame('drybrush', $steps[count($steps) - 1], $line);
            self::assertGreaterThanOrEqual(trim($line) === '' ? 2 : 3, count($told->lines), $line);
        }
    }

    /** Numbers that no figure, wait or recipe has stay as words, and what is found twice is said once. */
    public function testWhatIsBeyondMeasureStaysAsWords(): void
    {
        foreach ([
            'on the first 200 figures bone' => 'on the first 200 figures',
            'figure 0: bone' => 'figure 0',
            'bone, wait 999 weeks' => 'wait 999 weeks',
            'bone until '.str_repeat('very ', 80).'bright' => '',
        ] as $line => $note) {
            [$olive, $bone] = self::told("basecoat: Olive\n".$line)->steps();
            self::assertStringContainsString($note, $bone->handling->note, $line);
            self::assertLessThanOrEqual(120, mb_strlen($bone->scope->loop->exit ?? ''), 'as long as files take it');
            self::assertSame('Olive', $olive->words());
        }
        self::assertCount(1, self::told('ice, then ice')->lines[0]->findings);
        self::assertSame('gluing · note: the arm; pale frost #aabbcc', self::words(self::told('glue the arm on, pale frost '
            .'#aabbcc')->steps()[0]));
    }

    #[DataProvider('refused')]
    public function testOnlyNothingAndTooMuchAreRefused(string $text, string $sentence): void
    {
        $this->expectException(RecipeProblem::class);
        $this->expectExceptionMessage($sentence);
        self::told($text);
    }

    /** @return iterable<array{string, string}> */
    public static function refused(): iterable
    {
        yield ["\n  \n", 'Write at least one line'];
        yield [str_repeat("basecoat: Ochre\n", 41), 'These are 41 lines; a recipe has at most 40 steps.'];
        yield [str_repeat("basecoat: Ochre, then Bone\n", 21), '40 steps'];
    }

    public function testEveryStepHasAKeyOfItsOwn(): void
    {
        $keys = array_map(
            static fn (PlannedStep $s): string => $s->key->value,
            self::told("layer: Ochre\nlayer: Bone\nlayer: Ivory, then Cover White")->steps(),
        );

        self::assertSame(['layer', 'layer-2', 'layer-3', 'layer-4'], $keys);
    }

    private static function told(string $text): ToldRecipe
    {
        return ToldRecipe::read($text, OrdinaryShelf::paints());
    }

    private static function words(PlannedStep $step): string
    {
        return implode(' · ', [$step->technique->value, ...StepWords::asPlanned($step)]);
    }
}
