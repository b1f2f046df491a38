<?php

declare(strict_types=1);

namespace App\Workshop\State;

use App\Models\Painter;

/** What a painter owns and likes, as the questions have it. */
final class HabitsState
{
    private const WORDS = [
        'airbrush' => 'An airbrush', 'extraction' => 'Extraction', 'spray_cans' => 'Spray cans', 'solvents' => 'Solvents',
        'wet_palette' => 'A wet palette', 'metal_brush' => 'A brush for metal', 'way' => 'Way of painting', 'school' => 'Ground',
        'temperature' => 'Temperatures in', 'length' => 'Lengths in',
    ];

    public static function of(Painter $painter): State
    {
        return self::said(self::standing($painter));
    }

    /** @param array<string, mixed> $changes */
    public static function wanted(Painter $painter, array $changes): State
    {
        return self::said([...self::standing($painter), ...array_intersect_key($changes, self::WORDS)]);
    }

    /** @return array<string, mixed> with null where a question is still open */
    private static function standing(Painter $painter): array
    {
        $answers = array_combine(Painter::ASKED, array_map($painter->answer(...), Painter::ASKED));

        return [...$painter->only(array_keys(self::WORDS)), ...$answers];
    }

    /** @param array<string, mixed> $habits */
    private static function said(array $habits): State
    {
        $words = [];
        foreach (self::WORDS as $name => $what) {
            $value = $habits[$name] ?? null;
            // A form says yes in several ways, a row in one.
            $words[$what] = match (true) {
                !in_array($name, Painter::ASKED, true) => State::word($value),
                $value === null => 'not answered',
                default => State::word((bool) $value),
            };
        }

        return new State($words);
    }
}
