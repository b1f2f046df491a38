<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Film\Application;
use Kalokroma\Film\Facings;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Pigment;
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
        $this->expectExceptionMessage('0 to 90');
        Facings::shares(-5);
    }

    public function testAGlazeGathersALittleInTheRecess(): void
    {
        $glaze = Pigment::covering(Swatches::reflectance('#a82a20'));
        $look = Application::Glaze->coats($glaze, 1 / 9, 3, Facings::uniform(Swatches::reflectance('#d9cca6'))->above);

        self::assertLessThan($look->plane->toLab()->l, $look->recess->toLab()->l);
        self::assertLessThan($look->ridge->toLab()->l, $look->plane->toLab()->l);
    }
}
