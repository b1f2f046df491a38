<?php

declare(strict_types=1);

namespace Kalokroma\Undercoat;

use Kalokroma\Word\Counted;

/** What undercoating costs with a can and with an airbrush: whole cans and bottles are bought. */
final readonly class PrimerCost
{
    /**
     * Our own starting values, prices in minor units: a can covers about seventy foot figures with all coats, most of it
     * flies past; an airbrush loses little.
     */
    public const USUAL = [
        'can_price' => 1190,
        'can_cm2' => 1300.0,
        'bottle_price' => 950,
        'bottle_ml' => 60.0,
        'cm2_per_ml' => 75.0,
        'start_up' => 1400,
    ];

    /** Figures up to which a break-even is looked for. */
    private const MOST = 2000;

    /**
     * @param int $price minor units for one can or bottle
     * @param float $covers cm² that one covers with all its coats together
     * @param int $startUp minor units paid once, such as thinner and cleaner; 0 or more
     *
     * @throws UndercoatProblem
     */
    public function __construct(public int $price, public float $covers, public int $startUp = 0)
    {
        if ($price < 1) {
            throw UndercoatProblem::costOutOfRange('The price');
        }
        if (!($covers > 0)) {
            throw UndercoatProblem::costOutOfRange('The surface that is covered');
        }
    }

    /** @param float $cm2 of one figure with all coats */
    public function forFigures(int $figures, float $cm2): int
    {
        return $this->startUp + $this->price * $this->bought($figures, $cm2);
    }

    public function bought(int $figures, float $cm2): int
    {
        return max(1, (int) ceil($figures * $cm2 / $this->covers - 1e-9));
    }

    /** Minor units for each of so many figures, what is left in the last one counted as spent. */
    public function perFigure(int $figures, float $cm2): float
    {
        return $this->forFigures($figures, $cm2) / $figures;
    }

    /** Minor units for one more figure, in the long run. */
    public function inTheLongRun(float $cm2): float
    {
        return $this->price * $cm2 / $this->covers;
    }

    /** Which of the two is cheaper from when on, in a sentence. */
    public static function verdict(self $can, self $bottle, float $cm2): string
    {
        $bottlePays = $bottle->pays($can, $cm2);
        $canPays = $can->pays($bottle, $cm2);

        return match (true) {
            $bottlePays === 1 => 'Airbrush primer costs less from the first figure on.',
            $bottlePays !== null => sprintf(
                'The can is cheaper to begin with; from %d figures on airbrush primer never costs more.',
                $bottlePays,
            ),
            $canPays !== null => sprintf('From %s on the can never costs more.', Counted::Figures->of($canPays)),
            default => 'Neither is cheaper for good: it goes back and forth with every can and bottle begun.',
        };
    }

    /**
     * The number of figures from which on this one never costs more than the other; null where it always does.
     */
    public function pays(self $other, float $cm2): ?int
    {
        $from = null;
        for ($n = 1; $n <= self::MOST; ++$n) {
            if ($this->forFigures($n, $cm2) > $other->forFigures($n, $cm2)) {
                $from = null;
            } else {
                $from ??= $n;
            }
        }

        return $from;
    }
}
