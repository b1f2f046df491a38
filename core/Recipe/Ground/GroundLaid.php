<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Ground;

use Kalokroma\Undercoat\Ground;

/** A ground with all that it would cost. */
final readonly class GroundLaid
{
    /**
     * @param array<string, int> $byArea base coats of each area, by its name
     * @param float $minutes hands-on for one figure: undercoat and base coats
     * @param float $apart CIEDE2000 that is left on the average after at most three coats
     * @param list<string> $risks areas that suffer from it, and how
     * @param bool $favoured by the painter's school
     */
    public function __construct(
        public Ground $ground,
        public array $byArea,
        public float $minutes,
        public float $apart,
        public array $risks,
        public bool $favoured,
    ) {
    }

    /**
     * The area that loses most by taking this instead of another.
     *
     * @return array{area: string, more: int} more coats than over the other; an empty name where none loses
     */
    public function worstAgainst(self $other): array
    {
        $worst = ['area' => '', 'more' => 0];
        foreach ($this->byArea as $area => $coats) {
            $more = $coats - ($other->byArea[$area] ?? $coats);
            if ($more > $worst['more']) {
                $worst = ['area' => (string) $area, 'more' => $more];
            }
        }

        return $worst;
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
