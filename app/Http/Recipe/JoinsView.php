<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Models\AreaRow;
use App\Workshop\Studio;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Recipe\Change\JoinTones;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Joining;
use Kalokroma\Recipe\Predict\JoiningGlaze;

/** With which other tones of its recipe a step can be joined by glazes, and by how many. */
final class JoinsView
{
    /**
     * @return array<string, mixed> expects company.areas.recipe and recipe loaded
     *
     * @throws RecipeProblem
     */
    public static function of(Studio $studio, AreaRow $area, string $key): array
    {
        $steps = [];
        foreach ($studio->predictions->outcomes($area->company, $area, $area->recipe) as $outcome) {
            $steps[$outcome->step->key->value] = $outcome->step;
        }
        $tone = JoinTones::tone($steps[$key] ?? throw RecipeProblem::noSuchStep($key));
        $found = [];
        foreach ($tone === null ? [] : $steps as $other => $step) {
            $mix = (string) $other === $key ? null : JoinTones::tone($step);
            $ways = $mix === null ? [] : Joining::of($tone, $mix);
            if ($mix !== null && $ways !== []) {
                $found[] = [
                    'key' => (string) $other,
                    'words' => $step->technique->words().': '.$mix->words(),
                    'apart' => round($ways[0]->before, 1),
                    'ways' => array_map(self::way(...), $ways),
                ];
            }
        }

        return ['joins' => $found];
    }

    /** @return array<string, mixed> */
    private static function way(Joining $way): array
    {
        return [
            'by' => $way->from,
            'even' => $way->isEven(),
            'layers' => $way->layers(),
            'words' => implode(', then ', array_map(static fn (JoiningGlaze $g): string => sprintf(
                '%d × %s %s over %s',
                $g->layers(),
                $g->mix->words(),
                $g->thinning->ratio(),
                $g->over->words(),
            ), $way->glazes)),
            'reason' => $way->reason()->sentence(),
            'strip' => self::strip($way),
        ];
    }

    /** @return list<string> the tones from the one glazed over to the one it meets, as they lie side by side */
    private static function strip(Joining $way): array
    {
        $hexes = static fn (JoiningGlaze $g): array => [
            $g->over->colour()->toHex(), ...array_map(static fn (Reflectance $r): string => $r->toHex(), $g->after),
        ];
        [$first, $second] = [$way->glazes[0], $way->glazes[1] ?? null];

        return [...$hexes($first), ...$second === null ? [$first->mix->colour()->toHex()] : array_reverse($hexes($second))];
    }
}
