<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ThinnerTest extends TestCase
{
    #[TestWith(['Water', Thinner::Water])]
    #[TestWith(['mediums', Thinner::Medium])]
    #[TestWith(['white  spirit', Thinner::Solvent])]
    #[TestWith(['Spirit', Thinner::Solvent])]
    #[TestWith(['retarder', Thinner::Retarder])]
    #[TestWith(['paint', null])]
    public function testAWordIsAThinnerOrNone(string $word, ?Thinner $is): void
    {
        self::assertSame($is, Thinner::said($word));
    }

    /** What each does to paint: whether pigment stays spread, times as long workable, times as long to dry, and what cleans the brush. */
    #[TestWith([Thinner::Water, '1:8', false, 1.0, 1.0, false])]
    #[TestWith([Thinner::Medium, '1:1', true, 2.0, 1.0, false])]
    #[TestWith([Thinner::Medium, '2:1', true, 1.0, 1.0, false])]
    #[TestWith([Thinner::Thinner, '1:1', true, 1.0, 1.0, false])]
    #[TestWith([Thinner::Retarder, '4:1', true, 3.0, 2.0, false])]
    #[TestWith([Thinner::Retarder, '1:0', true, 1.0, 1.0, false])]
    #[TestWith([Thinner::Solvent, '3:2', true, 1.0, 1.0, true])]
    public function testWhatItDoesToPaint(Thinner $thinner, string $ratio, bool $spread, float $open, float $drying, bool $solvent): void
    {
        $thinning = Thinning::fromRatio($ratio);

        self::assertSame($spread, $thinner->keepsPigmentSpread());
        self::assertSame($open, $thinner->openTime($thinning));
        self::assertSame($drying, $thinner->dryingTime($thinning));
        self::assertSame($solvent, $thinner->isSolvent());
    }
}
