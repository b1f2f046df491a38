<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Order\Job\Goal;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Word\Counted;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/** What can stand on the table by a certain minute. */
final readonly class OnTheTable
{
    /**
     * @param bool $isAll whether everything that is planned gets done
     * @param Goal|null $goal how far which figures get; null where not even one is fieldable by then
     * @param RunningOrder|null $order that gets them there
     * @param list<array{step: string, words: string, minutes: int}> $leaveOut steps without which all figures are finished by then; empty
     *     where that does not do, or is not needed
     * @param int $more free minutes that are missing until everything is done
     */
    public function __construct(
        public bool $isAll,
        public ?Goal $goal,
        public ?RunningOrder $order,
        public array $leaveOut,
        public int $more,
        private int $figures,
    ) {
    }

    public function finding(): Finding
    {
        $goal = $this->goal;
        $level = static fn (Level $level): string => $level->value;

        return new Finding('table.by', match (true) {
            $this->isAll => 'Everything that is planned is done by then.',
            $goal === null => 'Not one figure is fieldable by then: that takes {more} more.',
            $goal->none !== [] =>
                '{some} {is, plural, one {is} other {are}} {level} by then, the rest not begun. Everything takes {more} more.',
            $goal->further === [] => 'All of them are {level} by then. Everything takes {more} more.',
            default => '{some} {is, plural, one {is} other {are}} {further} by then, the rest {level}. Everything takes {more} more.',
        }, [
            'level' => $goal === null ? '' : $level($goal->all),
            'further' => $goal?->more === null ? '' : $level($goal->more),
            'some' => Counted::Figures->of($this->reached()),
            'is' => $this->reached(),
            'more' => Duration::words($this->more),
        ]);
    }

    /** Steps that can be left out so that all stand finished; null where there are none, or where that is not needed. */
    public function leaving(): ?Finding
    {
        return $this->leaveOut === [] ? null : new Finding(
            'table.leave',
            'Leave out {steps}, {time} in all, and the rest of the plan is done by then.',
            [
                'steps' => implode('; ', array_map(
                    static fn (array $s): string => sprintf('%s (%s)', $s['words'], Duration::words($s['minutes'])),
                    $this->leaveOut,
                )),
                'time' => Duration::words(array_sum(array_column($this->leaveOut, 'minutes'))),
            ],
        );
    }

    /** How many figures get as far as the furthest. */
    private function reached(): int
    {
        return match (true) {
            $this->goal === null => 0,
            $this->goal->none !== [] => $this->figures - count($this->goal->none),
            default => count($this->goal->further),
        };
    }
}
