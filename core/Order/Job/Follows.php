<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

use Kalokroma\Recipe\Technique\Technique;

/** What has to follow a step while it still can. */
final class Follows
{
    private const FOLLOWS = [
        'enamel-wash' => Technique::Wiping,
        'oil-wash' => Technique::Wiping,
        'streak' => Technique::StreakBlend,
        'chipping-top-coat' => Technique::ChippingOpening,
    ];

    public static function of(Technique $technique): ?Technique
    {
        return self::FOLLOWS[$technique->value] ?? null;
    }

    /** Whether both are washes of one solvent, which lie on together and are wiped together. */
    public static function isOneWash(Technique $first, Technique $then): bool
    {
        return $first === $then && self::of($first) === Technique::Wiping;
    }

    public static function isWanted(Technique $first, Technique $then): bool
    {
        return self::of($first) === $then;
    }
}
