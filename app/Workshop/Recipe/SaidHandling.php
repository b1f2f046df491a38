<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use DomainException;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Word\Duration;

/**
 * How a step is to be done, as a form says it.
 *
 * @phpstan-import-type HandlingMore from Handling
 */
final class SaidHandling
{
    /**
     * @param array<string, mixed> $said what is missing is not changed; an empty wait or variation is as usual again
     *
     * @return HandlingMore
     *
     * @throws DomainException
     */
    public static function of(array $said): array
    {
        $more = [];
        if (array_key_exists('wait', $said)) {
            $more['wait'] = self::wait($said['wait']);
        }
        foreach (['sloppy', 'unwashed'] as $flag) {
            if (isset($said[$flag])) {
                $more[$flag] = (bool) $said[$flag];
            }
        }
        foreach (['strokes', 'line', 'batch'] as $words) {
            if (array_key_exists($words, $said)) {
                $more[$words] = is_string($said[$words]) ? trim($said[$words]) : '';
            }
        }
        if (array_key_exists('lively', $said)) {
            $more['lively'] = is_numeric($said['lively']) ? (float) $said['lively'] : null;
        }

        return $more;
    }

    private static function wait(mixed $said): ?int
    {
        if (!is_string($said) || trim($said) === '') {
            return null;
        }

        return Duration::read($said) ?? throw new DomainException(sprintf(
            '"%s" is no span of time: write it as 30 min, 2 h, overnight or 3 days.',
            $said,
        ));
    }
}
