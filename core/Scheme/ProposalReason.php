<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Harmony;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\PlainName;

/** What speaks for a proposed scheme, from the numbers it was judged by. */
final class ProposalReason
{
    /** How much less the colour of leather or wood, which is as it is, counts as what was chosen. */
    private const AS_IT_IS = 0.2;

    /**
     * @param list<Coloured> $coloured
     * @param int $mixes colours of it that are mixed
     * @param int $open colours of it
     * @param string|null $spot id of the area that stands out; null where none is asked to
     * @param bool $isKept whether it is what its harmony promises
     */
    public static function of(
        Harmony $harmony,
        array $coloured,
        Legibility $legibility,
        int $mixes,
        int $open,
        ?string $spot,
        bool $isKept,
    ): string {
        $lost = $legibility->findings();
        $text = $isKept ? ucfirst($harmony->words()) : 'As near as your paints come to '.$harmony->words();
        $text .= ($spot === null ? self::contrast($harmony, $coloured) : self::named($coloured, $spot));
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

    /** @param list<Coloured> $coloured */
    private static function named(array $coloured, string $spot): string
    {
        foreach ($coloured as $area) {
            if ($area->area->id === $spot && $area->lab !== null) {
                return sprintf(': the %s (%s)', mb_strtolower($area->area->name), PlainName::of(self::oklch($area)));
            }
        }

        return '';
    }

    /**
     * The strongest of the painter's own colours, and the one of the scheme that stands out most beside it; two colours that were kept,
     * where they are what makes the harmony.
     *
     * @param list<Coloured> $coloured
     */
    private static function contrast(Harmony $harmony, array $coloured): string
    {
        $lead = self::lead($coloured);
        $from = self::oklch($lead);
        $against = self::against($lead, $coloured);
        if ($against !== null && Promise::shows($harmony, $from, self::oklch($against))) {
            return self::pair(': %s (%s) beside %s (%s)%s', $lead, $against);
        }
        foreach (self::keptPairs($coloured) as [$one, $other]) {
            if (Promise::shows($harmony, self::oklch($one), self::oklch($other))) {
                return self::pair(': what you kept makes it, %s (%s) and %s (%s)%s, and the rest stays quiet beside them', $one, $other);
            }
        }

        return $against === null ? '' : sprintf(
            ': %s (%s) leads, and the rest stays quiet beside it',
            mb_strtolower($lead->area->name),
            PlainName::of($from),
        );
    }

    private static function pair(string $text, Coloured $one, Coloured $other): string
    {
        [$from, $to] = [self::oklch($one), self::oklch($other)];

        return sprintf(
            $text,
            mb_strtolower($one->area->name),
            PlainName::of($from),
            mb_strtolower($other->area->name),
            PlainName::of($to),
            self::haveHues($from, $to) ? sprintf(', hues %.0f° apart', abs($from->hueTurnTo($to->hue))) : '',
        );
    }

    private static function haveHues(Oklch $one, Oklch $other): bool
    {
        return min($one->chroma, $other->chroma) >= Candidates::HAS_HUE;
    }

    /**
     * @param list<Coloured> $coloured
     *
     * @return list<array{Coloured, Coloured}> the largest first
     */
    private static function keptPairs(array $coloured): array
    {
        $kept = array_values(array_filter($coloured, static fn (Coloured $c): bool => $c->fixed && $c->lab !== null));
        usort($kept, static fn (Coloured $a, Coloured $b): int => $b->area->surfaceCm2 <=> $a->area->surfaceCm2);
        $pairs = [];
        foreach ($kept as $i => $one) {
            foreach (array_slice($kept, $i + 1) as $other) {
                if (self::haveHues(self::oklch($one), self::oklch($other))) {
                    $pairs[] = [$one, $other];
                }
            }
        }

        return $pairs;
    }

    /** @param list<Coloured> $coloured */
    private static function against(Coloured $lead, array $coloured): ?Coloured
    {
        $from = self::oklch($lead);
        $against = null;
        $widest = -1.0;
        foreach ($coloured as $area) {
            if ($area !== $lead && !$area->fixed && $area->lab !== null) {
                $to = self::oklch($area);
                $own = MaterialRange::isFree($area->area->material) ? 1.0 : self::AS_IT_IS;
                $wide = $own * abs($from->hueTurnTo($to->hue)) * min(1.0, $to->chroma / 0.06) * sqrt($area->area->surfaceCm2);
                [$widest, $against] = $wide > $widest ? [$wide, $area] : [$widest, $against];
            }
        }

        return $against;
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
