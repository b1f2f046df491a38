<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Lab;
use Kalokroma\Film\Certainty;
use Kalokroma\Film\ColourSource;
use Kalokroma\Film\Pigment;
use Kalokroma\Film\Variant;

/**
 * Learns how strongly paints count in mixes from what mixes came to. Nothing typed or measured is changed: at full hide a paint keeps its
 * colour, whatever its strength.
 *
 * The logarithm of each strength begins at 0, sure to the logarithm of {@see ColourSource::strength()}. The most likely
 * strengths of all paints together are those that make Σ ((seen − predicted) / σ)² + Σ (strength / own doubt)² smallest (Gauss and Newton;
 * lightness, a* and b*, the last two divided by 1 + 0.045 C* as CIEDE2000 does); what doubt is left is that of the same quadratic form.
 * σ joins the certainty of what was seen with what strength cannot explain: the pots' own doubt and the spread of the variants.
 */
final class Learning
{
    private const MOST_STEPS = 12;
    private const SETTLED = 1e-3;

    /** Longest step of the logarithm of a strength, and the furthest it goes: about a tenth to ten times. */
    private const LONGEST = 0.7;
    private const FURTHEST = 2.3;

    /** Step of the slope, in the logarithm of a strength. */
    private const TRIED = 0.05;

    /** Of the variants' spread so much is taken to hold for a mix that was seen. */
    private const UNEXPLAINED = 0.5;

    /** Of the logarithm of the most likely strength so much is believed: it has to hold for mixes with paints that were not seen. */
    private const BELIEVED = 0.5;

    /** A mix that lies further off than this many times its certainty is not believed before it is asked about once more. */
    private const CONTRADICTS = 2.0;

    /** … nor one that lies further off than this, CIEDE2000. */
    private const FAR_OFF = 12.0;

    /** @var array<string, int> ids of the paints to their place */
    private array $places = [];

    /** @var list<Paint> */
    private array $paints = [];

    /** @param list<Lesson> $lessons */
    private function __construct(private readonly array $lessons)
    {
        foreach ($lessons as $lesson) {
            foreach ($lesson->mix->paints() as $paint) {
                if (!isset($this->places[$paint->id])) {
                    $this->places[$paint->id] = count($this->paints);
                    $this->paints[] = $paint;
                }
            }
        }
    }

    /**
     * @param list<Lesson> $lessons in any order: together they tell the same
     *
     * @return array<array-key, Learned> by the ids of the paints that took part
     */
    public static function from(array $lessons): array
    {
        $learning = new self(array_values(array_filter($lessons, static fn (Lesson $l): bool => !$l->mix->isSingle())));

        return $learning->paints === [] ? [] : $learning->found();
    }

    /** Whether what was seen contradicts what is known of the paints (as learned so far), so that it should be read again. */
    public static function contradicts(Mix $mix, float $off): bool
    {
        return $off >= self::FAR_OFF || $off > self::CONTRADICTS * $mix->certainty();
    }

    /** @return array<array-key, Learned> */
    private function found(): array
    {
        $strengths = array_fill(0, count($this->paints), 0.0);
        $sigmas = array_map(self::sigma(...), $this->lessons);
        for ($step = 0; $step < self::MOST_STEPS; ++$step) {
            [$matrix, $pull] = $this->form($strengths, $sigmas);
            $change = Linear::solve($matrix, $pull);
            $strengths = array_map(
                static fn (float $from, float $by): float =>
                    max(-self::FURTHEST, min(self::FURTHEST, $from + max(-self::LONGEST, min(self::LONGEST, $by)))),
                $strengths,
                $change,
            );
            if (max([0.0, ...array_map(abs(...), $change)]) < self::SETTLED) {
                break;
            }
        }
        [$matrix] = $this->form($strengths, $sigmas);

        return $this->told($strengths, $matrix);
    }

    /**
     * @param list<float> $strengths logarithms
     * @param list<list<float>> $matrix of the quadratic form
     *
     * @return array<array-key, Learned>
     */
    private function told(array $strengths, array $matrix): array
    {
        $learned = [];
        foreach ($this->paints as $i => $paint) {
            $unit = array_map(static fn (int $j): float => $j === $i ? 1.0 : 0.0, array_keys($strengths));
            $doubt = sqrt(max(0.0, Linear::solve($matrix, $unit)[$i]));
            $took = array_filter($this->lessons, static fn (Lesson $l): bool => $l->mix->has($paint->id));
            $learned[$paint->id] = new Learned(exp(self::BELIEVED * $strengths[$i]), exp($doubt), count($took));
        }
        $mixes = SeenMix::all(array_map(static fn (Lesson $l): Lesson => $l->by($learned), $this->lessons));

        foreach ($learned as $id => $one) {
            $its = array_values(array_filter($mixes, static fn (SeenMix $m): bool => isset($m->shares[$id])));
            $learned[$id] = new Learned($one->strength, $one->doubt, $one->lessons, $its);
        }

        return $learned;
    }

    /**
     * @param list<float> $strengths logarithms
     * @param list<float> $sigmas of the lessons
     *
     * @return array{list<list<float>>, list<float>} the quadratic form about these strengths, and its pull
     */
    private function form(array $strengths, array $sigmas): array
    {
        $matrix = array_fill(0, count($strengths), array_fill(0, count($strengths), 0.0));
        $pull = [];
        foreach ($this->paints as $i => $paint) {
            $weight = 1 / log($paint->source->strength()) ** 2;
            $matrix[$i][$i] = $weight;
            $pull[] = -$strengths[$i] * $weight;
        }
        foreach ($this->lessons as $n => $lesson) {
            $now = self::seen($this->mixed($lesson, $strengths), $lesson->seen);
            $seen = self::seen($lesson->seen, $lesson->seen);
            $slopes = [];
            foreach ($lesson->mix->paints() as $paint) {
                $tried = $strengths;
                $tried[$this->places[$paint->id]] += self::TRIED;
                $then = self::seen($this->mixed($lesson, array_values($tried)), $lesson->seen);
                $slopes[$this->places[$paint->id]] = array_map(
                    static fn (float $a, float $b): float => ($b - $a) / self::TRIED / $sigmas[$n],
                    $now,
                    $then,
                );
            }
            foreach ($slopes as $i => $slope) {
                foreach ($slope as $axis => $by) {
                    $pull[$i] += $by * ($seen[$axis] - $now[$axis]) / $sigmas[$n];
                    foreach ($slopes as $j => $other) {
                        $matrix[$i][$j] += $by * $other[$axis];
                    }
                }
            }
        }

        return [array_map(array_values(...), $matrix), array_values($pull)];
    }

    /** @param list<float> $strengths logarithms */
    private function mixed(Lesson $lesson, array $strengths): Lab
    {
        return $lesson->mix->seenOf(Pigment::mix(array_map(
            fn (Part $p): array => [$p->paint->pigment()->stronger(exp($strengths[$this->places[$p->paint->id]])), $p->parts],
            $lesson->mix->parts,
        )));
    }

    /** How far off a mix may be seen to be that is of the right strengths, ± CIEDE2000. */
    private static function sigma(Lesson $lesson): float
    {
        $mix = $lesson->mix;
        $look = $mix->lab();
        $variants = array_map(
            static fn (Variant $v): Lab => $mix->seenOf(
                Pigment::mix(array_map(static fn (Part $p): array => [$p->paint->variant($v), $p->parts], $mix->parts)),
            ),
            Variant::cases(),
        );

        return hypot($lesson->certainty, hypot($mix->own(), self::UNEXPLAINED * Certainty::spread($look, $variants)));
    }

    /** @return array{float, float, float} lightness and the two axes of chroma, in the units of CIEDE2000 */
    private static function seen(Lab $colour, Lab $about): array
    {
        $weight = 1 / (1 + 0.045 * $about->chroma());

        return [$colour->l, $colour->a * $weight, $colour->b * $weight];
    }
}
