<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Recipe\Predict\StepOutcome;

/** What one step on several figures asks of the hands, of the clock and of the table. */
final readonly class Work
{
    /**
     * @param float $handsOnMinutes brush or spray in hand, all coats, rounds and figures
     * @param int $dryEarliest minutes after its last coat on a figure from which the next step may begin there, at 20 °C and 50 %
     * @param int|null $dryLatest minutes after which it is too late for what belongs to it; null where it may wait for ever
     * @param string $setUp label of tool and paints: work with the same label needs no other set-up
     */
    public function __construct(
        public float $handsOnMinutes,
        public int $dryEarliest,
        public ?int $dryLatest,
        public string $setUp,
    ) {
    }

    /** @param int $figures 0 and more, painted alike */
    public static function of(StepOutcome $outcome, int $figures): self
    {
        $load = $outcome->step->load->mix === null ? null : $outcome->step->words();

        return new self(
            $outcome->labour->on($figures),
            $outcome->labour->dryMinutes,
            $outcome->step->technique->facts()->latest,
            $outcome->labour->tool->words().($load === null ? '' : ': '.$load),
        );
    }
}
