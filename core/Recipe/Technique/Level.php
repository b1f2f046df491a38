<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Technique;

/** How far a figure is brought: a recipe marks where each level ends. */
enum Level: string
{
    case Fieldable = 'fieldable';
    case Finished = 'finished';
    case Showpiece = 'showpiece';

    public function words(): string
    {
        return match ($this) {
            self::Fieldable => 'fieldable: clean basecoats and shade',
            self::Finished => 'finished: highlights and details',
            self::Showpiece => 'showpiece: extra blends and lights',
        };
    }

    public function isWithin(self $goal): bool
    {
        return array_search($this, self::cases(), true) <= array_search($goal, self::cases(), true);
    }
}
