<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Bands;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Colour\Xyz;
use Kalokroma\Film\Boundary;
use Kalokroma\Film\Constants;

/**
 * The inner loops of matching: which whole-drop mixes of two or three paints come near a target colour.
 *
 * Near the target, a mix's difference is nearly linear in the shares of its paints: a paint of K/S q and scattering s,
 * with share c, pulls by c · s · J (q − q₀), where q₀ is the K/S of the colour the slope J of Lab is taken at. So every
 * paint is a short vector, every mix a weighted mean of vectors, and the mixes to look at are those whose mean lies
 * nearest the origin. Only they are scored through the whole model. Where the best so far is still some way off, the
 * slope is taken again at that best mix and the search repeated.
 *
 * Numbers lie in flat arrays: the loops run over all pairs of a large shelf.
 */
final class MixSearch
{
    /** Pairs and triples scored exactly in one round. */
    public const PAIRS_KEPT = 160;
    private const TRIPLES_KEPT = 600;

    /** What a mix that turns with the strength of its paints is told to spread by, as a share of that turn. */
    private const DOUBT = 0.63;

    /** Pairs that are tried in every ratio. */
    private const EVERY_RATIO = 24;

    /** Paints among which triples are tried: those of the best pairs, then the nearest singles. */
    private const TRIPLE_PAINTS = 60;

    /** A best mix further off than this (CIEDE2000) is worth another round from where it lies. */
    private const WORTH_A_ROUND = 0.4;
    private const ROUNDS = 3;

    /** A best triple further off than this (CIEDE2000) is not within reach: its paints are exchanged one by one. */
    private const UNREACHED = 2.0;
    private const EXCHANGED = 24;

    /** @var list<list<float>> K of each paint by band, times its strength */
    private array $k = [];

    /** @var list<list<float>> S of each paint by band, times its strength */
    private array $s = [];

    /** @var list<float> mean S of each paint, times its strength */
    private array $body = [];

    /** @var list<float> how strongly each paint counts */
    private array $strength = [];

    /** @var list<float> what the surface of each paint sends back */
    private array $surfaces = [];

    /** @var array<string, float> difference of every mix scored so far, by its key */
    private array $scored = [];

    /** @var array{list<float>, list<float>, list<float>} what each paint pulled in the round before */
    private array $vectors = [[], [], []];

    /**
     * @param list<Paint> $paints with colours
     * @param int $parts most drops in all, 2 or more
     * @param int $kept pairs scored exactly in one round
     * @param bool $sure whether mixes that are sure are wanted before those that are near
     * @param int|null $own index of a paint that takes part in every pair; null where none has to
     */
    public function __construct(
        private readonly Lab $target,
        array $paints,
        private readonly int $parts,
        private readonly int $kept = self::PAIRS_KEPT,
        private readonly bool $sure = false,
        private readonly ?int $own = null,
    ) {
        foreach ($paints as $paint) {
            $pigment = $paint->pigment();
            $this->strength[] = $pigment->strength;
            $this->surfaces[] = $pigment->surface;
            [$this->k[], $this->s[], $this->body[]] = $paint->counted();
        }
    }

    /**
     * @return array<string, float> keys `i*a+j*b` or `i*a+j*b+k*c` (index * parts, lowest terms) to CIEDE2000, unsorted
     */
    public function run(int $mostPaints): array
    {
        $count = count($this->k);
        if ($count < 2 || $mostPaints < 2) {
            return [];
        }
        $ratios = WholeParts::ratios($this->parts);
        $at = Reflectance::fromSrgb(Srgb::fromXyz($this->target->toXyz())->toOklch()->onScreen()->toSrgb()->clipped());
        $before = INF;
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $this->vectors = $vectors = $this->pulls($at);
            $this->pairs($vectors, $ratios);
            if ($mostPaints > 2) {
                $this->triples($vectors);
            }
            $best = min([INF, ...array_values($this->scored)]);
            if ($best < self::WORTH_A_ROUND || $best > $before - 0.01) {
                break;
            }
            $before = $best;
            $at = $this->look((string) array_search($best, $this->scored, true));
        }

        if ($mostPaints > 2 && min([INF, ...array_values($this->scored)]) > self::UNREACHED) {
            $this->exchange($this->pulls($at));
        }

        return $this->scored;
    }

    /**
     * About how far mixes of paints of these very colours spread (± CIEDE2000), from the pulls of the round before: if one of them counts
     * more strongly, the mix moves toward it. Tells which mixes are worth {@see Mix::spread()}.
     */
    public function doubt(string $key): float
    {
        [$x, $y, $z] = $this->vectors;
        $sum = $mx = $my = $mz = 0.0;
        $mix = self::read($key);
        foreach ($mix as [$i, $parts]) {
            $sum += $w = $parts * $this->body[$i];
            $mx += $w * $x[$i];
            $my += $w * $y[$i];
            $mz += $w * $z[$i];
        }
        $spread = 0.0;
        foreach ($mix as [$i, $parts]) {
            $w = $parts * $this->body[$i] / $sum;
            $spread += $w * $w * (($x[$i] - $mx / $sum) ** 2 + ($y[$i] - $my / $sum) ** 2 + ($z[$i] - $mz / $sum) ** 2);
        }

        return max(Constants::SPREAD_LEAST, self::DOUBT * sqrt($spread));
    }

    /**
     * For a colour that nothing reaches the slope tells too little: every paint of the best mixes is exchanged for each of
     * the promising ones, or one is added, and the best of these are tried in all shares.
     *
     * @param array{list<float>, list<float>, list<float>} $vectors
     */
    private function exchange(array $vectors): void
    {
        $paints = $this->promising($vectors);
        $shares = WholeParts::threes($this->parts);
        for ($round = 0; $round < 2; ++$round) {
            $order = $this->scored;
            asort($order);
            $before = reset($order);
            $seeds = [];
            foreach (array_keys($order) as $key) {
                $mix = self::read((string) $key);
                $seeds[implode('+', array_column($mix, 0))] ??= $mix;
                if (count($seeds) >= self::EXCHANGED) {
                    break;
                }
            }
            foreach ($seeds as $mix) {
                $open = count($mix) < 3 ? [...array_keys($mix), count($mix)] : array_keys($mix);
                foreach ($open as $place) {
                    foreach ($paints as $paint) {
                        $tried = $mix;
                        $tried[$place] = [$paint, $mix[$place][1] ?? 1];
                        if (
                            count(array_unique(array_column($tried, 0))) === count($tried)
                            && array_sum(array_column($tried, 1)) <= $this->parts
                        ) {
                            sort($tried);
                            $this->score($tried);
                        }
                    }
                }
            }
            $order = $this->scored;
            asort($order);
            foreach (array_slice(array_keys($order), 0, self::EXCHANGED) as $key) {
                $set = array_column(self::read((string) $key), 0);
                foreach (count($set) === 3 ? $shares : [] as [$a, $b, $c]) {
                    $this->score([[$set[0], $a], [$set[1], $b], [$set[2], $c]]);
                }
            }
            if (min($this->scored ?: [INF]) > $before - 0.01) {
                return;
            }
        }
    }

    /** @return array{list<float>, list<float>, list<float>} see {@see LocalSlope::pulls()} */
    private function pulls(Reflectance $at): array
    {
        return LocalSlope::of($this->target, $at)->pulls($this->k, $this->s, $this->body);
    }

    /**
     * Ranks every pair by how near its segment passes the origin at a ratio that can be measured, and scores the best.
     *
     * @param array{list<float>, list<float>, list<float>} $vectors
     * @param list<array{int, int, float}> $ratios
     */
    private function pairs(array $vectors, array $ratios): void
    {
        [$x, $y, $z] = $vectors;
        $body = $this->body;
        $most = $this->kept;
        $n = count($x);
        $last = count($ratios) - 1;
        $logs = array_column($ratios, 2);
        $doubt = $this->sure ? 2 * self::DOUBT ** 2 : 0.0;
        $kept = [];
        $worst = INF;
        for ($i = 0; $i < $n; ++$i) {
            [$xi, $yi, $zi, $si] = [$x[$i], $y[$i], $z[$i], $body[$i]];
            [$from, $to] = $this->others($i, $n);
            for ($j = $from; $j < $to; ++$j) {
                $dx = $x[$j] - $xi;
                $dy = $y[$j] - $yi;
                $dz = $z[$j] - $zi;
                $length = $dx * $dx + $dy * $dy + $dz * $dz;
                $w = $length > 0.0 ? -($xi * $dx + $yi * $dy + $zi * $dz) / $length : 0.5;
                $w = $w < 0.02 ? 0.02 : ($w > 0.98 ? 0.98 : $w);
                $px = $xi + $w * $dx;
                $py = $yi + $w * $dy;
                $pz = $zi + $w * $dz;
                $score = $px * $px + $py * $py + $pz * $pz;
                if ($score >= $worst) {
                    continue;
                }
                // The measurable ratio next to the wanted share, the paints' own bodies counted in.
                $wanted = log($w / (1 - $w) * $si / $body[$j]);
                $at = 0;
                while ($at < $last && abs($logs[$at + 1] - $wanted) <= abs($logs[$at] - $wanted)) {
                    ++$at;
                }
                $b = $ratios[$at][1] * $body[$j];
                $w = $b / ($b + $ratios[$at][0] * $si);
                $px = $xi + $w * $dx;
                $py = $yi + $w * $dy;
                $pz = $zi + $w * $dz;
                $turn = $w * (1 - $w);
                $score = $px * $px + $py * $py + $pz * $pz + $doubt * $turn * $turn * $length;
                if ($score < $worst) {
                    $kept[] = [$score, $i, $j, $at];
                    if (count($kept) >= 2 * $most) {
                        sort($kept);
                        $kept = array_slice($kept, 0, $most);
                        $worst = $kept[$most - 1][0];
                    }
                }
            }
        }
        sort($kept);
        $nearest = [];
        foreach (array_slice($kept, 0, $most) as [, $i, $j, $at]) {
            for ($near = max(0, $at - 2); $near <= min($last, $at + 2); ++$near) {
                $nearest[$i.' '.$j] = min($nearest[$i.' '.$j] ?? INF, $this->scorePair($i, $ratios[$near][0], $j, $ratios[$near][1]));
            }
        }
        // Far from where the slope was taken the share it gives is a guess: the best pairs are tried in every ratio.
        asort($nearest);
        foreach (array_slice(array_keys($nearest), 0, $this->own === null ? self::EVERY_RATIO : intdiv($most, 2)) as $pair) {
            [$i, $j] = array_map(intval(...), explode(' ', $pair));
            foreach ($ratios as [$a, $b]) {
                $this->scorePair($i, $a, $j, $b);
            }
        }
    }

    /** @return array{int, int} those after it that it is paired with: from, and up to before */
    private function others(int $paint, int $count): array
    {
        return match (true) {
            $this->own === null, $this->own === $paint => [$paint + 1, $count],
            $this->own > $paint => [$this->own, $this->own + 1],
            default => [$count, $count],
        };
    }

    /**
     * The same for triangles, among the paints of the best pairs and the nearest singles.
     *
     * @param array{list<float>, list<float>, list<float>} $vectors
     */
    private function triples(array $vectors): void
    {
        [$x, $y, $z] = $vectors;
        $body = $this->body;
        $paints = $this->promising($vectors);
        $n = count($paints);
        $shares = WholeParts::threes($this->parts);
        $kept = [];
        $worst = INF;
        for ($p = 0; $p < $n; ++$p) {
            $i = $paints[$p];
            [$xi, $yi, $zi] = [$x[$i], $y[$i], $z[$i]];
            for ($q = $p + 1; $q < $n; ++$q) {
                $j = $paints[$q];
                [$xj, $yj, $zj] = [$x[$j], $y[$j], $z[$j]];
                [$ux, $uy, $uz] = [$xj - $xi, $yj - $yi, $zj - $zi];
                for ($r = $q + 1; $r < $n; ++$r) {
                    $k = $paints[$r];
                    $xk = $x[$k];
                    $yk = $y[$k];
                    $zk = $z[$k];
                    // No mix of the three is nearer than their plane, …
                    $vx = $xk - $xi;
                    $vy = $yk - $yi;
                    $vz = $zk - $zi;
                    $nx = $uy * $vz - $uz * $vy;
                    $ny = $uz * $vx - $ux * $vz;
                    $nz = $ux * $vy - $uy * $vx;
                    $off = $nx * $xi + $ny * $yi + $nz * $zi;
                    if ($off * $off > $worst * ($nx * $nx + $ny * $ny + $nz * $nz)) {
                        continue;
                    }
                    // … nor nearer than the least that any of them lies along the way to their middle.
                    $cx = $xi + $xj + $xk;
                    $cy = $yi + $yj + $yk;
                    $cz = $zi + $zj + $zk;
                    $least = $worst === INF ? 0.0 : sqrt($worst * ($cx * $cx + $cy * $cy + $cz * $cz));
                    if (
                        $worst !== INF
                        && $cx * $xi + $cy * $yi + $cz * $zi > $least
                        && $cx * $xj + $cy * $yj + $cz * $zj > $least
                        && $cx * $xk + $cy * $yk + $cz * $zk > $least
                    ) {
                        continue;
                    }
                    foreach ($shares as $t => [$a, $b, $c]) {
                        $wa = $a * $body[$i];
                        $wb = $b * $body[$j];
                        $wc = $c * $body[$k];
                        $sum = $wa + $wb + $wc;
                        $px = $wa * $xi + $wb * $xj + $wc * $xk;
                        $py = $wa * $yi + $wb * $yj + $wc * $yk;
                        $pz = $wa * $zi + $wb * $zj + $wc * $zk;
                        $score = ($px * $px + $py * $py + $pz * $pz) / ($sum * $sum);
                        if ($score < $worst) {
                            $kept[] = [$score, $i, $j, $k, $t];
                            if (count($kept) >= 3 * self::TRIPLES_KEPT) {
                                sort($kept);
                                $kept = array_slice($kept, 0, self::TRIPLES_KEPT);
                                $worst = $kept[self::TRIPLES_KEPT - 1][0];
                            }
                        }
                    }
                }
            }
        }
        sort($kept);
        foreach (array_slice($kept, 0, self::TRIPLES_KEPT) as [, $i, $j, $k, $t]) {
            $this->score([[$i, $shares[$t][0]], [$j, $shares[$t][1]], [$k, $shares[$t][2]]]);
        }
    }

    /**
     * @param array{list<float>, list<float>, list<float>} $vectors
     *
     * @return list<int> indices, rising
     */
    private function promising(array $vectors): array
    {
        $order = $this->scored;
        asort($order);
        $found = [];
        foreach (array_keys($order) as $key) {
            foreach (self::read((string) $key) as [$index]) {
                $found[$index] = true;
            }
            if (count($found) >= self::TRIPLE_PAINTS * 3 / 4) {
                break;
            }
        }
        $near = [];
        foreach ($vectors[0] as $i => $vx) {
            $near[$i] = $vx * $vx + $vectors[1][$i] ** 2 + $vectors[2][$i] ** 2;
        }
        asort($near);
        foreach (array_keys($near) as $i) {
            if (count($found) >= self::TRIPLE_PAINTS) {
                break;
            }
            $found[$i] = true;
        }
        $indices = array_keys($found);
        sort($indices);

        return $indices;
    }

    /** The same as {@see self::score()} for two paints: without a list, since most of the time is spent here. */
    private function scorePair(int $i, int $a, int $j, int $b): float
    {
        $key = $i.'*'.$a.'+'.$j.'*'.$b;
        if (isset($this->scored[$key])) {
            return $this->scored[$key];
        }
        [$wx, $wy, $wz] = Bands::weights();
        [$ki, $si, $kj, $sj] = [$this->k[$i], $this->s[$i], $this->k[$j], $this->s[$j]];
        $h = $this->surface([[$i, $a], [$j, $b]]);
        $x = $y = $z = 0.0;
        for ($band = 0; $band < Bands::COUNT; ++$band) {
            $q = ($a * $ki[$band] + $b * $kj[$band]) / ($a * $si[$band] + $b * $sj[$band]);
            $r = max(0.0, (1 + $h) / (1 + $q + sqrt($q * ($q + 2))) - $h);
            $x += $wx[$band] * $r;
            $y += $wy[$band] * $r;
            $z += $wz[$band] * $r;
        }

        return $this->scored[$key] = $this->apart($x, $y, $z);
    }

    /** @param non-empty-list<array{int, int}> $mix index and parts */
    private function score(array $mix): void
    {
        $key = implode('+', array_map(static fn (array $p): string => $p[0].'*'.$p[1], $mix));
        if (isset($this->scored[$key])) {
            return;
        }
        [$wx, $wy, $wz] = Bands::weights();
        $h = $this->surface($mix);
        $x = $y = $z = 0.0;
        for ($band = 0; $band < Bands::COUNT; ++$band) {
            $k = $s = 0.0;
            foreach ($mix as [$index, $parts]) {
                $k += $parts * $this->k[$index][$band];
                $s += $parts * $this->s[$index][$band];
            }
            $q = $k / $s;
            $r = max(0.0, (1 + $h) / (1 + $q + sqrt($q * ($q + 2))) - $h);
            $x += $wx[$band] * $r;
            $y += $wy[$band] * $r;
            $z += $wz[$band] * $r;
        }
        $this->scored[$key] = $this->apart($x, $y, $z);
    }

    /**
     * Share of what is seen that the surface of this mix sends back.
     *
     * @param list<array{int, int}> $mix index and parts
     */
    private function surface(array $mix): float
    {
        $sum = $all = 0.0;
        foreach ($mix as [$index, $parts]) {
            $all += $counts = $parts * $this->strength[$index];
            $sum += $counts * $this->surfaces[$index];
        }

        return $sum / $all;
    }

    /** How far (CIEDE2000) a mix of these tristimulus values lies from the target. */
    private function apart(float $x, float $y, float $z): float
    {
        $lab = Lab::fromXyz(new Xyz($x, $y, $z));

        return Ciede2000::between($lab->l, $lab->a, $lab->b, $this->target->l, $this->target->a, $this->target->b);
    }

    private function look(string $key): Reflectance
    {
        $bands = [];
        $h = $this->surface(self::read($key));
        for ($band = 0; $band < Bands::COUNT; ++$band) {
            $k = $s = 0.0;
            foreach (self::read($key) as [$index, $parts]) {
                $k += $parts * $this->k[$index][$band];
                $s += $parts * $this->s[$index][$band];
            }
            $bands[] = Boundary::fullHide($k / $s, $h);
        }

        return Reflectance::of($bands);
    }

    /** @return list<array{int, int}> index and parts */
    public static function read(string $key): array
    {
        return array_map(static function (string $part): array {
            [$index, $parts] = explode('*', $part);

            return [(int) $index, (int) $parts];
        }, explode('+', $key));
    }
}
