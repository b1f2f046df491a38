<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\MixLadder;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\WholeParts;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/** The rungs of a ladder mixed from two or three paints: a middle one, and another for each way. */
final readonly class MixedRungs
{
    /** The largest step may be this many times the smallest and still be called even. */
    public const EVEN_WITHIN = 1.35;

    private const DROPS = 12;

    /** Drops with which the end of a way is looked for. */
    private const END_DROPS = 6;

    /** Paints tried for it, and by how much (L*) one may fall short of the lightness that is wanted. */
    private const TRIED = 30;
    private const SHORT_BY = 2.0;

    /** @param array<string, int> $at place of each rung (by its value) among the steps */
    private function __construct(public MixLadder $ladder, private array $at, public Paint $middle)
    {
    }

    /**
     * @param list<Rung> $below rungs under the intended colour, darkest last
     * @param list<Rung> $above rungs over it, lightest last
     *
     * @return self|null null where no paint leads either way
     */
    public static function of(Palette $palette, Ladder $wanted, array $below, array $above): ?self
    {
        $middle = $palette->singles($wanted->rung(Rung::Intended)->toLab())[0]->mix->first();
        $low = $below === [] ? null : self::end($palette, $middle, $wanted->rung($below[count($below) - 1])->toLab());
        $high = $above === [] ? null : self::end($palette, $middle, $wanted->rung($above[count($above) - 1])->toLab());
        $below = $low === null ? [] : $below;
        $above = $high === null ? [] : $above;
        $ladder = MixLadder::through($middle, $low, $high, count($below), count($above), self::DROPS);
        if ($ladder === null) {
            return null;
        }
        $at = [];
        $down = 0;
        foreach ($ladder->steps as $i => $mix) {
            $down = $mix->isSingle() && $mix->first()->id === $middle->id ? $i : $down;
        }
        foreach ($below as $i => $rung) {
            $at[$rung->value] = max(0, $down - 1 - $i);
        }
        foreach ($above as $i => $rung) {
            $at[$rung->value] = min(count($ladder->steps) - 1, $down + 1 + $i);
        }

        return new self($ladder, [Rung::Base->value => $down, Rung::Intended->value => $down, ...$at], $middle);
    }

    public function mix(Rung $rung): ?Mix
    {
        return isset($this->at[$rung->value]) ? $this->ladder->steps[$this->at[$rung->value]] : null;
    }

    public function isEven(): bool
    {
        return $this->ladder->unevenness() <= self::EVEN_WITHIN;
    }

    public function reason(Rung $rung): Finding
    {
        $steps = $this->ladder->steps;

        return new Finding('mix.ladder', 'Rung {n} of {count} from {low} to {high}: the rungs are {least} to {most} apart, {even}.', [
            'n' => ($this->at[$rung->value] ?? 0) + 1,
            'count' => count($steps),
            'low' => $steps[0]->words(),
            'high' => $steps[count($steps) - 1]->words(),
            'least' => min([INF, ...$this->ladder->differences]),
            'most' => max([0.0, ...$this->ladder->differences]),
            'even' => $this->isEven() ? 'even to the eye' : 'as even as whole drops allow',
        ], Reason::Mix);
    }

    /** The mix of the middle with one other paint that comes nearest to the end of a way. */
    private static function end(Palette $palette, Paint $middle, Lab $target): ?Mix
    {
        $from = Mix::single($middle)->lab();
        $up = $target->l > $from->l;
        $best = null;
        $least = Ciede2000::difference($from, $target);
        foreach (self::promising($palette, $middle, $target, $up) as $paint) {
            $mixes = [Mix::single($paint), ...array_map(
                static fn (array $r): Mix => Mix::of([new Part($middle, $r[0]), new Part($paint, $r[1])]),
                WholeParts::ratios(self::END_DROPS),
            )];
            foreach ($mixes as $mix) {
                $apart = Ciede2000::difference($mix->lab(), $target);
                if ($apart < $least - 1e-9) {
                    [$least, $best] = [$apart, $mix];
                }
            }
        }

        return $best;
    }

    /**
     * Paints that lead the right way far enough, those first whose straight way from the middle passes nearest the target.
     *
     * @return list<Paint>
     */
    private static function promising(Palette $palette, Paint $middle, Lab $target, bool $up): array
    {
        $from = $middle->lab();
        [$tl, $ta, $tb] = [$target->l - $from->l, $target->a - $from->a, $target->b - $from->b];
        $found = $misses = [];
        foreach ($palette->mixable() as $paint) {
            $lab = $paint->lab();
            if ($paint->id === $middle->id || ($up ? $lab->l < $target->l - self::SHORT_BY : $lab->l > $target->l + self::SHORT_BY)) {
                continue;
            }
            [$l, $a, $b] = [$lab->l - $from->l, $lab->a - $from->a, $lab->b - $from->b];
            $length = $l * $l + $a * $a + $b * $b;
            $way = $length > 0.0 ? max(0.0, min(1.0, ($l * $tl + $a * $ta + $b * $tb) / $length)) : 0.0;
            $misses[] = ($way * $l - $tl) ** 2 + ($way * $a - $ta) ** 2 + ($way * $b - $tb) ** 2;
            $found[] = $paint;
        }
        asort($misses);

        return array_map(static fn (int $i): Paint => $found[$i], array_slice(array_keys($misses), 0, self::TRIED));
    }
}
