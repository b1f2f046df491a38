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

    /** What is taken to have been done where only the stage is known: its drying time is that of the slowest usual technique. */
    public function usually(): Technique
    {
        return match ($this) {
            self::Undercoat => Technique::Undercoat,
            self::Basecoat => Technique::Basecoat,
            self::Wash => Technique::WashAllOver,
            self::Layer => Technique::Layer,
            self::Drybrush => Technique::Drybrush,
            self::Highlight => Technique::EdgeHighlight,
            self::Detail => Technique::Marking,
            self::Finish => Technique::MattVarnish,
            self::Base => Technique::TexturePaste,
        };
    }
}
