<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Figure\Area;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Counted;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/** What a draft of one or several areas comes to. */
final readonly class DraftSum
{
    /**
     * @param array<int|string, Surface> $ends the look at the end, by the area's id
     * @param int $coats of all steps, the undercoat's included
     * @param float $minutes hands-on, one figure; each mix is loaded once
     * @param int $waiting minutes of drying, one after the other
     * @param list<string> $paints names of the paints to load
     * @param list<string> $missing of them not in stock
     * @param int $masks that are put on
     * @param float $maskMinutes of the hands-on ones, masks put on and taken off
     */
    private function __construct(
        public array $ends,
        public int $steps,
        public int $coats,
        public float $minutes,
        public int $waiting,
        public array $paints,
        public array $missing,
        public int $masks,
        public float $maskMinutes,
    ) {
    }

    /**
     * Of one recipe.
     *
     * @param non-empty-list<StepOutcome> $outcomes the undercoat first
     */
    public static function ofRecipe(Area $area, array $outcomes): self
    {
        return self::of(Undercoated::below($outcomes), [['area' => $area, 'outcomes' => Undercoated::above($outcomes)]]);
    }

    /**
     * @param list<array{area: Area, outcomes: list<StepOutcome>}> $areas without the undercoat
     */
    public static function of(Undercoated $undercoat, array $areas): self
    {
        $ends = $paints = [];
        $steps = count($undercoat->steps);
        $coats = array_sum(array_map(static fn (StepOutcome $o): int => $o->labour->coats, $undercoat->steps));
        $minutes = array_sum(array_map(static fn (StepOutcome $o): float => $o->labour->minutes, $undercoat->steps));
        $waiting = array_sum(array_map(static fn (StepOutcome $o): int => $o->waiting(), $undercoat->steps));
        $masks = 0;
        $masking = 0.0;
        $once = $loaded = [];
        foreach ($areas as ['area' => $area, 'outcomes' => $outcomes]) {
            $ends[$area->id] = $undercoat->surface();
            foreach ($outcomes as $outcome) {
                $ends[$area->id] = $outcome->look->after;
                if ($outcome->step->handling->omitted) {
                    continue;
                }
                $minutes += $outcome->labour->minutes;
                $masks += $outcome->step->technique === Technique::Masking ? 1 : 0;
                $masking += $outcome->step->technique->isMask() ? $outcome->labour->minutes : 0.0;
                $load = self::load($outcome);
                $minutes -= isset($loaded[$load]) ? $outcome->labour->loading : 0.0;
                $loaded += $load === '' ? [] : [$load => true];
                if (isset($once[$outcome->step->key->value])) {
                    continue;
                }
                $once += $outcome->step->scope->whole ? [$outcome->step->key->value => true] : [];
                ++$steps;
                $coats += $outcome->step->load->mix === null ? 0 : $outcome->labour->coats * $outcome->labour->rounds;
                $waiting += $outcome->waiting();
                $paints += array_column($outcome->step->load->paints(), null, 'name');
            }
        }
        $missing = array_filter($paints, static fn (Paint $p): bool => !$p->isAtHand());

        return new self($ends, $steps, $coats, $minutes, $waiting, self::names($paints), self::names($missing), $masks, $masking);
    }

    /**
     * @param array<array-key, Paint> $paints by name
     *
     * @return list<string>
     */
    private static function names(array $paints): array
    {
        return array_map(strval(...), array_keys($paints));
    }

    /** What is on the palette for a step; empty where it takes no paint. */
    private static function load(StepOutcome $outcome): string
    {
        return implode(' ', array_map(static fn (Mix $m): string => $m->key(), $outcome->step->load->mixes()));
    }

    /** In a sentence: what taking this instead of the other means. */
    public function against(self $other): Finding
    {
        $said = [];
        foreach ([
            [$this->coats - $other->coats, Counted::Coats->of(...), 'fewer', ''],
            [(int) round($this->minutes) - (int) round($other->minutes), Duration::words(...), 'less', ' work'],
            [$this->waiting - $other->waiting, Duration::words(...), 'less', ' drying'],
            [count($this->paints) - count($other->paints), Counted::Paints->of(...), 'fewer', ' to load'],
            [$this->masks - $other->masks, Counted::Masks->of(...), 'fewer', ' to cut and lift again'],
        ] as [$more, $words, $less, $of]) {
            if ($more !== 0) {
                $said[] = sprintf('%s %s%s', $words(abs($more)), $more > 0 ? 'more' : $less, $of);
            }
        }

        return new Finding(
            'draft.against',
            $said === [] ? 'Per figure it takes the same coats, minutes and paints.' : 'Per figure it takes {what}.',
            ['what' => implode(', ', $said)],
        );
    }
}
