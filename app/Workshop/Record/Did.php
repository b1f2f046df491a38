<?php

declare(strict_types=1);

namespace App\Workshop\Record;

use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Record\Substance;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;

/**
 * What was done in one entry, as far as it is known: holes are null, an amount nobody said too.
 *
 * @phpstan-type DidRow array{
 *   mix: list<array{id?: string|null, name: string, parts: int|null}>, thin: string|null, coats: int|null, tool: string|null,
 *   minutes: int|null, rounds?: int|null, technique?: string|null,
 * }
 */
final class Did
{
    public const NOTHING = ['mix' => [], 'thin' => null, 'coats' => null, 'tool' => null, 'minutes' => null, 'rounds' => null];

    /** @return array<string, mixed> what the plan said, in the shape of what was done, with its look */
    public static function planned(StepOutcome $outcome): array
    {
        return [
            'mix' => self::mix($outcome->step->load->mix),
            'thin' => $outcome->step->load->thinning->ratio(),
            'coats' => $outcome->labour->coats,
            'tool' => $outcome->labour->tool->words(),
            'minutes' => $outcome->labour->wholeMinutes(),
            'rounds' => $outcome->step->scope->loop?->rounds,
            'technique' => $outcome->step->technique->words(),
            'look' => $outcome->look->after->hexes(),
            'substance' => Substance::of($outcome->step)->row(),
        ];
    }

    /** @return array<string, mixed> the same of a plan that has changed since it was painted: only what makes it that step is known */
    public static function plannedThen(Substance $then): array
    {
        return [
            ...self::NOTHING,
            'mix' => $then->mix,
            'technique' => $then->technique === null ? '' : Technique::from($then->technique)->words(),
            'substance' => $then->row(),
        ];
    }

    /**
     * With the paints of the shelf by id, under the names they have now; a paint that is not known there keeps its name only.
     *
     * @param DidRow $did
     *
     * @return DidRow
     */
    public static function named(array $did, ShelfRows $shelf): array
    {
        $did['mix'] = array_map(static function (array $part) use ($shelf): array {
            $paint = ($part['id'] ?? null) === null ? $shelf->named($part['name']) : $shelf->planned($part['id']);

            return ['id' => $paint?->id, 'name' => $paint->name ?? $part['name'], 'parts' => $part['parts']];
        }, $did['mix']);

        return $did;
    }

    /** @return list<array{id: string, name: string, parts: int}> */
    public static function mix(?Mix $mix): array
    {
        return array_map(
            static fn (Part $p): array => ['id' => $p->paint->id, 'name' => $p->paint->name, 'parts' => $p->parts],
            $mix->parts ?? [],
        );
    }
}
