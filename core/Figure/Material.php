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
    case Metal = 'metal';
    case Glass = 'glass';
    case Wood = 'wood';
    case Rope = 'rope';
    case Stone = 'stone';
    case Ground = 'ground';
    case Other = 'other';
}
