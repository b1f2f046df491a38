<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Film\KubelkaMunk;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class KubelkaMunkTest extends TestCase
{
    /** By hand: K/S = (1 − R)² / 2R. */
    #[DataProvider('handWorked')]
    public function testRatioAndBack(float $reflectance, float $ratio): void
    {
        self::assertEqualsWithDelta($ratio, KubelkaMunk::ratio($reflectance), 1e-9);
        self::assertEqualsWithDelta($reflectance, KubelkaMunk::fullHide($ratio), 1e-9);
    }

    /** @return iterable<array{float, float}> */
    public static function handWorked(): iterable
    {
        yield '0.25 / 1.0' => [0.5, 0.25];
        yield '0.64 / 0.4' => [0.2, 1.6];
        yield '0.81 / 0.2' => [0.1, 4.05];
        yield '0.01 / 1.8' => [0.9, 0.01 / 1.8];
    }

    /** Kubelka's hyperbolic form of 1948, R = (1 − Rg (a − b coth bSX)) / (a − Rg + b coth bSX), as the plain version. */
    #[DataProvider('films')]
    public function testAgreesWithTheHyperbolicForm(float $k, float $s, float $x, float $ground): void
    {
        $a = 1 + $k / $s;
        $b = sqrt($a * $a - 1);
        $coth = 1 / tanh($b * $s * $x);
        $plain = (1 - $ground * ($a - $b * $coth)) / ($a - $ground + $b * $coth);

        self::assertEqualsWithDelta($plain, KubelkaMunk::over($k, $s, $x, $ground), 1e-9);
    }

    /** @return iterable<array{float, float, float, float}> */
    public static function films(): iterable
    {
        foreach ([0.01, 0.3, 4.0] as $k) {
            foreach ([0.05, 0.5, 1.6] as $s) {
                foreach ([0.1, 1.0, 5.0] as $x) {
                    foreach ([0.0, 0.3, 1.0] as $ground) {
                        yield "K $k, S $s, X $x over $ground" => [$k, $s, $x, $ground];
                    }
                }
            }
        }
    }

    #[DataProvider('films')]
    public function testTwoHalfFilmsAreOneWhole(float $k, float $s, float $x, float $ground): void
    {
        $half = KubelkaMunk::over($k, $s, $x / 2, $ground);

        self::assertEqualsWithDelta(KubelkaMunk::over($k, $s, $x, $ground), KubelkaMunk::over($k, $s, $x / 2, $half), 1e-9);
    }

    #[DataProvider('films')]
    public function testNoFilmIsTheGroundAndAThickOneHidesIt(float $k, float $s, float $x, float $ground): void
    {
        self::assertSame($ground, KubelkaMunk::over($k, $s, 0.0, $ground));
        self::assertEqualsWithDelta(KubelkaMunk::fullHide($k / $s), KubelkaMunk::over($k, $s, 5000.0, $ground), 1e-9);
    }

    /** By hand: without scattering light passes twice, R = Rg · e^(−2KX); e^(−2·0.5·1) · 0.8 = 0.2943. */
    public function testWithoutScatteringItIsAGlaze(): void
    {
        self::assertEqualsWithDelta(0.8 * exp(-1.0), KubelkaMunk::over(0.5, 0.0, 1.0, 0.8), 1e-12);
    }

    /** By hand: without absorption over black R = SX / (1 + SX); 2 / 3. */
    public function testWithoutAbsorptionItIsAPureWhite(): void
    {
        self::assertEqualsWithDelta(2 / 3, KubelkaMunk::over(0.0, 1.0, 2.0, 0.0), 1e-9);
        self::assertEqualsWithDelta(1.0, KubelkaMunk::over(0.0, 1.0, 2.0, 1.0), 1e-9);
    }

    public function testTheExtremesStayFinite(): void
    {
        foreach ([0.0, 1.0] as $reflectance) {
            self::assertFinite(KubelkaMunk::ratio($reflectance));
        }
        self::assertEqualsWithDelta(KubelkaMunk::fullHide(1e5), KubelkaMunk::over(1e5, 1.0, 1e6, 1.0), 1e-9);
    }
}
