<?php

declare(strict_types=1);

namespace Kalokroma\Undercoat;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Shelf\Paint;

/** One undercoat that could be taken, with what it costs in coats over all areas. */
final readonly class Choice
{
    /**
     * @param Paint|null         $primer null where no primer stands on the shelf and the tone's usual colour is assumed
     * @param array<string, int> $byArea name of the area to its base coats until it is hidden
     */
    public function __construct(
        public Tone $tone,
        public ?Paint $primer,
        public Reflectance $colour,
        public array $byArea,
    ) {
    }

    /** Base coats over all areas. */
    public function coats(): int
    {
        return array_sum($this->byArea);
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
}
