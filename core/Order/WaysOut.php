<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use DomainException;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Goal;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Undercoat\Weather;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/** What would make the work of a company fit into its free hours; each is tried before it is offered. */
final readonly class WaysOut
{
    /** Free hours are made longer by quarters of an hour, and by no more than an evening. */
    private const QUARTER = 15;
    private const MOST = 240;

    /** So many of the next evenings are tried. */
    private const EVENINGS = 3;

    private function __construct(
        private CompanyWork $company,
        private WayOfWorking $way,
        private Wishes $wishes,
        private Openings $openings,
        private ?Weather $air,
    ) {
    }

    /**
     * @return list<WayOut> empty where all fits, or none of them would do
     *
     * @throws DomainException as {@see Planner::plan()}
     */
    public static function of(
        CompanyWork $company,
        WayOfWorking $way = WayOfWorking::Row,
        Wishes $wishes = new Wishes(),
        Openings $openings = new Openings(null),
        ?Weather $air = null,
    ): array {
        $ways = new self($company, $way, $wishes, $openings, $air);
        $order = $ways->planned($company, $openings);
        if ($order->leftOver === [] || $openings->windows === []) {
            return [];
        }

        return array_values(array_filter([$ways->longer($order), $ways->without($order->minutesLeft()), $ways->fieldable()]));
    }

    /** One evening that is longer: one of the next after what is done, by as little as does. */
    private function longer(RunningOrder $order): ?WayOut
    {
        $windows = $this->openings->windows ?? [];
        $at = min(count($windows) - 1, (int) $this->openings->windowOf($order->end + 1) - 1);
        $short = max([0, ...array_map(static fn (LeftOver $l): int => (int) ($l->why->facts['minutes'] ?? 0), $order->leftOver)]);
        $least = self::quarters($short > 0 ? $short : $order->minutesLeft());
        foreach ([0, 1, 2, 4] as $further) {
            $more = $least + $further * self::QUARTER;
            for ($evening = $at; $more <= self::MOST && $evening < min(count($windows), $at + self::EVENINGS); ++$evening) {
                [$from, $to] = $windows[$evening];
                if ($to + $more >= ($windows[$evening + 1][0] ?? PHP_INT_MAX)) {
                    continue;
                }
                $longer = [...array_slice($windows, 0, $evening), [$from, $to + $more], ...array_slice($windows, $evening + 1)];
                if ($this->planned($this->company, new Openings($longer))->leftOver === []) {
                    $words = new Finding('out.longer', 'One evening longer by {more}.', ['more' => Duration::words($more)]);

                    return new WayOut(WayOut::LONGER, $words, $evening + 1, $more);
                }
            }
        }

        return null;
    }

    /** Steps beyond the fieldable that change least for their minutes. */
    private function without(int $more): ?WayOut
    {
        $table = Deadline::leavingOut($this->company, $this->last(), $more, $this->way, $this->wishes, $this->openings, $this->air);

        return $table->leaveOut === [] ? null : new WayOut(
            WayOut::WITHOUT,
            $table->leaving() ?? new Finding('out.without', 'Without some steps.', []),
            steps: array_column($table->leaveOut, 'step'),
        );
    }

    /** All of them to fieldable, and no further. */
    private function fieldable(): ?WayOut
    {
        $goal = $this->company->upTo(new Goal(Level::Fieldable));
        if ($this->planned($goal, $this->openings)->leftOver !== []) {
            return null;
        }
        $steps = [];
        foreach ($this->company->areas as $area) {
            foreach ($this->company->recipes[$area->id] ?? [] as $outcome) {
                if (!$outcome->step->isOfFigure() && $outcome->step->level() !== Level::Fieldable && !$outcome->step->handling->omitted) {
                    $steps[] = $area->id.':'.$outcome->step->key->value;
                }
            }
        }

        return new WayOut(WayOut::FIELDABLE, new Finding(
            'out.fieldable',
            'To fieldable only: {steps, plural, one {one step} other {# steps}} beyond it left out.',
            ['steps' => count($steps)],
        ), steps: $steps);
    }

    private function planned(CompanyWork $company, Openings $openings): RunningOrder
    {
        return Planner::plan([$company], $this->way, $this->wishes->among($company->steps()), $openings, $this->air, Ways::EFFORT);
    }

    /** The last free minute. */
    private function last(): int
    {
        $windows = $this->openings->windows ?? [];

        return $windows[count($windows) - 1][1] ?? PHP_INT_MAX >> 1;
    }

    private static function quarters(int $minutes): int
    {
        return max(1, (int) ceil($minutes / self::QUARTER)) * self::QUARTER;
    }
}
