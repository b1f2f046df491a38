<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Told;

use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Thinner;
use Kalokroma\Recipe\Told\SaidThinning;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class SaidThinningTest extends TestCase
{
    #[DataProvider('thinnings')]
    public function testItIsSaidInWords(string $said, ?string $ratio, ?Thinner $with): void
    {
        [$thinning, $its] = SaidThinning::read($said, self::pots());

        self::assertSame([$ratio, $with], [$thinning?->ratio(), $its]);
    }

    /** @return iterable<string, array{string, string|null, Thinner|null}> paint to thinner, null for open; with what */
    public static function thinnings(): iterable
    {
        foreach ([
            ['2:1', '2:1', null],
            ['two to one', '2:1', null],
            ['half and half', '1:1', null],
            ['two parts water to one paint', '1:2', Thinner::Water],
            ['as much water as paint', '1:1', Thinner::Water],
            ['twice as much water', '1:2', Thinner::Water],
            ['half as much medium', '2:1', Thinner::Medium],
            ['till it runs like milk', '2:1', null],
            ['neat', '1:0', null],
            ['very thin', null, null],
            ['mostly medium', null, Thinner::Medium],
        ] as [$said, $ratio, $with]) {
            yield $said => [$said, $ratio, $with];
        }
    }

    public function testThePotThatIsNamedIsTaken(): void
    {
        [$thinning, $with, $pot] = SaidThinning::read('one part paint to four of Reed Medium', self::pots());

        self::assertSame(['1:4', Thinner::Medium, 'Reed Medium'], [$thinning?->ratio(), $with, $pot?->name]);
    }

    /** What says something else besides, or too little, is refused in a sentence and not half read. */
    #[DataProvider('refused')]
    public function testWhatIsNoThinningIsRefused(string $said): void
    {
        $this->expectException(FilmProblem::class);
        $this->expectExceptionMessage('"'.$said.'" is not a thinning');
        SaidThinning::read($said, self::pots());
    }

    /** @return iterable<string, array{string}> */
    public static function refused(): iterable
    {
        foreach (['1 drop in 3 medium', 'bone', '2:1 and then blot it', 'a bit thinner', 'soup'] as $said) {
            yield $said => [$said];
        }
    }

    /** @return array<string, Paint> */
    private static function pots(): array
    {
        return ['Reed Medium' => Swatches::paint('Reed Medium', '#f4f4f0', Behaviour::Medium)];
    }
}
