<?php

declare(strict_types=1);

namespace Kalokroma\Shelf\Typed;

/**
 * Forty plain paints that most shelves have one like: a start within a minute. Each is read as if the painter had typed it, so that its
 * colour is a guess like any other.
 */
final class CommonPaints
{
    private const GROUPS = [
        'White to black' => ['White', 'Ivory', 'Bone', 'Pale grey', 'Mid grey', 'Dark grey', 'Black'],
        'Browns and skin' => ['Sand', 'Tan', 'Mid brown', 'Orange brown', 'Dark brown', 'Red brown', 'Ochre', 'Pale flesh', 'Flesh',
            'Dark flesh'],
        'Reds and yellows' => ['Dark red', 'Warm red', 'Pink', 'Orange', 'Yellow'],
        'Greens' => ['Olive green', 'Dark green', 'Mid green', 'Turquoise'],
        'Blues and violets' => ['Sky blue', 'Mid blue', 'Dark blue', 'Violet'],
        'Metals' => ['Steel', 'Silver', 'Gold', 'Bronze'],
        'Washes' => ['Black wash', 'Brown wash', 'Sepia wash'],
        'Primers and varnish' => ['Black primer', 'Grey primer', 'Matt varnish'],
    ];

    /** @return array<string, list<TypedPaint>> by group */
    public static function all(): array
    {
        return array_map(static fn (array $names): array => TypedShelf::read(implode("\n", $names)), self::GROUPS);
    }
}
