<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/** What an area is meant to be made of. */
enum Material: string
{
    case Cloth = 'cloth';
    case Leather = 'leather';
    case Skin = 'skin';
    case Hair = 'hair';
    case Fur = 'fur';
    case Feather = 'feather';
    case Scales = 'scales';
    case Bone = 'bone';
    /** Steel, iron, brass, silver, gold, bronze, copper, seen as they are. */
    case Metal = 'metal';
    /** Armour, hulls, machines, painted in a colour. */
    case Lacquered = 'lacquered-metal';
    case Glass = 'glass';
    case Wood = 'wood';
    case Rope = 'rope';
    case Stone = 'stone';
    case Ground = 'ground';
    case Other = 'other';

    public function words(): string
    {
        return match ($this) {
            self::Metal => 'bare metal',
            self::Lacquered => 'lacquered metal',
            default => $this->value,
        };
    }
}
