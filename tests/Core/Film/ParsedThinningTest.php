<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\ParsedThinning;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class ParsedThinningTest extends TestCase
{
    #[DataProvider('said')]
    public function testManyWaysOfSayingAreShownOneWay(string $said, string $shown, ?string $with = null, bool $thinnerFirst = false): void
    {
        $read = ParsedThinning::read($said, $thinnerFirst);

        self::assertSame($shown, $read->words);
        self::assertSame($with, $read->with?->value);
        self::assertSame(str_contains($shown, 'unknown'), $read->thinning === null);
    }

    /** @return iterable<array<int, mixed>> */
    public static function said(): iterable
    {
        yield ['2:1', '2:1'];
        yield [' 4 : 2 ', '2:1'];
        yield ['1 to 2', '1:2'];
        yield ['1 to 2', '2:1', null, true];
        yield ['2,5:1', '5:2'];
        yield ['3 drops paint, 1 drop water', '3:1', 'water'];
        yield ['1 part water to 2 parts paint', '2:1', 'water'];
        yield ['1 drop of medium and 8 drops of paint', '8:1', 'medium', true];
        yield ['2 brush-loads paint and 1 brush-load thinner', '2:1', 'thinner'];
        yield ['30 % thinner', '7:3', 'thinner'];
        yield ['70% paint', '7:3'];
        yield ['33 percent medium', '2:1', 'medium'];
        yield ['100% paint', 'undiluted'];
        yield ['1:0', 'undiluted'];
        yield ['Straight', 'undiluted'];
        yield ['2 parts paint and some water', '2 parts paint, water unknown', 'water'];
        yield ['? : 1', '1 part thinner, paint unknown'];
        yield ['97:3', '32.3:1'];
        yield ['1:1 with water', '1:1', 'water'];
        yield ['1:2 in white spirit', '1:2', 'solvent'];
        yield ['1:1 retarder', '1:1', 'retarder'];
        yield ['1:8 with medium', '8:1', 'medium', true];
        yield ['not thinned', 'undiluted'];
        yield ['like milk, with water', '2:1', 'water'];
    }

    /** Three pots stand on the shelf, two of whose names begin alike. */
    #[TestWith(['1:6 with Glaze Medium', '1:6', 'Glaze Medium', Thinner::Medium])]
    #[TestWith(['1 part glaze medium slow to 2 parts paint', '2:1', 'Glaze Medium Slow', Thinner::Retarder])]
    #[TestWith(['3:2 with Marsh Spirit', '3:2', 'Marsh Spirit', Thinner::Solvent])]
    #[TestWith(['2 drops Glaze Medium and 1 drop paint', '1:2', 'Glaze Medium', Thinner::Medium])]
    #[TestWith(['1:3 medium', '1:3', null, Thinner::Medium])]
    public function testAPotOfTheShelfIsKnownByItsName(string $said, string $shown, ?string $pot, Thinner $with): void
    {
        $read = ParsedThinning::read($said, pots: [
            'Glaze Medium' => Thinner::Medium, 'Glaze Medium Slow' => Thinner::Retarder, 'Marsh Spirit' => Thinner::Solvent,
        ]);

        self::assertSame([$shown, $pot, $with], [$read->words, $read->pot, $read->with]);
    }

    /** What is printed of a thinning is read as the same, whatever it is. */
    public function testWhatIsPrintedIsReadBack(): void
    {
        $pot = Paint::described('Glaze Medium', Behaviour::Medium, null);
        $mix = Mix::single(Swatches::paint('Wine', '#5a1f2a'));
        foreach (['1:0', '4:1', '3:2', '1:1', '1:2', '1:8', '2.5:1', '1:12'] as $ratio) {
            foreach (Thinner::cases() as $thinner) {
                foreach ([null, $pot] as $product) {
                    foreach ([false, true] as $isOpen) {
                        $load = new Load($mix, Thinning::fromRatio($ratio), $thinner, [], $isOpen, null, $product);
                        $said = $load->thinWords();
                        $read = ParsedThinning::read($said, pots: ['Glaze Medium' => Thinner::Medium]);

                        self::assertSame($isOpen ? null : $load->thinning->load(), $read->thinning?->load(), $said);
                        if (!$load->thinning->isUndiluted()) {
                            self::assertSame($product?->name, $read->pot, $said);
                            self::assertSame($product === null ? $thinner : Thinner::Medium, $read->with, $said);
                        }
                    }
                }
            }
        }
        foreach (['2 parts paint and some water', '? : 1', 'some medium'] as $said) {
            $shown = ParsedThinning::read($said)->words;
            self::assertSame($shown, ParsedThinning::read($shown)->words);
        }
    }

    #[DataProvider('nonsense')]
    public function testWhatCannotBeReadIsSaid(string $said, string $sentence): void
    {
        $this->expectException(FilmProblem::class);
        $this->expectExceptionMessage($sentence);
        ParsedThinning::read($said);
    }

    /** @return iterable<array{string, string}> */
    public static function nonsense(): iterable
    {
        yield ['30 %', 'of what'];
        yield ['', 'is not a thinning'];
        yield ['thin', 'is not a thinning'];
        yield ['-2:1', 'is not a thinning'];
        yield ['2 paint 1 paint', 'is not a thinning'];
        yield ['some : some', 'is not a thinning'];
        yield ['100 % water', 'is not a thinning'];
        yield ['0:1', '"0:1" is not a thinning: write paint and thinner as in 2:1, each up to 99, with at least some paint'];
        yield ['1:1000', 'at most 99'];
    }
}
