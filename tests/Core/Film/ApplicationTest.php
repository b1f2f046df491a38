<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Film\Application;
use Kalokroma\Film\Face;
use Kalokroma\Film\Pigment;
use Kalokroma\Film\Surface;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class ApplicationTest extends TestCase
{
    public function testAWashDarkensRecessMostAndRidgeLeast(): void
    {
        $look = Application::Wash->pass($this->wash(), 1.0, $this->bone());

        self::assertLessThan($look->plane->toLab()->l, $look->recess->toLab()->l);
        self::assertLessThan($look->ridge->toLab()->l, $look->plane->toLab()->l);
        self::assertLessThan($this->bone()->ridge->toLab()->l, $look->ridge->toLab()->l);
    }

    public function testAWashInTheRecessIsThreeFilmsThick(): void
    {
        $look = Application::Wash->pass($this->wash(), 1.0, $this->bone());

        self::assertEqualsWithDelta($this->wash()->over($this->bone()->recess, 3.0)->bands, $look->recess->bands, 1e-12);
        self::assertEqualsWithDelta($this->wash()->over($this->bone()->ridge, 0.3)->bands, $look->ridge->bands, 1e-12);
    }

    /** By hand: a pass catches 60 % of the ridge, so the ridge shows 0.4 of the ground and 0.6 of the paint; two passes leave 0.16. */
    public function testDrybrushCatchesRidgesOnly(): void
    {
        $white = Pigment::covering(Swatches::reflectance('#f4f2ec'), 200.0);
        $full = $white->fullHide()->bands;
        $ground = Surface::uniform(Swatches::reflectance('#4b3524'));
        $once = Application::Drybrush->coats($white, 1.0, 1, $ground);
        $twice = Application::Drybrush->coats($white, 1.0, 2, $ground);

        self::assertEquals($ground->recess, $twice->recess);
        foreach ($ground->ridge->bands as $i => $below) {
            self::assertEqualsWithDelta(0.4 * $below + 0.6 * $full[$i], $once->ridge->bands[$i], 1e-3);
            self::assertEqualsWithDelta(0.16 * $below + 0.84 * $full[$i], $twice->ridge->bands[$i], 1e-3);
            self::assertEqualsWithDelta(0.85 * $below + 0.15 * $full[$i], $once->plane->bands[$i], 1e-3);
        }
    }

    #[DataProvider('untouched')]
    public function testEachWayLeavesItsFacesAlone(Application $way, Face $face): void
    {
        $before = $this->bone();

        self::assertEquals($before->face($face), $way->coats($this->wash(), 1.0, 3, $before)->face($face));
    }

    /** @return iterable<array{Application, Face}> */
    public static function untouched(): iterable
    {
        yield [Application::Layer, Face::Recess];
        yield [Application::UpperLayer, Face::Recess];
        yield [Application::Drybrush, Face::Recess];
        yield [Application::Edge, Face::Recess];
        yield [Application::Edge, Face::Plane];
        yield [Application::Dot, Face::Plane];
        yield [Application::Shade, Face::Plane];
        yield [Application::Shade, Face::Ridge];
        yield [Application::RecessLine, Face::Plane];
        yield [Application::RecessLine, Face::Ridge];
    }

    public function testTwoCoatsAreOneCoatTwice(): void
    {
        $paint = Pigment::covering(Swatches::reflectance('#a82a20'));
        $once = Application::Coat->coats($paint, 0.5, 1, $this->bone());

        self::assertEqualsWithDelta(
            Application::Coat->coats($paint, 0.5, 2, $this->bone())->plane->bands,
            Application::Coat->coats($paint, 0.5, 1, $once)->plane->bands,
            1e-9,
        );
    }

    public function testThinnerPaintChangesLess(): void
    {
        $paint = Pigment::covering(Swatches::reflectance('#1f3050'));
        $thick = Application::Coat->pass($paint, 1.0, $this->bone())->plane->toLab()->l;
        $thin = Application::Coat->pass($paint, 0.2, $this->bone())->plane->toLab()->l;

        self::assertLessThan($thin, $thick);
        self::assertLessThan($this->bone()->plane->toLab()->l, $thin);
    }

    #[DataProvider('everyWay')]
    public function testFiguresAreInRange(Application $way): void
    {
        foreach ($way->coverage()->toArray() as $share) {
            self::assertGreaterThanOrEqual(0.0, $share);
            self::assertLessThanOrEqual(1.0, $share);
        }
        self::assertSame($way !== Application::None, max($way->thickness()->toArray()) > 0.0);
    }

    /** @return iterable<array{Application}> */
    public static function everyWay(): iterable
    {
        foreach (Application::cases() as $way) {
            yield $way->value => [$way];
        }
    }

    private function bone(): Surface
    {
        return Surface::uniform(Swatches::reflectance('#d9cca6'));
    }

    private function wash(): Pigment
    {
        return Pigment::transparent(Swatches::reflectance('#8b6a49'));
    }
}
