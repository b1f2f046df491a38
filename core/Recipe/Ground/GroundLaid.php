<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Ground;

use Kalokroma\Undercoat\Ground;

/** A ground with all that it would cost. */
final readonly class GroundLaid
{
    /**
     * @param array<string, int> $byArea base coats of each area, by its name; 0 where the ground is the basecoat already
     * @param array<string, float> $minutesByArea hands-on for them on one figure
     * @param float $minutes hands-on for one figure: undercoat and base coats
     * @param float $apart CIEDE2000 that is left on the average after at most three coats
     * @param list<string> $risks areas that suffer from it, and how
     * @param bool $favoured by the painter's school
     */
    public function __construct(
        public Ground $ground,
        public array $byArea,
        public array $minutesByArea,
        public float $minutes,
        public float $apart,
        public array $risks,
        public bool $favoured,
    ) {
    }

    /**
     * The area that loses most by taking this instead of another.
     *
     * @return array{area: string, more: float} more minutes than over the other; an empty name where none loses
     */
    public function worstAgainst(self $other): array
    {
        $worst = ['area' => '', 'more' => 0.0];
        foreach ($this->minutesByArea as $area => $minutes) {
            $more = $minutes - ($other->minutesByArea[$area] ?? $minutes);
            if ($more > $worst['more']) {
                $worst = ['area' => (string) $area, 'more' => $more];
            }
        }

        return $worst;
    }

    /** @return list<string> names of the areas whose basecoat it is already */
    public function isBaseOf(): array
    {
        return array_map(strval(...), array_keys($this->byArea, 0, true));
    }

    /** Minutes a figure more than another. */
    public function moreThan(self $other): float
    {
        return $this->minutes - $other->minutes;
    }

    public function coats(): int
    {
        return array_sum($this->byArea);
    }

    /** Hands-on minutes for so many figures. */
    public function minutesFor(int $figures): float
    {
        return $this->minutes * $figures;
    }
}
