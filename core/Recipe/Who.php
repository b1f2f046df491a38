<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** For which figures of a company a step is. */
enum Who: string
{
    case All = 'all';
    case Leaders = 'leaders';

    public function words(): string
    {
        return $this === self::All ? 'all figures' : 'leaders only';
    }
}
