<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

/** How two neighbours of nearly one colour are told apart without another colour. */
enum Parting: string
{
    case Tints = 'tints';
    case Line = 'line';
}
