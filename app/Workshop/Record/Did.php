<?php

declare(strict_types=1);

namespace App\Workshop\Record;

use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Record\Substance;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;

/**
 * What was done in one entry, as far as it is known: holes are null, an amount nobody said too.
 *
 * @phpstan-type DidRow array{
 *   mix: list<array{name: string, parts: int|null}>, thin: string|null, coats: int|null, tool: string|null, minutes: int|null,
 * }
 */
final class Did
{
    public const NOTHING = ['mix' => [], 'thin' => null, 'coats' => null, 'tool' => null, 'minutes' => null];

    /** @return array<string, mixed> what the plan said, in the shape of what was done, with its look */
    public static function planned(StepOutcome $outcome): array
    {
        return [
            'mix' => self::mix($outcome->step->load->mix),
            'thin' => $outcome->step->load->thinning->ratio(),
            'coats' => $outcome->labour->coats,
            'tool' => $outcome->labour->tool->words(),
            'minutes' => $outcome->labour->wholeMinutes(),
            'technique' => $outcome->step->technique->words(),
            'look' => $outcome->look->after->hexes(),
            'substance' => Substance::of($outcome->step)->row(),
        ];
    }

    /** @return list<array{name: string, parts: int}> */
    private static function mix(?Mix $mix): array
    {
        return array_map(static fn (Part $p): array => ['name' => $p->paint->name, 'parts' => $p->parts], $mix->parts ?? []);
    }
}
