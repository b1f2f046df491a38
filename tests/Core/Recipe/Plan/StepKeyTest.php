<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Plan;

use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class StepKeyTest extends TestCase
{
    #[TestWith(['glaze'])]
    #[TestWith(['edge-highlight-2'])]
    #[TestWith(['abcdefghijklmnopqrstuvwxyzabcdefghijklmn'])]
    public function testAKeyIsAWord(string $said): void
    {
        self::assertSame($said, (string) StepKey::of($said));
    }

    #[TestWith(['undercoat', 'means something else here'])]
    #[TestWith(['file', 'means something else here'])]
    #[TestWith(['undo', 'means something else here'])]
    #[TestWith(['a/b', 'small letters, digits and single hyphens'])]
    #[TestWith(['', 'small letters'])]
    #[TestWith(['Glaze', 'small letters'])]
    #[TestWith(['glaze--2', 'small letters'])]
    #[TestWith(['2-glaze', 'small letters'])]
    #[TestWith(["glaze\n", 'small letters'])]
    #[TestWith(['abcdefghijklmnopqrstuvwxyzabcdefghijklmno', '40 at most'])]
    #[TestWith(['abcdefghijklmnopqrstuvwxyzabcdefghijklmnopqrstuvwxyz123', '40 at most'])]
    public function testWhatIsNoKeyIsRefusedInASentence(string $said, string $why): void
    {
        $this->expectException(RecipeProblem::class);
        $this->expectExceptionMessage($why);

        StepKey::of($said);
    }

    public function testALongKeyStaysWithinItsLengthWhenItIsNumbered(): void
    {
        $long = str_repeat('a', 40);

        self::assertSame(str_repeat('a', 38).'-2', (string) StepKey::free($long, [$long => true]));
    }

    public function testAKeyIsNeverGivenTwice(): void
    {
        $plan = (new Plan([self::step('glaze')], []))->knowing('glaze-2', 'glaze-3');

        self::assertSame('glaze-4', $plan->freeKey('glaze')->value, 'two were dropped before');
        self::assertSame('glaze-4', $plan->withSteps([])->freeKey('glaze')->value, 'and this one now');
    }

    public function testADraftInPlaceOfAnotherGoesOnWhereAStepIsStillThere(): void
    {
        $before = (new Plan([self::step('basecoat'), self::step('layer')], []))->knowing('glaze');
        $after = (new Plan([
            self::step('basecoat'),
            self::step('glaze'),
            self::step('wash')->looped(new Loop('glaze', 2, 'enough')),
        ], []))->inPlaceOf($before);

        self::assertSame(['basecoat', 'glaze-2', 'wash'], array_map(static fn (PlannedStep $s): string => $s->key->value, $after->steps));
        self::assertSame('glaze-2', $after->steps[2]->scope->loop?->from, 'a loop begins where it began');
        self::assertSame('layer-2', $after->freeKey('layer')->value, 'the layer is gone, its key is not free');
    }

    private static function step(string $key): PlannedStep
    {
        $load = new Load(Mix::single(Swatches::paint('Red', '#a82a20')), Thinning::undiluted(), Thinner::Water);

        return new PlannedStep(StepKey::of($key), Technique::Glaze, null, $load);
    }
}
