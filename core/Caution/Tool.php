<?php

declare(strict_types=1);

namespace Kalokroma\Caution;

/** What the work is done with. */
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
    case OldBrush = 'old-brush';
    case FlatBrush = 'flat-brush';
    case Swab = 'swab';
    case Tweezers = 'tweezers';
    case Spatula = 'spatula';
    case Hands = 'hands';

    /** Whether it is a round brush that also carries other paint. */
    public function isOrdinaryBrush(): bool
    {
        return in_array($this, [self::LargeBrush, self::MiddleBrush, self::SmallBrush], true);
    }

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
            self::OldBrush => 'old, worn brush',
            self::FlatBrush => 'flat brush',
            self::Swab => 'swab or clean brush',
            self::Tweezers => 'tweezers',
            self::Spatula => 'spatula or old brush',
            self::Hands => 'hands',
        };
    }
}
