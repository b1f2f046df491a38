<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/** How much an area matters in the whole picture. */
enum Weight: string
{
    case Leading = 'leading';
    case Supporting = 'supporting';
    case Minor = 'minor';
}
