<?php

declare(strict_types=1);

namespace Kalokroma\Order\Rule;

use Kalokroma\Order\Job\Job;

/** On which areas of a figure a rule holds between two jobs. */
enum Where: string
{
    /** Anywhere on the figure, its own area too. */
    case Figure = 'on the whole figure';
    /** On another area of the figure, wherever that is. */
    case Elsewhere = 'on other areas';
    case Beside = 'on the areas beside it';
    /** The first is further in than the second. */
    case Outward = 'on the areas over it';
    /** The second glues on a part: the first is on that part, or beside it. */
    case Joint = 'at the joint';
    /** Where a step says so itself. */
    case AsSaid = 'as a recipe says';

    public function has(Job $first, Job $then): bool
    {
        $isSame = $first->area?->id === $then->area?->id;

        return match ($this) {
            self::Figure => true,
            self::AsSaid => SaidOrder::says($first, $then),
            self::Elsewhere => !$isSame,
            self::Beside => !$isSame && self::areBeside($first, $then),
            self::Outward => !$isSame && $first->area !== null && $then->area !== null
                && $first->area->depth < $then->area->depth && self::areBeside($first, $then),
            self::Joint => $first->area !== null && $then->area !== null
                && ($first->area->part === $then->area->part || self::areBeside($first, $then)),
        };
    }

    private static function areBeside(Job $one, Job $other): bool
    {
        return $one->area === null || $other->area === null || $one->company->areBeside($one->area->id, $other->area->id);
    }
}
