<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\SmoothReflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Colour\Xyz;
use Kalokroma\Film\Boundary;
use Kalokroma\Film\Pigment;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Swatches;
use Tests\Core\Table;

/** The grid of 18 bands against the finer one of 36 bands of 10 nm, which is built here from the published table alone. */
final class BandsTest extends TestCase
{
    private const MIXES = 240;

    /** @var list<list<float>> reflectance to XYZ */
    private array $xyz = [];

    /** @var list<list<float>> reflectance to linear sRGB */
    private array $rgb = [];

    protected function setUp(): void
    {
        $rows = Table::read('cie1931-2deg-d65-10nm.csv');
        $columns = array_keys($rows[0]);
        foreach ([[1, Xyz::WHITE_X], [2, Xyz::WHITE_Y], [3, Xyz::WHITE_Z]] as [$column, $white]) {
            $weights = array_map(static fn (array $row): float => $row[$columns[$column]] * $row[$columns[4]], $rows);
            $sum = array_sum($weights);
            $this->xyz[] = array_map(static fn (float $w): float => $w * $white / $sum, $weights);
        }
        foreach (Srgb::fromXyzMatrix() as $m) {
            $this->rgb[] = array_map(
                static fn (float $x, float $y, float $z): float => $m[0] * $x + $m[1] * $y + $m[2] * $z,
                $this->xyz[0],
                $this->xyz[1],
                $this->xyz[2],
            );
        }
    }

    public function testMixesOnEighteenBandsAgreeWithThirtySix(): void
    {
        self::assertCount(36, $this->xyz[0]);
        $dice = new Randomizer(new Mt19937(36));
        $off = [];
        for ($i = 0; $i < self::MIXES; ++$i) {
            $swatches = [Srgb::fromHex(Swatches::randomHex($dice)), Srgb::fromHex(Swatches::randomHex($dice))];
            $parts = [$dice->getInt(1, 5), $dice->getInt(1, 5)];
            $coarse = array_map(static fn (Srgb $s): Pigment => Pigment::covering(Reflectance::fromSrgb($s)), $swatches);
            $mixed = Pigment::mix([[$coarse[0], $parts[0]], [$coarse[1], $parts[1]]])->fullHide()->toLab();
            $fine = array_map(fn (Srgb $s): array => SmoothReflectance::onGrid($s, $this->rgb), $swatches);
            $body = array_map(static fn (Pigment $p, int $n): float => $p->scattering[0] * $p->strength * $n, $coarse, $parts);
            $off[] = Ciede2000::difference($mixed, $this->mixedOnTheFineGrid($fine, $body));
        }
        sort($off);

        self::assertLessThanOrEqual(1.0, $off[(int) floor(0.95 * self::MIXES)]);
        self::assertLessThanOrEqual(0.3, $off[intdiv(self::MIXES, 2)]);
    }

    /**
     * @param list<list<float>> $spectra
     * @param array<int, float> $body scattering times strength times parts
     */
    private function mixedOnTheFineGrid(array $spectra, array $body): Lab
    {
        $x = $y = $z = 0.0;
        foreach ($spectra[0] as $band => $r) {
            $ratio = (Boundary::ratio($r) * $body[0] + Boundary::ratio($spectra[1][$band]) * $body[1]) / array_sum($body);
            $hide = Boundary::fullHide($ratio);
            $x += $this->xyz[0][$band] * $hide;
            $y += $this->xyz[1][$band] * $hide;
            $z += $this->xyz[2][$band] * $hide;
        }

        return Lab::fromXyz(new Xyz($x, $y, $z));
    }
}
