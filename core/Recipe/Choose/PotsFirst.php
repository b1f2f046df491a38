<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Lab;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\RankedMix;

/**
 * What a painter reaches for: a pot that comes near and leans the same way; else the area's own paint with one lightener or darkener
 * of its family; only then a freer mix, and never two far hues because the arithmetic comes out.
 */
final readonly class PotsFirst
{
    /** Drops of a mix in all: usually, and rarely. */
    private const DROPS = 4;
    private const DROPS_RARELY = 5;

    /** Below this lightness (L*) nobody sees which way a colour leans. */
    private const NEAR_BLACK = 14.0;

    /** Below so much chroma a colour has no hue to speak of, and may lean by so much to either side (CIELAB). */
    private const NEUTRAL = 12.0;
    private const LEANS = 4.5;

    /** Hues within so many degrees are of one family, and of one pot's colour. */
    private const FAMILY = 50.0;
    private const SAME_HUE = 25.0;

    /** A step of the ladder is at least and at most this share of the lightness that is wanted: lightness first, then hue. */
    private const LEAST_STEP = 0.65;
    private const MOST_STEP = 1.5;

    /** Bone, ivory and pale flesh: light, and no more vivid than this. */
    private const PALE_FROM = 68.0;
    private const PALE_LEAST = 4.0;
    private const PALE_CHROMA = 32.0;
    private const PALE_HUES = [40.0, 115.0];

    /** Blues and violets are lightened with greys and with their own paler pots. */
    private const COOL_FROM = 180.0;
    private const COOL_TO = 320.0;

    /** A dark that goes with any colour. */
    private const DARK_BELOW = 32.0;

    /** A freer mix has to be nearer by this (CIEDE2000) to be preferred to one of the family. */
    private const WORTH_A_FREE_MIX = 2.0;

    public function __construct(private Palette $palette)
    {
    }

    /**
     * Pots that are the colour.
     *
     * @param list<RankedMix> $singles nearest first
     * @param Lab|null $own the area's own colour, which a step of its ladder starts from
     *
     * @return list<RankedMix>
     */
    public function pots(array $singles, Lab $target, Aim $aim, ?Lab $own): array
    {
        return array_values(array_filter(
            $singles,
            static fn (RankedMix $r): bool => $r->difference <= $aim->within()
                && self::leansAlike($r->mix->lab(), $target)
                && self::reaches($r->mix->lab(), $target, $aim, $own),
        ));
    }

    /**
     * Mixes of the area's own paint with one of its family, nearest first: in few drops where those come near enough.
     *
     * @param list<Paint> $own what it may start from
     *
     * @return list<RankedMix>
     */
    public function family(Lab $target, Aim $aim, array $own): array
    {
        $found = [];
        foreach ($own as $paint) {
            $with = array_values(array_filter(
                $this->palette->mixable(),
                static fn (Paint $p): bool => $p->id !== $paint->id && self::goesWith($p->lab(), $paint->lab(), $target, $aim),
            ));
            foreach ($with === [] ? [] : $this->palette->mixesOf($paint, $with, $target, self::DROPS_RARELY) as $ranked) {
                if (!$ranked->mix->joinsFarHues() && self::reaches($ranked->mix->lab(), $target, $aim, $paint->lab())) {
                    $found[$ranked->mix->key()] = $ranked;
                }
            }
        }
        $few = array_filter($found, static fn (RankedMix $r): bool => $r->mix->totalParts() <= self::DROPS);
        $isNear = array_filter($few, static fn (RankedMix $r): bool => $r->difference <= $aim->within()) !== [];

        return RankedMix::byExpected(array_values($isNear ? $few : $found));
    }

    /**
     * Any pair, where it is nearer than the family by what is worth it: first of one family of hues, at last of two.
     *
     * @param list<RankedMix> $family
     *
     * @return list<RankedMix>
     */
    public function free(Lab $target, array $family, int $most): array
    {
        $best = $family === [] ? INF : $family[0]->expected();
        $pairs = array_values(array_filter(
            $this->palette->pairs($target, $most),
            static fn (RankedMix $r): bool => $r->mix->totalParts() <= self::DROPS_RARELY,
        ));
        $near = array_values(array_filter($pairs, static fn (RankedMix $r): bool => !$r->mix->joinsFarHues()));
        $free = $near !== [] && $near[0]->difference <= Aim::Light->within() + self::WORTH_A_FREE_MIX ? $near : $pairs;

        return $free !== [] && $free[0]->expected() < $best - self::WORTH_A_FREE_MIX ? $free : [];
    }

    /** A warm grey does not stand for a cool one, nor a rust for a brown. */
    public static function leansAlike(Lab $pot, Lab $target): bool
    {
        if ($target->l < self::NEAR_BLACK && $pot->l < self::NEAR_BLACK) {
            return true;
        }

        return $target->chroma() < self::NEUTRAL || $pot->chroma() < self::NEUTRAL
            ? hypot($pot->a - $target->a, $pot->b - $target->b) <= self::LEANS
            : $pot->hueApart($target) <= self::SAME_HUE;
    }

    private static function reaches(Lab $lab, Lab $target, Aim $aim, ?Lab $own): bool
    {
        if (!$aim->isStep() || $own === null) {
            return true;
        }
        $wanted = $target->l - $own->l;
        $made = $lab->l - $own->l;

        return abs($wanted) < 3.0 || ($made / $wanted >= self::LEAST_STEP && $made / $wanted <= self::MOST_STEP);
    }

    /** Whether a paint lightens, darkens or turns another as painters would have it. */
    private static function goesWith(Lab $other, Lab $own, Lab $target, Aim $aim): bool
    {
        $isGrey = $other->chroma() < self::NEUTRAL;
        $isNeutral = $own->chroma() < self::NEUTRAL;
        $isKin = $isNeutral || (!$isGrey && min($other->hueApart($own), $other->hueApart($target)) <= self::FAMILY);
        $isCool = !$isNeutral && $own->hue() >= self::COOL_FROM && $own->hue() < self::COOL_TO;

        return match ($aim) {
            Aim::Light => $other->l > $target->l - 2.0 && ($isKin || ($isCool ? $isGrey : self::isPale($other))),
            Aim::Shade => $other->l < $target->l + 2.0 && ($isKin || $other->l < self::DARK_BELOW),
            default => $isKin || $isGrey || self::isPale($other),
        };
    }

    /** Bone, ivory, pale flesh: what browns, greens, reds and yellows are lightened with rather than with white. */
    private static function isPale(Lab $lab): bool
    {
        return $lab->l >= self::PALE_FROM && $lab->chroma() >= self::PALE_LEAST && $lab->chroma() <= self::PALE_CHROMA
            && $lab->hue() >= self::PALE_HUES[0] && $lab->hue() <= self::PALE_HUES[1];
    }
}
