<?php

declare(strict_types=1);

namespace Kalokroma\Record;

use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Thinning;
use Kalokroma\Word\Counted;

/**
 * Painting log beside what was planned, in plain sentences.
 * Parts are drops, null where nobody said how many.
 *
 * @phpstan-type Said array{id?: string|null, name: string, parts: int|null}
 */
final class Comparison
{
    /**
     * @param array{mix: list<Said>, thin: string|null, coats: int|null, tool: string|null} $planned
     * @param array{mix: list<Said>, thin: string|null, coats: int|null, tool: string|null} $real
     *
     * @return list<string> empty where the plan was followed; a hole in the record is no difference
     *
     * @throws FilmProblem when a thinning cannot be read
     */
    public static function of(array $planned, array $real): array
    {
        $found = [];
        $mixed = self::words($real['mix']);
        if ($mixed !== '' && !self::isSame($real['mix'], $planned['mix'])) {
            $found[] = $mixed.' instead of '.self::words($planned['mix']);
        }
        if ($real['thin'] !== null && $planned['thin'] !== null
            && !Thinning::fromRatio($real['thin'])->equals(Thinning::fromRatio($planned['thin']))) {
            $found[] = 'thinned '.self::thinWords($real['thin']).' instead of '.self::thinWords($planned['thin']);
        }
        if ($real['coats'] !== null && $planned['coats'] !== null && $real['coats'] !== $planned['coats']) {
            $more = $real['coats'] - $planned['coats'];
            $found[] = abs($more).(
                abs($more) === 1
                ? ' coat ' : ' coats '
            ).($more > 0 ? 'more' : 'fewer').' than planned ('.$real['coats'].' for '.$planned['coats'].')';
        }
        if ($real['tool'] !== null && $planned['tool'] !== null && trim($real['tool']) !== trim($planned['tool'])) {
            $found[] = 'with '.$real['tool'].' instead of '.$planned['tool'];
        }

        return $found;
    }

    /** @param list<Said> $mix */
    public static function words(array $mix): string
    {
        if (count($mix) === 1) {
            return $mix[0]['name'];
        }

        return implode(', ', array_map(
            static fn (array $p): string => $p['parts'] === null
                ? 'some '.$p['name']
                : Counted::Drops->of($p['parts']).' '.$p['name'],
            $mix,
        ));
    }

    public static function thinWords(string $ratio): string
    {
        return Thinning::fromRatio($ratio)->isUndiluted() ? 'not at all' : $ratio;
    }

    /**
     * By the paints themselves where both know them, else by their names.
     *
     * @param list<Said> $one
     * @param list<Said> $other
     */
    private static function isSame(array $one, array $other): bool
    {
        $known = array_filter([...$one, ...$other], static fn (array $p): bool => ($p['id'] ?? null) === null) === [];

        return self::key($one, $known) === self::key($other, $known);
    }

    /** @param list<Said> $mix */
    private static function key(array $mix, bool $byId): string
    {
        $of = array_map(static fn (array $p): string => $byId ? $p['id'] ?? '' : $p['name'], $mix);
        if (count($mix) === 1) {
            return $of[0];
        }
        $keys = array_map(static fn (string $paint, array $p): string => $paint.'*'.($p['parts'] ?? '?'), $of, $mix);
        sort($keys);

        return implode('+', $keys);
    }
}
