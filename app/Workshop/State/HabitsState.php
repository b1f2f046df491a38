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
        return self::said($painter->only(array_keys(self::WORDS)));
    }

    /** @param array<string, mixed> $changes */
    public static function wanted(Painter $painter, array $changes): State
    {
        return self::said([...$painter->only(array_keys(self::WORDS)), ...array_intersect_key($changes, self::WORDS)]);
    }

    /** @param array<string, mixed> $habits */
    private static function said(array $habits): State
    {
        $words = [];
        foreach (self::WORDS as $name => $what) {
            $value = $habits[$name] ?? null;
            // A form says yes in several ways, a row in one.
            $words[$what] = State::word(in_array($name, ['way', 'school', 'temperature', 'length'], true) ? $value : (bool) $value);
        }

        return new State($words);
    }
}
