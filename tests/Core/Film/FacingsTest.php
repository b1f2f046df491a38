<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Film\Application;
use Kalokroma\Film\Face;
use Kalokroma\Film\Facings;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Pigment;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class FacingsTest extends TestCase
{
    /** By hand: at 60° the top gets sin 60° = 0.8660, a side cos 60° / π = 0.1592; and the plain average over the turn agrees. */
    public function testSharesOfTheSpray(): void
    {
        [$above, $side, $below] = Facings::shares(60);
        $turn = array_sum(array_map(static fn (int $d): float => max(0.0, cos(deg2rad(60)) * cos(deg2rad($d))), range(0, 359))) / 360;

        self::assertEqualsWithDelta(0.8660, $above, 1e-4);
        self::assertEqualsWithDelta(0.1592, $side, 1e-4);
        self::assertEqualsWithDelta($turn, $side, 1e-4);
        self::assertSame(0.0, $below);
    }

    /**
     * By hand, without a cone: level with the table a side gets 1 / π and nothing else does; at 45° the top gets 0.7071 and
     * a side 0.7071 / π; straight from above only the top does. From below it is the same upside down.
     *
     * @param list<float> $shares
     */
    #[TestWith([0.0, [0.0, 0.3183, 0.0]])]
    #[TestWith([45.0, [0.7071, 0.2251, 0.0]])]
    #[TestWith([90.0, [1.0, 0.0, 0.0]])]
    #[TestWith([-45.0, [0.0, 0.2251, 0.7071]])]
    public function testGeometryOfTheSpray(float $degrees, array $shares): void
    {
        self::assertEqualsWithDelta($shares, Facings::shares($degrees), 2e-4);
    }

    /** By hand: straight from above through a cone of half angle δ the top gets (1 + cos δ) / 2, a side the mean of sin ρ / π. */
    public function testAConeReachesTheSidesToo(): void
    {
        [$above, $side, $below] = Facings::shares(90, 40);
        self::assertEqualsWithDelta((1 + cos(deg2rad(20))) / 2, $above, 1e-3);
        $rings = array_map(static fn (int $i): float => sin(acos(1 - ($i + 0.5) / 1000 * (1 - cos(deg2rad(20))))) / M_PI, range(0, 999));
        self::assertEqualsWithDelta(array_sum($rings) / 1000, $side, 1e-3);
        self::assertSame(0.0, $below);
        self::assertEqualsWithDelta(Facings::shares(60)[0], Facings::shares(60, 10)[0], 0.01, 'a narrow cone changes little');
        $this->expectExceptionMessage('0 to 80');
        Facings::shares(60, 120);
    }

    public function testAColouredShadowFromBelow(): void
    {
        $blue = Pigment::covering(Swatches::reflectance('#1f3050'));
        $sketch = Facings::sketch(Swatches::reflectance('#1c1b1a'), $blue, -35)->sprayed(
            Pigment::covering(Swatches::reflectance('#e6dfcc')),
            65,
        );

        self::assertLessThan(-5.0, $sketch->below->plane->toLab()->b, 'the underside is blue');
        self::assertGreaterThan(60, $sketch->above->plane->toLab()->l);
        self::assertSame(
            [$sketch->below->plane, $sketch->side->plane, $sketch->above->plane],
            array_map(static fn (Face $f) => $sketch->asSurface()->face($f), Face::cases()),
        );
    }

    public function testSteeperFromAboveLightsLessOfTheSide(): void
    {
        $dark = Swatches::reflectance('#1c1b1a');
        $ivory = Pigment::covering(Swatches::reflectance('#f0ece2'));
        $before = INF;
        foreach ([30, 45, 60, 75, 90] as $degrees) {
            $sketch = Facings::sketch($dark, $ivory, $degrees);
            $side = $sketch->side->plane->toLab()->l;
            self::assertLessThan($before, $side);
            self::assertGreaterThan($sketch->below->plane->toLab()->l - 1e-9, $side);
            self::assertLessThan($sketch->above->plane->toLab()->l, $side);
            $before = $side;
        }
        self::assertEqualsWithDelta($dark->bands, Facings::sketch($dark, $ivory, 60)->below->plane->bands, 1e-12);
    }

    public function testUnderAStainTheSketchShowsAndUnderThreeOpaqueCoatsItHardlyDoes(): void
    {
        $sketch = Facings::sketch(Swatches::reflectance('#1c1b1a'), Pigment::covering(Swatches::reflectance('#f0ece2')), 60, 2);
        $range = static fn (Facings $f): float => $f->above->plane->toLab()->l - $f->below->plane->toLab()->l;
        $stained = $sketch->coats(Application::Stain, Pigment::transparent(Swatches::reflectance('#d98a3a')), 1.0, 1);
        $covered = $sketch->coats(Application::Coat, Pigment::covering(Swatches::reflectance('#6f4a2e')), 2 / 3, 3);

        self::assertGreaterThan(25, $range($stained));
        self::assertLessThan(2, $range($covered));
        self::assertSame(0.0, $range(Facings::uniform(Swatches::reflectance('#808080'))));
    }

    public function testAnAngleBelowTheTable(): void
    {
        $this->expectException(FilmProblem::class);
        $this->expectExceptionMessage('−90 to 90');
        Facings::shares(-95);
    }

    public function testAGlazeGathersALittleInTheRecess(): void
    {
        $glaze = Pigment::covering(Swatches::reflectance('#a82a20'));
        $look = Application::Glaze->coats($glaze, 1 / 9, 3, Facings::uniform(Swatches::reflectance('#d9cca6'))->above);

        self::assertLessThan($look->plane->toLab()->l, $look->recess->toLab()->l);
        self::assertLessThan($look->ridge->toLab()->l, $look->plane->toLab()->l);
    }
}
