<?php

declare(strict_types=1);

namespace App\Workshop\Shelf;

use App\Models\RecipeRow;
use Kalokroma\Colour\Ciede2000;

/** Which paints recipes use, and how near each is to one of them. */
final class ShelfUse
{
    /** @return array<int, int> areas by paint */
    public static function count(): array
    {
        $found = [];
        foreach (RecipeRow::query()->get() as $recipe) {
            $ids = [];
            /**
             * @var array{steps: list<array{mix: list<array{paint: string|int, described?: array<string, mixed>}>|null, omitted: bool}>}
             *
             *    $plan
             */
            $plan = $recipe->plan;
            foreach ($plan['steps'] as $step) {
                foreach ($step['omitted'] ? [] : $step['mix'] ?? [] as $part) {
                    $ids += isset($part['described']) ? [] : [(int) $part['paint'] => true];
                }
            }
            foreach (array_keys($ids) as $id) {
                $found[$id] = ($found[$id] ?? 0) + 1;
            }
        }

        return $found;
    }

    /** @return array<int, float> CIEDE2000 of every paint with a colour from this one */
    public static function apart(ShelfRows $shelf, string $id): array
    {
        $like = $shelf->find($id)?->colour?->toLab();
        $found = [];
        foreach ($like === null ? [] : $shelf->paints() as $paint) {
            if ($paint->colour !== null) {
                $found[(int) $paint->id] = round(Ciede2000::difference($like, $paint->colour->toLab()), 1);
            }
        }

        return $found;
    }
}
