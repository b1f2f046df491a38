<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Film\FilmProblem;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\ShelfProblem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class MixTest extends TestCase
{
    public function testLowestTerms(): void
    {
        $mix = $this->mix(4, 2);

        self::assertSame([2, 1], array_column($mix->parts, 'parts'));
        self::assertSame(3, $mix->totalParts());
        self::assertSame($mix->key(), $this->mix(2, 1)->key());
    }

    public function testWordsArePaintersWords(): void
    {
        self::assertSame('3 drops Ochre, 1 drop Bone', $this->mix(3, 1)->words());
        self::assertSame('Ochre', Mix::single(Swatches::paint('Ochre', '#9c7630'))->words());
        self::assertSame('Ochre', Mix::of([new Part(Swatches::paint('Ochre', '#9c7630'), 5)])->words());
    }

    public function testASinglePaintKeepsItsColour(): void
    {
        self::assertSame('#9c7630', Mix::single(Swatches::paint('Ochre', '#9c7630'))->colour()->toHex());
    }

    public function testAMixWithAWashIsJudgedOverWhite(): void
    {
        $wash = Swatches::paint('Wash', '#8b6a49', Behaviour::Wash);

        self::assertSame('#8b6a49', Mix::single($wash)->colour()->toHex());
        $mixed = Mix::of([new Part($wash, 1), new Part(Swatches::paint('Ochre', '#9c7630'), 1)]);
        self::assertEquals($mixed->pigment()->overWhite(), $mixed->colour());
    }

    public function testAMixIsLessCertainThanASinglePaint(): void
    {
        self::assertGreaterThan(Mix::single(Swatches::paint('Ochre', '#9c7630'))->certainty(), $this->mix(1, 1)->certainty());
    }

    #[DataProvider('badParts')]
    public function testPartsOutOfRange(int $parts): void
    {
        $this->expectException(ShelfProblem::class);
        $this->expectExceptionMessage($parts.' parts cannot be measured');
        $this->mix($parts, 1);
    }

    /** @return iterable<array{int}> */
    public static function badParts(): iterable
    {
        yield [0];
        yield [-2];
        yield [100];
    }

    public function testAnEmptyMix(): void
    {
        $this->expectException(FilmProblem::class);
        Mix::of([]);
    }

    public function testTheSamePaintTwice(): void
    {
        $this->expectException(ShelfProblem::class);
        $this->expectExceptionMessage('Ochre is in the mix twice');
        $ochre = Swatches::paint('Ochre', '#9c7630');
        Mix::of([new Part($ochre, 1), new Part($ochre, 2)]);
    }

    public function testAPaintWithoutColourPredictsNothing(): void
    {
        $this->expectException(ShelfProblem::class);
        $this->expectExceptionMessage('Matt varnish has no colour');
        Mix::single(new Paint('v', 'Matt varnish', '', Behaviour::Varnish, null))->colour();
    }

    #[DataProvider('atHand')]
    public function testAtHand(bool $owned, ?float $left, bool $expected): void
    {
        self::assertSame($expected, Swatches::paint('Ochre', '#9c7630', Behaviour::Opaque, $owned, $left)->isAtHand());
    }

    /** @return iterable<string, array{bool, float|null, bool}> */
    public static function atHand(): iterable
    {
        yield 'owned, some left' => [true, 0.1, true];
        yield 'owned, nobody measured' => [true, null, true];
        yield 'owned, empty' => [true, 0.0, false];
        yield 'not owned' => [false, 10.0, false];
    }

    public function testAMixIsAtHandWhenAllOfItIs(): void
    {
        $empty = Swatches::paint('Empty', '#9c7630', left: 0.0);

        self::assertTrue($this->mix(1, 1)->isAtHand());
        self::assertFalse(Mix::of([new Part($empty, 1), new Part(Swatches::paint('Bone', '#d9cca6'), 1)])->isAtHand());
    }

    public function testBehavioursThatColourAndThatMix(): void
    {
        $without = array_filter(Behaviour::cases(), static fn (Behaviour $b): bool => !$b->colours());
        $mixable = array_filter(Behaviour::cases(), static fn (Behaviour $b): bool => $b->isMixable());

        self::assertSame(['varnish', 'medium', 'thinner'], array_column($without, 'value'));
        self::assertSame(['opaque', 'semi-opaque'], array_column($mixable, 'value'));
    }

    public function testASemiOpaquePaintCoversLessThanAnOpaqueOne(): void
    {
        $ground = Swatches::reflectance('#1c1b1a');
        $opaque = Swatches::paint('O', '#c23a22')->pigment()->over($ground, 1.0)->toLab();
        $semi = Swatches::paint('S', '#c23a22', Behaviour::SemiOpaque)->pigment()->over($ground, 1.0)->toLab();

        self::assertLessThan($opaque->l, $semi->l);
    }

    private function mix(int $ochre, int $bone): Mix
    {
        return Mix::of([
            new Part(Swatches::paint('Ochre', '#9c7630'), $ochre),
            new Part(Swatches::paint('Bone', '#d9cca6'), $bone),
        ]);
    }
}
