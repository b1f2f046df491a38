<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Pigment;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Learned;
use Kalokroma\Shelf\Learning;
use Kalokroma\Shelf\Lesson;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use PHPUnit\Framework\TestCase;
use Tests\Core\MadePaints;
use Tests\Core\Swatches;

/** What mixes that were seen tell of the paints that took part. */
final class LearningTest extends TestCase
{
    private const RATIOS = [[1, 1], [1, 2], [2, 1], [1, 3], [3, 1]];
    private const TRIED = 40;

    /**
     * Paints made outside the model's own formulas, four at a time, typed and read with noise: five mixes are read, all others of the same
     * paints predicted before and after.
     */
    public function testUnseenMixesComeNearerAndSeldomWorse(): void
    {
        $before = $after = $worse = $narrower = [];
        $within = 0;
        for ($n = 0; $n < self::TRIED; ++$n) {
            foreach ($this->unseen(new MadePaints(2000 + $n)) as [$was, $is, $wasSure, $isSure]) {
                $before[] = $was;
                $after[] = $is;
                $worse[] = $is - $was;
                $narrower[] = $isSure / $wasSure;
                $within += $is <= $isSure ? 1 : 0;
            }
        }

        self::assertLessThan(0.6 * self::at($before, 0.5), self::at($after, 0.5), 'nearer by 40 % at the median');
        self::assertLessThan(self::at($before, 0.9), self::at($after, 0.9));
        self::assertLessThan(0.5, self::at($worse, 0.95), 'at the 95th percentile worse by less than that');
        self::assertLessThan(0.9, self::at($narrower, 0.5), 'the printed ± narrows');
        self::assertGreaterThan(0.68 * count($after), $within, 'and stays honest');
    }

    /**
     * @return list<array{float, float, float, float}> of each unseen mix: how far off it was and is, and what ± was and is printed
     */
    private function unseen(MadePaints $made): array
    {
        $true = array_map(static fn (): Pigment => $made->bottled(), range(0, 3));
        $typed = array_map(
            static fn (Pigment $p, int $i): Paint =>
                new Paint((string) $i, 'Paint '.$i, '', Behaviour::Opaque, Reflectance::fromLab($made->read($p->fullHide()->toLab(), 0.6))),
            $true,
            array_keys($true),
        );
        $all = [];
        foreach ([[0, 1], [0, 2], [0, 3], [1, 2], [1, 3], [2, 3]] as [$i, $j]) {
            foreach (self::RATIOS as [$a, $b]) {
                $all[] = [$made->share(), $i, $a, $j, $b];
            }
        }
        sort($all);
        $came = static fn (array $m): Lab => Pigment::mix([[$true[$m[1]], $m[2]], [$true[$m[3]], $m[4]]])->fullHide()->toLab();
        $mix = static fn (array $paints, array $m): Mix => Mix::of([new Part($paints[$m[1]], $m[2]), new Part($paints[$m[3]], $m[4])]);
        $lessons = array_map(
            static fn (array $m): Lesson => new Lesson('l', $mix($typed, $m), $made->read($came($m), 0.5), 1.0),
            array_slice($all, 0, 5),
        );
        $learned = Learning::from($lessons);
        $taught = array_map(static fn (Paint $p): Paint => $p->taught($learned[$p->id] ?? null), $typed);

        return array_map(static function (array $m) use ($mix, $typed, $taught, $came): array {
            [$was, $is, $seen] = [$mix($typed, $m), $mix($taught, $m), $came($m)];

            return [
                Ciede2000::difference($was->lab(), $seen),
                Ciede2000::difference($is->lab(), $seen),
                $was->certainty(),
                $is->certainty(),
            ];
        }, array_slice($all, 5));
    }

    /** @param list<float> $values */
    private static function at(array $values, float $share): float
    {
        sort($values);

        return $values[(int) round($share * (count($values) - 1))];
    }
}
