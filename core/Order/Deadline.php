<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use DomainException;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Film\Face;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Goal;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Undercoat\Weather;

/**
 * What can stand on the table by a certain minute: as many figures as possible as far as possible, the leaders first; what to leave out;
 * how many hours are missing.
 *
 * @phpstan-type Optional array{step: string, words: string, minutes: int, worth: float}
 */
final class Deadline
{
    /** Nobody leaves out more steps than these one by one: then fewer figures are finished. */
    private const LEFT_OUT_AT_MOST = 8;

    /** A first good order is enough to know that something fits. */
    private const AT_ONCE = 0.005;

    private function __construct(
        private readonly CompanyWork $company,
        private readonly int $by,
        private readonly WayOfWorking $way,
        private readonly Wishes $wishes,
        private readonly Openings $openings,
        private readonly ?Weather $air,
        private readonly float $effort = Ways::EFFORT,
    ) {
    }

    /** @param int $by minutes from now */
    public static function of(
        CompanyWork $company,
        int $by,
        WayOfWorking $way = WayOfWorking::Row,
        Wishes $wishes = new Wishes(),
        Openings $openings = new Openings(null),
        ?Weather $air = null,
    ): OnTheTable {
        return (new self($company, $by, $way, $wishes, $openings, $air))->answer();
    }

    /**
     * The steps without which all of it is done in the free hours there are, and nothing else: somebody waits for the answer.
     *
     * @param int $by minutes from now
     * @param int $more minutes that are left over with them
     *
     * @return OnTheTable with nothing in it but these
     */
    public static function leavingOut(
        CompanyWork $company,
        int $by,
        int $more,
        WayOfWorking $way,
        Wishes $wishes,
        Openings $openings,
        ?Weather $air,
    ): OnTheTable {
        $deadline = new self($company, $by, $way, $wishes, $openings, $air, self::AT_ONCE);

        return new OnTheTable(false, null, null, $deadline->leaveOut($more), $more, $company->count);
    }

    private function answer(): OnTheTable
    {
        $full = Planner::plan([$this->company], $this->way, $this->wishes, $this->openings, $this->air, Ways::EFFORT);
        $all = new Goal(Level::Showpiece);
        $figures = $this->company->count;
        if ($full->end <= $this->by && $full->leftOver === []) {
            return new OnTheTable(true, $all, $full, [], 0, $figures);
        }
        $more = max(0, $this->openings->elapsed($full->end) - $this->openings->elapsed($this->by)) + $full->minutesLeft();
        foreach ([Level::Finished, Level::Fieldable] as $level) {
            $order = $this->within(new Goal($level));
            if ($order === null) {
                continue;
            }
            $better = $level === Level::Finished ? Level::Showpiece : Level::Finished;
            $further = $this->most(static fn (int $n): Goal => new Goal($level, $better, $n === 0 ? [] : range(1, $n)));
            $goal = new Goal($level, $better, $further === 0 ? [] : range(1, $further));

            return new OnTheTable(false, $goal, $this->within($goal) ?? $order, $this->leaveOut($more), $more, $figures);
        }
        $begun = $this->most(fn (int $n): Goal => $this->only($n));

        return $begun === 0
            ? new OnTheTable(false, null, null, [], $more, $figures)
            : new OnTheTable(false, $this->only($begun), $this->within($this->only($begun)), [], $more, $figures);
    }

    /** The first figures fieldable, the others not begun. */
    private function only(int $figures): Goal
    {
        return new Goal(Level::Fieldable, none: $figures >= $this->company->count ? [] : range($figures + 1, $this->company->count));
    }

    /**
     * The largest number of figures for which the goal is reached: whatever is reached for more is reached for fewer.
     *
     * @param callable(int): Goal $goal
     */
    private function most(callable $goal): int
    {
        [$low, $high] = [0, $this->company->count];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->within($goal($middle)) !== null) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low;
    }

    /** The order that reaches this goal in time; null where it is not reached. */
    private function within(Goal $goal): ?RunningOrder
    {
        try {
            $order = Planner::plan(
                [$this->company->upTo($goal)],
                $this->way,
                $this->wishes->among($this->company->upTo($goal)->steps()),
                $this->openings->until($this->by),
                $this->air,
                $this->effort,
            );
        } catch (DomainException) {
            return null;
        }

        return $order->end <= $this->by && $order->leftOver === [] ? $order : null;
    }

    /**
     * Steps beyond the fieldable, those first that change least for the minutes they take, until the rest is done in time.
     *
     * @return list<array{step: string, words: string, minutes: int}>
     */
    private function leaveOut(int $more): array
    {
        $optional = $this->optional();
        $without = static fn (int $n): Goal => (new Goal(Level::Showpiece))->without(
            ...array_column(array_slice($optional, 0, $n), 'step'),
        );
        if ($optional === [] || $this->within($without(count($optional))) === null) {
            return [];
        }
        $likely = self::likely($optional, $more);
        $isEnough = $this->within($without($likely)) !== null;
        [$low, $high] = $isEnough ? [1, $likely] : [min($likely + 1, count($optional)), count($optional)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->within($without($middle)) !== null) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        $left = $this->needed(array_slice($optional, 0, $low), $more);

        return count($left) > self::LEFT_OUT_AT_MOST ? [] : array_map(
            static fn (array $o): array => ['step' => $o['step'], 'words' => $o['words'], 'minutes' => $o['minutes']],
            $left,
        );
    }

    /**
     * How many are tried first, which makes the search short and changes nothing of what it finds: as many as take half of what is left
     * over.
     *
     * @param list<Optional> $optional
     */
    private static function likely(array $optional, int $more): int
    {
        $minutes = 0;
        foreach ($optional as $i => $each) {
            $minutes += $each['minutes'];
            if (2 * $minutes >= $more) {
                return $i + 1;
            }
        }

        return count($optional);
    }

    /**
     * The same without small ones that the larger ones make needless.
     *
     * @param list<Optional> $left
     *
     * @return list<Optional>
     */
    private function needed(array $left, int $more): array
    {
        $fewer = $left;
        foreach ($left as $each) {
            $others = array_values(array_filter($fewer, static fn (array $o): bool => $o['step'] !== $each['step']));
            if (array_sum(array_column($others, 'minutes')) >= $more) {
                $fewer = $others;
            }
        }
        $isEnough = $this->within((new Goal(Level::Showpiece))->without(...array_column($fewer, 'step'))) !== null;

        return $isEnough ? $fewer : $left;
    }

    /** @return list<Optional> those first that are worth least for their minutes */
    private function optional(): array
    {
        $found = [];
        foreach ($this->company->areas as $area) {
            foreach ($this->company->recipes[$area->id] ?? [] as $outcome) {
                $step = $outcome->step;
                $figures = count($this->company->figures(StepRef::of($area->id, $step->key), $step));
                $isOptional = !$step->isOfFigure() && $step->level() !== Level::Fieldable && $step->isFilm() && !$step->handling->omitted;
                if ($isOptional && $figures > 0) {
                    $minutes = $outcome->labour->on($figures);
                    $found[] = [
                        'step' => $area->id.':'.$step->key->value,
                        'words' => mb_strtolower($area->name).': '.$step->technique->words(),
                        'minutes' => (int) max(1, round($minutes)),
                        'worth' => self::seen($outcome) * $area->surfaceCm2 * $figures / max(0.1, $minutes),
                    ];
                }
            }
        }
        usort($found, static fn (array $a, array $b): int => $a['worth'] <=> $b['worth']);

        return $found;
    }

    /** How much it changes the look, CIEDE2000 over all faces. */
    private static function seen(StepOutcome $outcome): float
    {
        $seen = 0.0;
        foreach (Face::cases() as $face) {
            $seen += Ciede2000::difference(
                $outcome->look->below->face($face)->toLab(),
                $outcome->look->after->face($face)->toLab(),
            );
        }

        return $seen;
    }
}
