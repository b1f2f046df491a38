<?php

declare(strict_types=1);

namespace Tests\Core\Record;

use Kalokroma\Film\Face;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Record\Done;
use Kalokroma\Record\Progress;
use Kalokroma\Record\Stripped;
use Kalokroma\Record\Substance;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class ProgressTest extends TestCase
{
    /** Two were painted in red; then the plan of the others was changed to the blue that the third got: none of them is to do again. */
    public function testWhatCountsAsTheNewPlanBesidesStaysDone(): void
    {
        $red = self::step(['Red' => 1]);
        $blue = self::step(['Blue' => 1]);
        $green = self::step(['Green' => 1]);
        $progress = Progress::of([
            new Done(self::glaze(), [1, 2], Substance::of($red), [Substance::of($blue)]),
            new Done(self::glaze(), [3], Substance::of($red)),
        ]);

        self::assertSame([3, 4], $progress->remaining(self::glaze(), $blue, [1, 2, 3, 4]));
        self::assertSame([1, 2, 3], $progress->figures(self::glaze(), $red), 'taken back, the old plan counts again');
        self::assertSame([], $progress->figures(self::glaze(), $green));
    }

    /** All paint off the second figure: what it had is to do again, what it gets from then on counts, and the first keeps all it has. */
    public function testWhatWasStrippedIsToDoAgain(): void
    {
        $red = self::step(['Red' => 1]);
        $painted = [new Done(self::glaze(), [1, 2], Substance::of($red)), new Stripped([2])];

        self::assertSame([2], Progress::of($painted)->remaining(self::glaze(), $red, [1, 2]));
        self::assertSame([], Progress::of([...$painted, new Done(self::glaze(), [2], Substance::of($red))])
            ->remaining(self::glaze(), $red, [1, 2]));
        self::assertNull(Progress::of($painted)->otherwise(self::glaze(), self::step(['Blue' => 1]), 2), 'nothing is on it');
    }

    public function testAGlazePaintedDroppedAndAddedInAnotherColourIsNotDone(): void
    {
        $red = self::step(['Red' => 1]);
        $blue = self::step(['Blue' => 1]);
        $progress = Progress::of([new Done(self::glaze(), [1, 2], Substance::of($red))]);

        self::assertTrue($progress->has(self::glaze(), $red, 2));
        self::assertFalse($progress->has(self::glaze(), $blue, 2));
        self::assertSame([[1, 2], []], [$progress->figures(self::glaze(), $red), $progress->figures(self::glaze(), $blue)]);
        self::assertSame([3], $progress->remaining(self::glaze(), $red, [1, 2, 3]));
        self::assertSame([1, 2, 3], $progress->remaining(self::glaze(), $blue, [1, 2, 3]));
        self::assertSame('glaze in Red', $progress->otherwise(self::glaze(), $blue, 2)?->words());
        self::assertNull($progress->otherwise(self::glaze(), $blue, 3), 'nothing was painted there');
        self::assertNull($progress->otherwise(self::glaze(), $red, 2), 'it is what is planned');
        self::assertSame([1, 2], $progress->touched(StepRef::of('4', $red->key)));
    }

    public function testFiguresArePaintedAsSeveralThings(): void
    {
        $progress = Progress::of([
            new Done(self::glaze(), [1, 2, 5], Substance::of(self::step(['Red' => 1]))),
            new Done(self::glaze(), [3], Substance::of(self::step(['Bone' => 1]))),
            new Done(self::glaze(), [2], Substance::of(self::step(['Blue' => 1]))),
        ]);

        $blue = self::step(['Blue' => 1]);
        self::assertSame(['glaze in Red' => [1, 5], 'glaze in Bone' => [3]], $progress->paintedOtherwise(self::glaze(), $blue));
        self::assertSame([1, 3], $progress->remaining(self::glaze(), $blue, [1, 2, 3]), 'figure 5 is not asked for');
        self::assertSame([], $progress->paintedOtherwise(self::glaze('5'), self::step(['Blue' => 1])));
    }

    public function testDoneAgainAsItIsPlannedNowCounts(): void
    {
        $progress = Progress::of([
            new Done(self::glaze(), [1, 2], Substance::of(self::step(['Red' => 1]))),
            new Done(self::glaze(), [2], Substance::of(self::step(['Blue' => 1]))),
        ]);

        self::assertSame([2], $progress->figures(self::glaze(), self::step(['Blue' => 1])));
    }

    #[DataProvider('changes')]
    public function testWhatMakesItAnotherStep(PlannedStep $now, bool $same): void
    {
        $then = Substance::of(self::step(['Red' => 2, 'Bone' => 1]));
        $kept = json_decode((string) json_encode($then->row()), true);

        self::assertSame($same, $then->isOf($now));
        self::assertSame($same, Substance::fromRow($kept)->isOf($now), 'as it comes back from the ledger');
    }

    /** @return iterable<string, array{PlannedStep, bool}> */
    public static function changes(): iterable
    {
        $step = self::step(['Red' => 2, 'Bone' => 1]);
        yield 'nothing' => [$step, true];
        yield 'the same mix in more drops, the other way round' => [self::step(['Bone' => 2, 'Red' => 4]), true];
        yield 'another thinning' => [$step->thinned(Thinning::fromRatio('1:9')), true];
        yield 'more coats' => [$step->withCoats(5), true];
        yield 'a note' => [$step->noted('slowly'), true];
        yield 'other proportions' => [self::step(['Red' => 1, 'Bone' => 1]), false];
        yield 'a paint less' => [self::step(['Red' => 1]), false];
        yield 'another paint' => [self::step(['Red' => 2, 'White' => 1]), false];
        yield 'another place' => [$step->at(new Place(Face::Ridge)), false];
        yield 'another share of it' => [$step->at(new Place(share: 0.5)), false];
        yield 'another technique' => [self::step(['Red' => 2, 'Bone' => 1], Technique::Layer), false];
    }

    public function testAnOldEntryIsKnownByItsWords(): void
    {
        $old = Substance::said('glaze', [['name' => 'Red', 'parts' => 2], ['name' => 'Bone', 'parts' => 1]]);

        self::assertTrue($old->isOf(self::step(['Red' => 2, 'Bone' => 1])->at(new Place(Face::Ridge))), 'nobody wrote its place down');
        self::assertFalse($old->isOf(self::step(['Red' => 2, 'White' => 1])));
        self::assertFalse($old->isOf(self::step(['Red' => 2, 'Bone' => 1], Technique::Layer)));
        self::assertSame('glaze in 2 drops Red, 1 drop Bone', $old->words());
    }

    public function testWhatNobodyWroteDownCountsAsItIs(): void
    {
        $progress = Progress::of([new Done(StepRef::ofFigure('undercoat'), [3], null)]);

        self::assertSame([3], $progress->figures(StepRef::ofFigure('undercoat'), self::step(['Red' => 1], key: 'undercoat')));
    }

    private static function glaze(string $area = '4'): StepRef
    {
        return StepRef::of($area, 'glaze');
    }

    /** @param array<string, int> $mix parts by paint */
    private static function step(array $mix, Technique $technique = Technique::Glaze, string $key = 'glaze'): PlannedStep
    {
        $parts = array_map(
            static fn (string $name, int $parts): Part => new Part(Swatches::paint($name, '#8a5a2b'), $parts),
            array_keys($mix),
            $mix,
        );

        $load = new Load(Mix::of($parts), Thinning::fromRatio('1:8'), Thinner::Medium);

        return new PlannedStep(StepKey::kept($key), $technique, null, $load);
    }
}
