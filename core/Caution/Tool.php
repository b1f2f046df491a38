<?php

declare(strict_types=1);

namespace Kalokroma\Caution;

/** What the paint is put on with. */
enum Tool: string
{
    case SprayCan = 'spray-can';
    case Airbrush = 'airbrush';
    case LargeBrush = 'large-brush';
    case MiddleBrush = 'middle-brush';
    case SmallBrush = 'small-brush';
    case DetailBrush = 'detail-brush';
    case Drybrush = 'drybrush';
    case MetalBrush = 'metal-brush';

    public function words(): string
    {
        return match ($this) {
            self::SprayCan => 'spray can',
            self::Airbrush => 'airbrush',
            self::LargeBrush => 'large brush',
            self::MiddleBrush => 'middle round brush',
            self::SmallBrush => 'small round brush',
            self::DetailBrush => 'detail brush',
            self::Drybrush => 'drybrush',
            self::MetalBrush => 'the brush kept for metal',
        };
    }
}
