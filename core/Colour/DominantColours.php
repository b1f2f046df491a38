<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * The colours that rule a picture: its pixels gathered by k-means in CIELAB (S. P. Lloyd, "Least squares quantization in
 * PCM", IEEE Transactions on Information Theory 28 (1982) 129–137). The first middle is the mean; each further one is the
 * pixel farthest from those there are, so there is no chance in it. Clusters that the eye would not tell apart are joined.
 */
final class DominantColours
{
    private const MOST_ROUNDS = 30;

    /** CIEDE2000 below which two clusters are one colour. */
    private const ONE_COLOUR = 4.0;

    /** Share of the pixels below which a cluster is no colour of the picture. */
    private const LEAST_SHARE = 0.01;

    /**
     * @param list<array{float, float, float}> $pixels L*, a*, b* of each
     * @param int $most colours wanted at most, 1..12
     *
     * @return list<array{lab: Lab, share: float}> the largest share first; shares sum to about 1
     */
    public static function of(array $pixels, int $most): array
    {
        if ($pixels === []) {
            return [];
        }
        $middles = self::begin($pixels, max(1, min(12, $most)));
        $sizes = [];
        for ($round = 0; $round < self::MOST_ROUNDS; ++$round) {
            $sums = array_map(static fn (array $_): array => [0.0, 0.0, 0.0], $middles);
            $sizes = array_fill(0, count($middles), 0);
            foreach ($pixels as $pixel) {
                $nearest = self::nearest($pixel, $middles)[0];
                ++$sizes[$nearest];
                [$l, $a, $b] = $sums[$nearest];
                $sums[$nearest] = [$l + $pixel[0], $a + $pixel[1], $b + $pixel[2]];
            }
            $moved = 0.0;
            foreach ($sizes as $i => $size) {
                if ($size > 0) {
                    [$l, $a, $b] = $sums[$i];
                    $next = [$l / $size, $a / $size, $b / $size];
                    $moved = max($moved, self::apart($next, $middles[$i]));
                    $middles[$i] = $next;
                }
            }
            if ($moved < 1e-4) {
                break;
            }
        }

        return self::joined($middles, $sizes, count($pixels));
    }

    /**
     * @param non-empty-list<array{float, float, float}> $pixels
     *
     * @return list<array{float, float, float}>
     */
    private static function begin(array $pixels, int $most): array
    {
        $n = count($pixels);
        $mean = [
            array_sum(array_column($pixels, 0)) / $n,
            array_sum(array_column($pixels, 1)) / $n,
            array_sum(array_column($pixels, 2)) / $n,
        ];
        $middles = [$pixels[self::nearest($mean, $pixels)[0]]];
        $away = array_fill(0, $n, INF);
        while (count($middles) < $most) {
            $last = $middles[count($middles) - 1];
            [$farthest, $next] = [0.0, null];
            foreach ($pixels as $i => $pixel) {
                $away[$i] = min($away[$i], self::apart($pixel, $last));
                if ($away[$i] > $farthest) {
                    [$farthest, $next] = [$away[$i], $pixel];
                }
            }
            if ($next === null) {
                break;
            }
            $middles[] = $next;
        }

        return $middles;
    }

    /**
     * @param array{float, float, float} $pixel
     * @param list<array{float, float, float}> $middles
     *
     * @return array{int, float} its place, and the squared distance
     */
    private static function nearest(array $pixel, array $middles): array
    {
        [$least, $found] = [INF, 0];
        foreach ($middles as $i => $middle) {
            $apart = self::apart($pixel, $middle);
            if ($apart < $least) {
                [$least, $found] = [$apart, $i];
            }
        }

        return [$found, $least];
    }

    /**
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     */
    private static function apart(array $a, array $b): float
    {
        return ($a[0] - $b[0]) ** 2 + ($a[1] - $b[1]) ** 2 + ($a[2] - $b[2]) ** 2;
    }

    /**
     * @param list<array{float, float, float}> $middles
     * @param array<int, int> $sizes
     *
     * @return list<array{lab: Lab, share: float}>
     */
    private static function joined(array $middles, array $sizes, int $pixels): array
    {
        arsort($sizes);
        $labs = $shares = [];
        foreach ($sizes as $i => $size) {
            $lab = new Lab(...$middles[$i]);
            foreach ($labs as $k => $other) {
                if (Ciede2000::difference($lab, $other) < self::ONE_COLOUR) {
                    $part = $size / max(1e-9, $size + $shares[$k] * $pixels);
                    $labs[$k] = new Lab(
                        $other->l + $part * ($lab->l - $other->l),
                        $other->a + $part * ($lab->a - $other->a),
                        $other->b + $part * ($lab->b - $other->b),
                    );
                    $shares[$k] += $size / $pixels;
                    continue 2;
                }
            }
            $labs[] = $lab;
            $shares[] = $size / $pixels;
        }
        $found = array_map(static fn (Lab $lab, float|int $share): array => ['lab' => $lab, 'share' => (float) $share], $labs, $shares);
        usort($found, static fn (array $a, array $b): int => $b['share'] <=> $a['share']);

        return array_values(array_filter($found, static fn (array $c): bool => $c['share'] >= self::LEAST_SHARE));
    }
}
