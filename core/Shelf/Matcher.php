<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Bands;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\KubelkaMunk;

/**
 * Finds the paints, and the two-paint mixes in whole drops, that come nearest to a colour.
 *
 * Scoring every mix exactly takes long. Near the target a mix's distance is nearly linear in its paints: a paint with
 * K and S adds J · (K − Q S), where Q is the target's K/S and J the slope of Lab with K/S there. The mixes are ranked
 * by the length of that short vector, and only the most promising are scored through the whole model.
 */
final class Matcher
{
    /** Ratios of two whole numbers of drops, at most six in all, in lowest terms. */
    private const RATIOS = [[1, 1], [1, 2], [2, 1], [1, 3], [3, 1], [1, 4], [4, 1], [1, 5], [5, 1], [2, 3], [3, 2]];

    /** Mixes scored exactly after the linear ranking. */
    private const SHORTLIST = 300;

    /** Best singles whose mixes with every partner are scored exactly where the linear ranking is least to be trusted. */
    private const SURE_PARTNERS = 2;

    /** The same where even the best single is further off than this (CIEDE2000): a colour that nothing reaches. */
    private const OUT_OF_REACH = 5.0;
    private const SURE_PARTNERS_OUT_OF_REACH = 10;

    /**
     * Every paint as a single, best first.
     *
     * @param list<Paint> $paints
     *
     * @return list<RankedMix>
     */
    public function singles(Lab $target, array $paints): array
    {
        return self::ranked(array_map(static function (Paint $paint) use ($target): RankedMix {
            $mix = Mix::single($paint);

            return new RankedMix($mix, Ciede2000::difference($mix->lab(), $target));
        }, $paints));
    }

    /**
     * The best mixes of two paints, best first; each combination once, in lowest terms.
     *
     * @param list<Paint> $paints
     * @param int         $most   how many are wanted, 1 or more
     *
     * @return list<RankedMix>
     */
    public function pairs(Lab $target, array $paints, int $most = 10): array
    {
        $found = [];
        foreach ($this->shortlist($target, $paints) as [$one, $two, $ratio]) {
            [$a, $b] = self::RATIOS[$ratio];
            $parts = [['paint' => $paints[$one], 'parts' => $a], ['paint' => $paints[$two], 'parts' => $b]];
            $mix = Mix::of($a >= $b ? $parts : array_reverse($parts));
            $found[] = new RankedMix($mix, Ciede2000::difference($mix->lab(), $target));
        }

        return array_slice(self::ranked($found), 0, $most);
    }

    /**
     * Singles and pairs together, best first; where they cannot be told apart, the simpler stands first.
     *
     * @param list<Paint> $paints
     *
     * @return list<RankedMix>
     */
    public function best(Lab $target, array $paints, int $most = 10): array
    {
        return array_slice(
            self::ranked([...array_slice($this->singles($target, $paints), 0, $most), ...$this->pairs($target, $paints, $most)]),
            0,
            $most,
        );
    }

    /**
     * @param list<Paint> $paints
     *
     * @return list<array{int, int, int}> index, index, ratio
     */
    private function shortlist(Lab $target, array $paints): array
    {
        [$vectors, $weights] = $this->linearised($target, $paints);
        $score = [];
        $n = count($paints);
        $ratios = count(self::RATIOS);
        for ($i = 0; $i < $n; ++$i) {
            [$xi, $yi, $zi] = $vectors[$i];
            $wi = $weights[$i];
            for ($j = $i + 1; $j < $n; ++$j) {
                [$xj, $yj, $zj] = $vectors[$j];
                $wj = $weights[$j];
                $base = ($i * $n + $j) * $ratios;
                foreach (self::RATIOS as $r => [$a, $b]) {
                    $x = $a * $xi + $b * $xj;
                    $y = $a * $yi + $b * $yj;
                    $z = $a * $zi + $b * $zj;
                    $w = $a * $wi + $b * $wj;
                    $score[$base + $r] = ($x * $x + $y * $y + $z * $z) / ($w * $w);
                }
            }
        }
        asort($score);
        $chosen = array_slice(array_keys($score), 0, self::SHORTLIST);
        $singles = $this->singles($target, $paints);
        $partners = ($singles[0]->difference ?? 0.0) > self::OUT_OF_REACH ? self::SURE_PARTNERS_OUT_OF_REACH : self::SURE_PARTNERS;
        foreach (array_slice($singles, 0, $partners) as $single) {
            $i = array_search($single->mix->parts[0]['paint'], $paints, true);
            for ($j = 0; $j < $n; ++$j) {
                if ($j !== $i) {
                    $base = (min($i, $j) * $n + max($i, $j)) * $ratios;
                    array_push($chosen, ...range($base, $base + $ratios - 1));
                }
            }
        }

        return array_map(
            static fn (int $key): array => [intdiv(intdiv($key, $ratios), $n), intdiv($key, $ratios) % $n, $key % $ratios],
            array_values(array_unique($chosen)),
        );
    }

    /**
     * @param list<Paint> $paints
     *
     * @return array{list<array{float, float, float}>, list<float>}
     */
    private function linearised(Lab $target, array $paints): array
    {
        $wanted = Reflectance::fromSrgb(Srgb::fromXyz($target->toXyz())->toOklch()->onScreen()->toSrgb()->clipped());
        $ratio = array_map(KubelkaMunk::ratio(...), $wanted->bands);
        $slopes = self::slopes($wanted);
        $vectors = $weights = [];
        foreach ($paints as $paint) {
            $pigment = $paint->pigment();
            $v = [0.0, 0.0, 0.0];
            $weight = 0.0;
            for ($i = 0; $i < Bands::COUNT; ++$i) {
                $off = $pigment->absorption[$i] - $ratio[$i] * $pigment->scattering[$i];
                $v[0] += $slopes[0][$i] * $off;
                $v[1] += $slopes[1][$i] * $off;
                $v[2] += $slopes[2][$i] * $off;
                $weight += $pigment->scattering[$i];
            }
            $vectors[] = [$v[0], $v[1], $v[2]];
            $weights[] = $weight / Bands::COUNT;
        }

        return [$vectors, $weights];
    }

    /** @return array{list<float>, list<float>, list<float>} change of L*, a*, b* with K/S in each band, at full hide */
    private static function slopes(Reflectance $wanted): array
    {
        $here = $wanted->toLab();
        $slopes = [[], [], []];
        foreach ($wanted->bands as $i => $r) {
            $q = KubelkaMunk::ratio($r);
            $step = 0.02 * $q + 1e-5;
            $bands = $wanted->bands;
            $bands[$i] = KubelkaMunk::fullHide($q + $step);
            $there = Reflectance::of(array_values($bands))->toLab();
            $chroma = 1 + 0.045 * $here->chroma();
            $slopes[0][] = ($there->l - $here->l) / $step;
            $slopes[1][] = ($there->a - $here->a) / $step / $chroma;
            $slopes[2][] = ($there->b - $here->b) / $step / $chroma;
        }

        return $slopes;
    }

    /**
     * @param list<RankedMix> $mixes
     *
     * @return list<RankedMix>
     */
    private static function ranked(array $mixes): array
    {
        usort($mixes, static fn (RankedMix $a, RankedMix $b): int => round($a->difference, 4) <=> round($b->difference, 4)
            ?: count($a->mix->parts) <=> count($b->mix->parts)
            ?: $a->mix->totalParts() <=> $b->mix->totalParts()
            ?: $a->mix->key() <=> $b->mix->key());

        return $mixes;
    }
}
