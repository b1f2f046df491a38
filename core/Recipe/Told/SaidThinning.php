<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\ParsedThinning;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Paint;

/** A thinning in the painter's words where nothing else is said: "two to one", "half and half with medium", "till it runs like milk". */
final class SaidThinning
{
    /**
     * @param array<string, Paint> $pots that thin, by name
     *
     * @return array{Thinning|null, Thinner|null, Paint|null} null for what was left open, or not said
     *
     * @throws FilmProblem where it says no thinning, or something else besides
     */
    public static function read(string $said, array $pots): array
    {
        $kinds = array_filter(array_map(static fn (Paint $pot): ?Thinner => $pot->thins(), $pots));
        try {
            $read = ParsedThinning::read($said, false, $kinds);

            return [$read->thinning, $read->with, $read->pot === null ? null : $pots[$read->pot]];
        } catch (FilmProblem $problem) {
            return self::inWords($said, $pots) ?? throw $problem;
        }
    }

    /**
     * @param array<string, Paint> $pots
     *
     * @return array{Thinning|null, Thinner|null, Paint|null}|null null where it says no thinning, or something else besides
     */
    private static function inWords(string $said, array $pots): ?array
    {
        $clauses = (new LineReader(array_values($pots)))->read($said)->clauses;
        $clause = count($clauses) === 1 ? $clauses[0] : null;
        if ($clause === null || !$clause->thinning->said || $clause->thinning->than !== '' || $clause->isWork() || $clause->notes !== []) {
            return null;
        }

        return [$clause->thinning->thinning, $clause->thinning->with, $clause->thinning->product];
    }
}
