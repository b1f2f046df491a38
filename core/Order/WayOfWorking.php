<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Order\Job\Grouping;

/** Ways in which a company can be gone through. */
enum WayOfWorking: string
{
    case Row = 'row';
    case BasesFirst = 'bases-first';
    case AreaByArea = 'area-by-area';
    case ColourByColour = 'colour-by-colour';
    case FigureByFigure = 'figure-by-figure';
    case Threes = 'threes';
    case LeadersFirst = 'leaders-first';

    /** @param int $figures that are painted */
    public function words(int $figures = 2): string
    {
        return match ($this) {
            self::Row => $figures > 1 ? 'all in one row' : 'whichever area is dry',
            self::BasesFirst => 'all base coats first',
            self::AreaByArea => 'area by area',
            self::ColourByColour => 'colour by colour',
            self::FigureByFigure => 'figure by figure',
            self::Threes => 'in groups of three',
            self::LeadersFirst => 'leaders first',
        };
    }

    public function grouping(): Grouping
    {
        return match ($this) {
            self::FigureByFigure => Grouping::of(1),
            self::Threes => Grouping::of(3),
            self::LeadersFirst => Grouping::leadersFirst(),
            default => Grouping::row(),
        };
    }

    /** Whether one group is finished before the next is begun. */
    public function isByGroups(): bool
    {
        return $this->grouping()->size !== null || $this->grouping()->leadersFirst;
    }

    /**
     * The ways that differ for so many figures.
     *
     * @return non-empty-list<self>
     */
    public static function for(int $figures, int $leaders): array
    {
        return [self::Row, ...array_values(array_filter(self::cases(), static fn (self $way): bool => match ($way) {
            self::Row => false,
            self::FigureByFigure => $figures > 1,
            self::Threes => $figures > 3,
            self::LeadersFirst => $leaders > 0 && $leaders < $figures,
            default => true,
        }))];
    }
}
