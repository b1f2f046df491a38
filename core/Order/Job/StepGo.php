<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

use Kalokroma\Caution\Tool;
use Kalokroma\Figure\Area;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Position;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;

/** One round of a step on one figure, before it is known which figures are done together. */
final readonly class StepGo
{
    /** Strokes so fine that they are dry before the brush comes back. */
    private const DRAWN = [Position::Line, Position::Edge, Position::Dot, Position::Accent, Position::LineTidying, Position::Chips];

    /**
     * @param Area|null $area null for the whole figure
     * @param bool $isLate whether it waits until everything is painted
     * @param int $round of its loop, from 1
     * @param int $rounds of its loop, 1 where there is none
     * @param float $share of the minutes of all rounds that this one takes
     * @param self|null $before what it has to follow while it still can
     * @param StepOutcome|null $wet what is done to it while it is wet, figure by figure
     */
    public function __construct(
        public ?Area $area,
        public StepOutcome $outcome,
        public bool $isLate,
        public int $round = 1,
        public int $rounds = 1,
        public float $share = 1.0,
        public bool $onVarnish = false,
        public ?self $before = null,
        public ?StepOutcome $wet = null,
    ) {
    }

    /**
     * The steps of an area in the order they are done in, loops gone through round by round, what is left out left out.
     *
     * @param list<StepOutcome> $outcomes
     *
     * @return list<self>
     */
    public static function all(array $outcomes, Area $area, CompanyWork $work): array
    {
        $found = $at = [];
        foreach ($outcomes as $outcome) {
            $step = $outcome->step;
            if ($step->handling->omitted || $step->isUndercoat()) {
                continue;
            }
            if ($step->technique === Technique::Blotting && $found !== []) {
                $found[] = array_pop($found)->blotted($outcome);
                continue;
            }
            $at[$step->key->value] = count($found);
            $whole = $step->isOfFigure() ? $work->whole[$step->key->value] ?? null : null;
            $go = $step->isOfFigure() && $whole !== null
                ? new self(null, $whole->outcome, $whole->late)
                : new self($area, $outcome, false);
            $found[] = $go->before($found);
            $loop = $step->scope->loop;
            if ($loop !== null) {
                $from = $at[$loop->from] ?? $at[$step->key->value];
                $found = [...array_slice($found, 0, $from), ...self::rounds(array_slice($found, $from), $loop)];
            }
        }

        return $found;
    }

    /**
     * @param list<self> $steps of one round
     *
     * @return list<self>
     */
    private static function rounds(array $steps, Loop $loop): array
    {
        $found = [];
        foreach ($loop->shares as $round => $share) {
            foreach ($steps as $go) {
                $scales = $go->outcome->step->technique->facts()->effort[0];
                $isScaled = $scales === 'cm2' || $scales === 'edge';
                $part = $isScaled ? $share / array_sum($loop->shares) : 1 / $loop->rounds;
                $found[] = $go->with(['round' => $round + 1, 'rounds' => $loop->rounds, 'share' => $part]);
            }
        }

        return $found;
    }

    /** @param list<self> $found what is done before it */
    private function before(array $found): self
    {
        foreach (array_reverse($found) as $go) {
            if (Follows::isWanted($go->outcome->step->technique, $this->outcome->step->technique)) {
                return $this->with(['before' => $go]);
            }
        }

        return $this;
    }

    private function blotted(StepOutcome $by): self
    {
        return $this->with(['wet' => $by]);
    }

    public function on(bool $varnish): self
    {
        return $varnish === $this->onVarnish ? $this : $this->with(['onVarnish' => $varnish]);
    }

    /** @param array<string, mixed> $changes by the names of its properties */
    private function with(array $changes): self
    {
        /**
         * @var array{
         *   area: Area|null, outcome: StepOutcome, isLate: bool, round: int, rounds: int, share: float, onVarnish: bool,
         *   before: self|null, wet: StepOutcome|null,
         * } $all
         */
        $all = [...get_object_vars($this), ...$changes];

        return new self(...$all);
    }

    public function ref(): StepRef
    {
        return StepRef::of($this->area?->id, $this->outcome->step->key);
    }

    public function id(): string
    {
        return $this->ref().($this->rounds === 1 ? '' : '/r'.$this->round);
    }

    /** Minutes for one figure, all coats of this round, the loading of the brush left out. */
    public function minutes(): float
    {
        $labour = $this->outcome->labour;
        $wet = $this->wet === null ? 0.0 : $this->wet->labour->minutes - $this->wet->labour->loading;

        return max(0.0, $labour->minutes - $labour->loading) * $this->share + $wet;
    }

    /** @return non-empty-list<float> share of those minutes that each coat takes: a further coat goes faster */
    public function weights(): array
    {
        $facts = $this->outcome->step->technique->facts();
        $coats = max(1, $this->outcome->labour->coats);
        $further = $facts->stage === Stage::Basecoat && $facts->effort[0] === 'cm2'
            ? min($facts->effort[1], Defaults::FURTHER_COAT_MINUTES_PER_CM2) / max(0.01, $facts->effort[1])
            : 1.0;
        $weights = [1.0, ...array_fill(0, $coats - 1, $further)];
        $sum = array_sum($weights);

        return array_map(static fn (float $w): float => $w / $sum, $weights);
    }

    /** Minutes for one figure in the first coat. */
    public function first(): float
    {
        return $this->weights()[0] * $this->minutes();
    }

    /** Minutes for one figure in the last coat. */
    public function last(): float
    {
        $weights = $this->weights();

        return $weights[count($weights) - 1] * $this->minutes();
    }

    /** Whether its coats go on one after the other without a wait: sprayed, drybrushed, drawn, or worked while wet. */
    public function isWetInWet(): bool
    {
        $step = $this->outcome->step;

        return $step->isUndercoat() || $this->isSprayed() || $this->wet !== null || $step->technique->isPassed()
            || in_array($step->technique->facts()->at, self::DRAWN, true);
    }

    /** Whether it is a spray over whole figures, which go under it all together. */
    public function isSprayOfFigures(): bool
    {
        $isClosing = $this->outcome->step->technique->facts()->at->rank() >= Position::Gloss->rank();

        return $this->area === null && $this->isSprayed() && ($this->outcome->step->isUndercoat() || $isClosing);
    }

    /** What has to stand ready for it: tool and mix. */
    public function setUp(): string
    {
        $words = $this->outcome->step->load->mix === null ? null : $this->outcome->step->load->words();

        return $words === null ? '' : $this->outcome->labour->tool->value.': '.$words;
    }

    private function isSprayed(): bool
    {
        return in_array($this->outcome->labour->tool, [Tool::Airbrush, Tool::SprayCan], true);
    }
}
