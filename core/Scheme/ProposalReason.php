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
        $lead = null;
        $against = null;
        $widest = -1.0;
        foreach ($coloured as $area) {
            if (
                $area->fixed && $area->lab !== null
                && ($lead === null || Oklch::fromLab($area->lab)->chroma > Oklch::fromLab($lead->lab ?? $area->lab)->chroma)
            ) {
                $lead = $area;
            }
        }
        if ($lead?->lab === null) {
            throw SchemeProblem::nothingFixed();
        }
        $from = Oklch::fromLab($lead->lab);
        foreach ($coloured as $area) {
            if ($area !== $lead && !$area->fixed && $area->lab !== null) {
                $to = Oklch::fromLab($area->lab);
                $wide = abs($from->hueTurnTo($to->hue)) * min(1.0, $to->chroma / 0.06) * sqrt($area->area->surfaceCm2);
                if ($wide > $widest) {
                    [$widest, $against] = [$wide, $area];
                }
            }
        }
        $text = ucfirst($harmony->words());
        if ($against?->lab !== null) {
            $to = Oklch::fromLab($against->lab);
            $text .= sprintf(
                ': %s (%s) beside %s (%s), hues %.0f° apart',
                mb_strtolower($lead->area->name),
                PlainName::of($from),
                mb_strtolower($against->area->name),
                PlainName::of($to),
                abs($from->hueTurnTo($to->hue)),
            );
        }
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
}
