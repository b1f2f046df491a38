<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;

/**
 * How many coats of a paint over a ground until its own colour stands.
 */
final readonly class Hiding
{
    /**
     * @param int|null $coats null where even the last coat is not within the tolerance
     * @param list<Reflectance> $after the look after each coat, up to the last counted
     * @param list<float> $difference CIEDE2000 from full hide after each of them
     */
    private function __construct(public ?int $coats, public array $after, public array $difference)
    {
    }

    /**
     * @param float $load pigment load of one coat, 0 < load ≤ 1
     * @param float $within CIEDE2000 from full hide
     * @param int $max most coats tried, 1 or more
     */
    public static function of(
        Pigment $pigment,
        float $load,
        Reflectance $ground,
        float $within = Constants::HIDDEN_WITHIN,
        int $max = Constants::MOST_COATS,
    ): self {
        $full = $pigment->fullHide()->toLab();
        $after = $difference = [];
        for ($n = 1; $n <= $max; ++$n) {
            $look = $pigment->over($ground, $load * $n);
            $after[] = $look;
            $difference[] = $apart = Ciede2000::difference($look->toLab(), $full);
            if ($apart <= $within) {
                return new self($n, $after, $difference);
            }
        }

        return new self(null, $after, $difference);
    }

    /** The number to plan with: what was computed, or the most that is proposed. */
    public function planned(): int
    {
        return $this->coats ?? count($this->after);
    }
}
