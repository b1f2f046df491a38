<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

use Kalokroma\Shelf\Stock;

/** Where a paint stands, and how it is. */
final readonly class ShelfPlace
{
    /**
     * @param string $place as the painter calls it; empty where nobody said
     * @param string $state as the painter wrote it: "thick", "lumpy"; empty for good
     * @param float|null $leftMl null where nobody said
     * @param float|null $bottleMl a full one, null where nobody said
     */
    public function __construct(
        public string $place = '',
        public string $state = '',
        public ?float $leftMl = null,
        public ?float $bottleMl = null,
    ) {
    }

    /** "nearly empty: 1.2 ml left", or how much is missing; empty where there is enough. */
    public function short(float $needMl): string
    {
        if ($this->leftMl !== null && $needMl > $this->leftMl) {
            return sprintf('takes about %.1f ml, %.1f ml left', $needMl, $this->leftMl);
        }

        return Stock::isLow($this->leftMl, $this->bottleMl) ? sprintf('nearly empty: %.1f ml left', $this->leftMl ?? 0.0) : '';
    }
}
