<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/** A mix with its predicted difference (CIEDE2000) from the colour that was wanted. */
final readonly class RankedMix
{
    public function __construct(public Mix $mix, public float $difference)
    {
    }

    /** Whether this one cannot be told from a better one, the prediction being no surer than it is. */
    public function isAsGoodAs(self $better): bool
    {
        return $this->difference - $better->difference < min($this->mix->certainty(), $better->mix->certainty()) / 2;
    }
}
