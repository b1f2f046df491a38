<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Family;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;

/**
 * Steps from one paint to another, mixed in whole drops, that look even: among all ratios the steps are those whose
 * neighbouring differences (CIEDE2000) vary least. Equal drops do not give that, because a strong paint soon takes over.
 */
final readonly class MixLadder
{
    /** The largest step may be this many times the smallest and still look the same. */
    private const EVEN_BELOW = 1.25;

    /** Below this lightness (CIE L*) a colour is dark. */
    private const DARK = 40.0;

    /** Step sizes tried to begin with, as multiples of the straight way's even step. */
    private const FROM = 0.8;
    private const TO = 2.0;
    private const TRIED = 24;

    /**
     * @param list<Mix> $steps the first paint alone, mixes, the second paint alone
     * @param list<float> $differences between each step and the next, CIEDE2000
     */
    private function __construct(public array $steps, public array $differences)
    {
    }

    /**
     * @param int $count steps with both ends, 3 or more
     * @param int $drops most drops of one mix, 2 or more
     *
     * @throws ShelfProblem when the two paints are one, or the drops do not allow so many steps
     */
    public static function between(Paint $from, Paint $to, int $count, int $drops = 12): self
    {
        if ($from->id === $to->id) {
            throw ShelfProblem::twice($from->name);
        }
        $mixes = self::candidates($from, $to, $drops);
        if ($count < 3 || $count > count($mixes)) {
            throw ShelfProblem::ladderOutOfRange($count, $drops, count($mixes));
        }

        return self::among($mixes, $count);
    }

    /**
     * Two paints to begin with where nobody chose any: a dark blue and a light yellow, far apart and fickle in between; or
     * else the darkest and the lightest there are.
     *
     * @param list<Paint> $paints
     *
     * @return array{Paint, Paint}|null null where fewer than two of them cover and are in stock
     */
    public static function example(array $paints): ?array
    {
        $known = array_values(array_filter(
            $paints,
            static fn (Paint $p): bool => $p->isMixable() && $p->colour !== null && $p->isAtHand(),
        ));
        usort($known, static fn (Paint $a, Paint $b): int => $b->lab()->l <=> $a->lab()->l ?: $a->id <=> $b->id);
        $of = static fn (Family $family, float $below): array => array_values(array_filter(
            $known,
            static fn (Paint $p): bool => $p->lab()->l < $below && self::family($p) === $family,
        ));
        $from = $of(Family::Blues, self::DARK)[0] ?? $known[count($known) - 1] ?? null;
        $to = $of(Family::Yellows, 101.0)[0] ?? $known[0] ?? null;

        return $from === null || $to === null || $from === $to ? null : [$from, $to];
    }

    private static function family(Paint $paint): ?Family
    {
        return $paint->colour === null ? null : Family::of(Srgb::fromHex($paint->colour->toHex())->toOklch());
    }

    /**
     * Through a paint in the middle: from a mix with a darker one up to a mix with a lighter one, all steps alike.
     *
     * @param Mix|null $low of the middle paint and another, where the ladder begins; null to begin with the middle
     * @param Mix|null $high the same where it ends; null to end with the middle
     * @param int $below steps under the middle, $above steps over it
     *
     * @return self|null null where the drops do not allow so many steps
     */
    public static function through(Paint $middle, ?Mix $low, ?Mix $high, int $below, int $above, int $drops = 12): ?self
    {
        $down = $low === null ? [] : array_reverse(self::upTo($middle, $low, $drops));
        $up = $high === null ? [] : self::upTo($middle, $high, $drops);
        $below = min($below, count($down));
        $above = min($above, count($up));
        $mixes = [...$down, Mix::single($middle), ...$up];
        $count = $below + 1 + $above;

        return $count < 2 ? null : self::among($mixes, $count, [$below => count($down)]);
    }

    /**
     * @param list<Mix> $mixes
     * @param array<int, int> $pins steps that have to be one of the mixes: step to index
     */
    private static function among(array $mixes, int $count, array $pins = []): self
    {
        $labs = array_map(static fn (Mix $m): Lab => $m->lab(), $mixes);
        $apart = [];
        foreach ($labs as $i => $lab) {
            foreach (array_slice($labs, $i + 1, null, true) as $j => $other) {
                $apart[$i][$j] = Ciede2000::difference($lab, $other);
            }
        }
        $path = self::evenest($apart, count($mixes), $count, $pins);

        return new self(
            array_map(static fn (int $i): Mix => $mixes[$i], $path),
            array_map(static fn (int $i, int $j): float => $apart[$i][$j], array_slice($path, 0, -1), array_slice($path, 1)),
        );
    }

    /**
     * What equal changes of drops would give instead: one part of the second paint more in each step.
     *
     * @param int $count steps with both ends, 3 or more
     *
     * @return list<Mix>
     *
     * @throws ShelfProblem
     */
    public static function equalDrops(Paint $from, Paint $to, int $count): array
    {
        $steps = [];
        for ($i = 0; $i < $count; ++$i) {
            $steps[] = match ($i) {
                0 => Mix::single($from),
                $count - 1 => Mix::single($to),
                default => Mix::of([new Part($from, $count - 1 - $i), new Part($to, $i)]),
            };
        }

        return $steps;
    }

    /** The largest step over the smallest, 1 where all are even. */
    /** Whether every step is the same to the eye. */
    public function isEven(): bool
    {
        return $this->unevenness() < self::EVEN_BELOW;
    }

    public function unevenness(): float
    {
        return max([0.0, ...$this->differences]) / max(0.01, min([INF, ...$this->differences]));
    }

    /** @return list<Mix> mixes with growing shares of the other paint, up to this one */
    private static function upTo(Paint $middle, Mix $end, int $drops): array
    {
        $other = null;
        $share = 1.0;
        foreach ($end->parts as $part) {
            if ($part->paint->id !== $middle->id) {
                $other = $part->paint;
                $share = $part->parts / $end->totalParts();
            }
        }
        if ($other === null) {
            return [];
        }
        $found = [];
        foreach (self::candidates($middle, $other, $drops) as $mix) {
            $of = 0.0;
            foreach ($mix->parts as $part) {
                $of = $part->paint->id === $other->id ? $part->parts / $mix->totalParts() : $of;
            }
            if ($of > 0.0 && $of <= $share + 1e-9) {
                $found[] = $mix;
            }
        }

        return $found;
    }

    /** @return list<Mix> by rising share of the second paint */
    private static function candidates(Paint $from, Paint $to, int $drops): array
    {
        $found = ['0' => Mix::single($from)];
        for ($a = 1; $a < $drops; ++$a) {
            for ($b = 1; $a + $b <= $drops; ++$b) {
                $found[sprintf('%.6f', $b / ($a + $b))] ??= Mix::of([new Part($from, $a), new Part($to, $b)]);
            }
        }
        $found['1'] = Mix::single($to);
        ksort($found, SORT_NUMERIC);

        return array_values($found);
    }

    /**
     * For a given step size the path with the least sum of squared departures from it is found by dynamic programming.
     * A path's own mean is the step size that suits it best, so each answer is refined with its mean until that stays.
     *
     * @param array<int, array<int, float>> $apart
     * @param array<int, int> $pins
     *
     * @return list<int> rising indices, first and last included
     */
    private static function evenest(array $apart, int $n, int $count, array $pins = []): array
    {
        $even = $apart[0][$n - 1] / ($count - 1);
        $best = [];
        $least = INF;
        for ($t = 0; $t <= self::TRIED; ++$t) {
            $size = $even * (self::FROM + (self::TO - self::FROM) * $t / self::TRIED);
            for ($refined = 0; $refined < 4; ++$refined) {
                $path = self::pathWithSteps($size, $apart, $n, $count, $pins);
                if ($path === []) {
                    return [];
                }
                $steps = array_map(static fn (int $i, int $j): float => $apart[$i][$j], array_slice($path, 0, -1), array_slice($path, 1));
                $mean = array_sum($steps) / count($steps);
                $spread = array_sum(array_map(static fn (float $d): float => ($d - $mean) ** 2, $steps));
                if ($spread < $least - 1e-12) {
                    [$least, $best] = [$spread, $path];
                }
                if (abs($mean - $size) < 1e-6) {
                    break;
                }
                $size = $mean;
            }
        }

        return $best;
    }

    /**
     * @param array<int, array<int, float>> $apart
     * @param array<int, int> $pins
     *
     * @return list<int>
     */
    private static function pathWithSteps(float $size, array $apart, int $n, int $count, array $pins): array
    {
        $cost = [0 => [0 => 0.0]];
        $from = [];
        for ($step = 1; $step < $count; ++$step) {
            $last = $step === $count - 1;
            for ($j = $last ? $n - 1 : $step; $j < $n; ++$j) {
                if (isset($pins[$step]) && $pins[$step] !== $j) {
                    continue;
                }
                foreach ($cost[$step - 1] as $i => $sofar) {
                    if ($i < $j) {
                        $sum = $sofar + ($apart[$i][$j] - $size) ** 2;
                        if (!isset($cost[$step][$j]) || $sum < $cost[$step][$j]) {
                            $cost[$step][$j] = $sum;
                            $from[$step][$j] = $i;
                        }
                    }
                }
            }
        }
        if (!isset($from[$count - 1][$n - 1])) {
            return [];
        }
        $path = [$at = $n - 1];
        for ($step = $count - 1; $step > 0; --$step) {
            array_unshift($path, $at = $from[$step][$at]);
        }

        return $path;
    }
}
