<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Harmony;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\PlainName;

/** What speaks for a proposed scheme, from the numbers it was judged by. */
final class ProposalReason
{
    /**
     * @param list<Coloured> $coloured
     * @param int $mixes colours of it that are mixed
     * @param int $open colours of it
     */
    public static function of(Harmony $harmony, array $coloured, Legibility $legibility, int $mixes, int $open): string
    {
        $lost = $legibility->findings();
        $text = ucfirst($harmony->words()).self::contrast($coloured);
        $text .= sprintf(
            '. %d of %d pairs of neighbours read from %g m',
            count($legibility->pairs) - count($lost),
            count($legibility->pairs),
            $legibility->sight->metres,
        );
        if ($lost !== []) {
            $text .= sprintf('; %s and %s least', mb_strtolower($lost[0]->one->area->name), mb_strtolower($lost[0]->other->area->name));
        }

        return $text.sprintf('. %s.', match (true) {
            $mixes === 0 => 'Every colour comes straight from a bottle you own',
            $mixes === $open => 'Every colour is a mix of two paints you own',
            default => sprintf('%d straight from the bottle, %d mixed from two paints you own', $open - $mixes, $mixes),
        });
    }

    /**
     * The strongest of the painter's own colours, and the one of the scheme that stands out most beside it.
     *
     * @param list<Coloured> $coloured
     */
    private static function contrast(array $coloured): string
    {
        $lead = self::lead($coloured);
        $from = self::oklch($lead);
        $against = null;
        $widest = -1.0;
        foreach ($coloured as $area) {
            if ($area !== $lead && !$area->fixed && $area->lab !== null) {
                $to = self::oklch($area);
                $wide = abs($from->hueTurnTo($to->hue)) * min(1.0, $to->chroma / 0.06) * sqrt($area->area->surfaceCm2);
                [$widest, $against] = $wide > $widest ? [$wide, $area] : [$widest, $against];
            }
        }

        return $against === null ? '' : sprintf(
            ': %s (%s) beside %s (%s), hues %.0f° apart',
            mb_strtolower($lead->area->name),
            PlainName::of($from),
            mb_strtolower($against->area->name),
            PlainName::of(self::oklch($against)),
            abs($from->hueTurnTo(self::oklch($against)->hue)),
        );
    }

    /**
     * @param list<Coloured> $coloured
     *
     * @throws SchemeProblem where no colour is fixed
     */
    private static function lead(array $coloured): Coloured
    {
        $lead = null;
        foreach ($coloured as $area) {
            if ($area->fixed && $area->lab !== null && ($lead === null || self::oklch($area)->chroma > self::oklch($lead)->chroma)) {
                $lead = $area;
            }
        }

        return $lead ?? throw SchemeProblem::nothingFixed();
    }

    private static function oklch(Coloured $area): Oklch
    {
        return Oklch::fromLab($area->lab ?? throw SchemeProblem::nothingFixed());
    }
}
