<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\DifferenceWords;
use Kalokroma\Colour\Lab;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DifferenceWordsTest extends TestCase
{
    /**
     * @param array{float, float, float} $from
     * @param array{float, float, float} $to
     */
    #[DataProvider('differences')]
    public function testDifferencesInPaintersWords(array $from, array $to, string $words): void
    {
        self::assertSame($words, DifferenceWords::between(new Lab(...$from), new Lab(...$to)));
    }

    /** @return iterable<array{array{float, float, float}, array{float, float, float}, string}> */
    public static function differences(): iterable
    {
        yield [[50, 20, 30], [50.2, 20, 30], 'the same to the eye'];
        yield [[50, 0, 0], [53, 0, 0], 'a little lighter'];
        yield [[50, 0, 0], [42, 0, 0], 'clearly darker'];
        yield [[50, 0, 0], [20, 0, 0], 'much darker'];
        yield [[60, 0, 0], [60, 0, 4], 'a little yellower'];
        yield [[60, 0, 0], [60, 0, -6], 'clearly bluer'];
        yield [[60, 40, 40], [60, 33, 46], 'clearly more orange'];
        yield [[60, 40, 0], [60, 20, 0], 'clearly duller'];
        yield [[60, 20, 20], [60, 28, 28], 'clearly stronger'];
    }

    public function testTheOtherWayRoundTheWordsTurnRound(): void
    {
        $pale = new Lab(70, 4, 20);
        $deep = new Lab(60, 4, 20);

        self::assertStringContainsString('darker', DifferenceWords::between($pale, $deep));
        self::assertStringContainsString('lighter', DifferenceWords::between($deep, $pale));
    }
}
