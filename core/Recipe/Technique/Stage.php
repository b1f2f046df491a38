<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Technique;

/** The headline group a step belongs to, in the order of the work. */
enum Stage: string
{
    case Undercoat = 'undercoat';
    case Basecoat = 'basecoat';
    case Wash = 'wash';
    case Layer = 'layer';
    case Drybrush = 'drybrush';
    case Highlight = 'highlight';
    case Detail = 'detail';
    case Finish = 'finish';
    case Base = 'base';
}
