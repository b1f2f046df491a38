<?php

declare(strict_types=1);

namespace Kalokroma\Film;

/** One of the three faces an area is looked at on. */
enum Face: string
{
    case Recess = 'recess';
    case Plane = 'plane';
    case Ridge = 'ridge';
}
