<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Film\Constants;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Pigment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

/** Coats to within 2.0 of full hide, against the usual numbers painters count. */
final class HidingTest extends TestCase
{
    private const GROUNDS = ['dark' => '#1c1b1a', 'grey' => '#7a7a7a', 'light' => '#f0ece2'];

    #[DataProvider('usualCoats')]
    public function testUsualCoats(string $hex, string $ground, float $load, int $least, int $most): void
    {
        $hiding = Hiding::of(Pigment::covering(Swatches::reflectance($hex)), $load, Swatches::reflectance(self::GROUNDS[$ground]));

        self::assertNotNull($hiding->coats);
        self::assertGreaterThanOrEqual($least, $hiding->coats);
        self::assertLessThanOrEqual($most, $hiding->coats);
    }

    /** @return iterable<string, array{string, string, float, int, int}> */
    public static function usualCoats(): iterable
    {
        $rows = [
            'earthy brown' => [
                ['#5a3d28', '#4a3423', '#6e4a2c', '#7a5a38', '#4f3b2a', '#63422a'],
                [[1, 2], [1, 2], [1, 2]],
                [[1, 3], [1, 3], [2, 4]],
            ],
            'dark blue' => [
                ['#1f3354', '#22304a', '#1b2a52', '#26406b', '#1d2f4d', '#213a5e'],
                [[1, 2], [1, 2], [1, 3]],
                [[1, 3], [1, 3], [2, 4]],
            ],
            'black' => [
                ['#1c1b1a', '#24221f', '#15161a', '#201f22', '#1a1a1c', '#1f1d1a'],
                [[1, 2], [1, 2], [1, 2]],
                [[1, 3], [1, 3], [2, 4]],
            ],
            'bone' => [
                ['#d9cda8', '#d3c4a0', '#d6c9a3', '#dccfae', '#d0c39f', '#d8cba6'],
                [[2, 3], [1, 2], [1, 2]],
                [[3, 5], [2, 4], [2, 3]],
            ],
            'warm red' => [
                ['#b3231e', '#bb241d', '#b8271f', '#b4201a', '#b62019', '#ba2a22'],
                [[3, 4], [3, 4], [2, 3]],
                [[5, 7], [4, 6], [3, 5]],
            ],
            'strong yellow' => [
                ['#f2c21c', '#f0b820', '#eec42a', '#f0bf26', '#f3c42a', '#efbc1e'],
                [[4, 6], [4, 5], [2, 3]],
                [[7, 12], [6, 9], [3, 5]],
            ],
            'white' => [
                ['#f4f2ec', '#f2efe6', '#f5f3ee', '#f3f1ea', '#f4f1ea', '#f6f4f0'],
                [[4, 5], [3, 5], [1, 2]],
                [[6, 9], [5, 8], [1, 3]],
            ],
        ];
        foreach ($rows as $name => [$colours, $undiluted, $thinned]) {
            foreach ($colours as $hex) {
                foreach (array_keys(self::GROUNDS) as $i => $ground) {
                    yield "$name $hex on $ground" => [$hex, $ground, 1.0, ...$undiluted[$i]];
                    yield "$name $hex on $ground, thinned 1:1" => [$hex, $ground, 0.5, ...$thinned[$i]];
                }
            }
        }
    }

    public function testYellowOverBlackGoesGreenishAtFirst(): void
    {
        $yellow = Pigment::covering(Swatches::reflectance('#f2c21c'));
        $first = Hiding::of($yellow, 0.5, Swatches::reflectance('#1c1b1a'))->after[0]->toLab();

        self::assertGreaterThan($yellow->fullHide()->toLab()->hue() + 5, $first->hue());
    }

    public function testWhatIsAlreadyTheColourNeedsOneCoat(): void
    {
        $hiding = Hiding::of(Pigment::covering(Swatches::reflectance('#f0b42c')), 1.0, Swatches::reflectance('#f0b42c'));

        self::assertSame(1, $hiding->coats);
        self::assertLessThan(0.01, $hiding->difference[0]);
    }

    public function testAPaintThatCannotHideSaysSo(): void
    {
        $hiding = Hiding::of(Pigment::transparent(Swatches::reflectance('#e0a34a')), 0.2, Swatches::reflectance('#f2efe6'));

        self::assertNull($hiding->coats);
        self::assertCount(Constants::MOST_COATS, $hiding->after);
        self::assertSame(Constants::MOST_COATS, $hiding->planned());
    }

    public function testEveryCoatComesNearer(): void
    {
        $difference = Hiding::of(Pigment::covering(Swatches::reflectance('#a82a20')), 0.5, Swatches::reflectance('#868686'))->difference;

        $sorted = $difference;
        rsort($sorted);
        self::assertSame($sorted, $difference);
        self::assertLessThanOrEqual(2.0, $difference[count($difference) - 1]);
        self::assertGreaterThan(2.0, $difference[count($difference) - 2]);
    }

    public function testATighterToleranceNeedsMoreCoats(): void
    {
        $white = Pigment::covering(Swatches::reflectance('#f4f2ec'));
        $ground = Swatches::reflectance('#1c1b1a');

        self::assertGreaterThan(Hiding::of($white, 1.0, $ground, 4.0)->coats, Hiding::of($white, 1.0, $ground, 1.0)->coats);
        self::assertNull(Hiding::of($white, 1.0, $ground, 0.5, 2)->coats);
    }
}
