<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Ladder;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Oklch;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\LightToward;
use Kalokroma\Recipe\Plan\ShadeToward;
use Kalokroma\Scheme\Tint;
use Kalokroma\Word\Finding;

/**
 * The shade and highlight colours that go with an intended colour, computed in OKLCh.
 *
 * Lightness goes down or up by a rung; hue turns a little toward the direction of its family; chroma changes by the
 * family's factor. Every rung is brought onto the screen with hue and lightness kept.
 */
final readonly class Ladder
{
    /** Lightness (of 100) below which a step is little, and from which it is much. */
    private const LITTLE = 8.0;
    private const MUCH = 20.0;

    private const NEUTRAL_CHROMA = 0.025;
    private const LEANS_FROM = 0.008;
    private const MOST_LIGHT = 0.975;
    private const LEAST_LIGHT = 0.12;

    /** Share of the chroma that reads as a colour which edges have that lean to a side. */
    private const EDGE_SHARE = 0.93;

    /** How much darker (OKLCh lightness) the deepest of several shades is for each one more. */
    private const DEEPER = 0.05;

    /** Change of OKLCh lightness of each rung; "shade" is a share of the lightness that is kept. */
    private const SHADE_KEEPS = 0.62;
    private const UP = ['base' => -0.04, 'layer' => 0.0, 'drybrush' => 0.09, 'highlight' => 0.17, 'accent' => 0.23];

    /** A red darker than this (OKLCh lightness) is a deep one. */
    private const DEEP_RED_BELOW = 0.42;

    /** Black is shown by its lights alone, and those are steeper. */
    private const ON_BLACK = 1.25;

    /** The same under a white: planes end a little below it, so that edges have somewhere to go. */
    private const UP_TO_WHITE = ['base' => -0.085, 'layer' => -0.022, 'drybrush' => -0.01, 'highlight' => 0.005, 'accent' => 0.02];

    /** From this lightness (CIELAB) on, and up to this chroma (OKLCh), a colour is a white. */
    private const WHITE_FROM = 90.0;
    private const WHITE_CHROMA = 0.03;

    /** Who lightens toward white ends there: shares of the whole way. */
    private const OF_THE_WAY_TO_WHITE = ['drybrush' => 0.45, 'highlight' => 0.88, 'accent' => 1.0];

    /** Shares of the room that is left up to white which a rung may use: keeps light colours from all ending in white. */
    private const MOST_OF_ROOM = ['drybrush' => 0.45, 'highlight' => 0.75, 'accent' => 0.92];

    /**
     * Rows: hue from, to (°), family, highlights toward hue (°), by at most (°), chroma factor, reason; shade toward hue, by at most,
     * reason.
     */
    private const FAMILIES = [
        [0, 42, 'red', 62, 24, 0.95, 'toward orange, since white would turn it pink', 350, 12, 'toward wine'],
        [42, 82, 'orange or brown', 88, 10, 0.85, 'toward bone rather than white, which keeps it warm', 25, 12, 'toward red-brown'],
        [82, 118, 'yellow', 98, 6, 0.75, 'toward pale cream', 55, 26, 'toward brown, since black would turn it green'],
        [118, 170, 'green', 108, 14, 0.85, 'toward bone', 215, 16, 'toward cold blue-green'],
        [170, 285, 'blue', 215, 10, 0.75, 'toward pale sky', 285, 10, 'toward violet'],
        [285, 335, 'violet', 345, 10, 0.8, 'toward rose', 275, 10, 'toward blue'],
        [335, 360, 'pink', 40, 14, 0.8, 'toward flesh', 330, 10, 'toward plum'],
    ];

    /** @var array{int, int, string, int, int, float, string, int, int, string} */
    private array $family;

    private LightToward $light;

    public function __construct(public Oklch $intended, public LadderWish $wish = new LadderWish())
    {
        $found = self::FAMILIES[0];
        foreach (self::FAMILIES as $row) {
            if ($intended->hue >= $row[0] && $intended->hue < $row[1]) {
                $found = $row;
            }
        }
        $this->family = $found;
        $this->light = $this->whiteTurnsPink() && !$wish->insist ? LightToward::Flesh : $wish->light;
    }

    /** Whether the colour that is wanted is a white. */
    public function isWhite(): bool
    {
        return $this->intended->chroma <= self::WHITE_CHROMA && $this->intended->toLab()->l >= self::WHITE_FROM;
    }

    /** Whether it is a dark red, whose first light is a brighter red and not yet an orange. */
    private function isDeepRed(): bool
    {
        return $this->family[2] === 'red' && $this->intended->lightness < self::DEEP_RED_BELOW;
    }

    /** Whether white was asked for over a red. */
    public function whiteTurnsPink(): bool
    {
        return $this->wish->light === LightToward::White && $this->family[2] === 'red' && !$this->isNeutral();
    }

    public function rung(Rung $rung): Oklch
    {
        $to = $this->untinted($rung);

        return $this->isEdged() && $to->lightness > $this->intended->lightness && $rung !== Rung::Shade && !$this->isWhite()
            ? $this->edged($to) : $to;
    }

    /** Whether its edges, or the shades of a white, lean to a side so that it is told from others of nearly its colour. */
    public function isEdged(): bool
    {
        return $this->wish->edge !== null && $this->wish->light === LightToward::Neighbour;
    }

    /** A light that leans: a black or grey takes the tint, a colour keeps half of its own. */
    private function edged(Oklch $to): Oklch
    {
        $lightness = $this->intended->lightness + ($to->lightness - $this->intended->lightness) * $this->wish->edgeShare;
        $tint = new Oklch($lightness, self::EDGE_SHARE * Tint::READS_AS_COLOUR, $this->wish->edge?->hue() ?? $to->hue);
        if ($this->isNeutral() || Dark::isBlack($this->intended->toLab())) {
            return $tint->onScreen();
        }
        $half = (new Oklch($lightness, $to->chroma, $to->hue))->toLab();
        $other = $tint->toLab();

        return Oklch::fromLab(new Lab(($half->l + $other->l) / 2, ($half->a + $other->a) / 2, ($half->b + $other->b) / 2))->onScreen();
    }

    private function untinted(Rung $rung): Oklch
    {
        if ($rung === Rung::Shade) {
            return $this->shade();
        }
        if ($this->isWhite()) {
            $lightness = min(self::MOST_LIGHT, $this->intended->lightness + self::UP_TO_WHITE[$rung->value]);

            return (new Oklch($lightness, $this->intended->chroma, $this->intended->hue))->onScreen();
        }
        $lift = self::UP[$rung->value] * $this->wish->contrast() * (Dark::isBlack($this->intended->toLab()) ? self::ON_BLACK : 1.0);
        if ($lift <= 0.0) {
            $lightness = $this->noDarkerThan($this->intended->lightness + $lift);

            return (new Oklch($lightness, $this->intended->chroma, $this->intended->hue))->onScreen();
        }
        $room = max(0.0, self::MOST_LIGHT - $this->intended->lightness);
        $lightness = $this->intended->lightness + min($lift, $room * (self::MOST_OF_ROOM[$rung->value] ?? 1.0));
        $way = min(1.4, self::UP[$rung->value] / self::UP['highlight']);
        $toward = $this->light->colour();
        if ($toward !== null && $this->light === LightToward::White) {
            $lightness = $this->intended->lightness + $room * (self::OF_THE_WAY_TO_WHITE[$rung->value] ?? 0.0);

            return self::between($this->intended, $toward, $lightness)->onScreen();
        }
        if ($toward !== null) {
            return self::between($this->intended, $toward, $lightness)->onScreen();
        }
        if ($this->isNeutral()) {
            return (new Oklch($lightness, $this->intended->chroma, $this->intended->hue))->onScreen();
        }
        [, , , $toward, $most, $factor] = $this->family;

        return (new Oklch(
            $lightness,
            $this->intended->chroma * (1 + ($factor - 1) * $way),
            $this->intended->hue + self::limited($this->intended->hueTurnTo($toward), $this->isDeepRed() ? $most / 3 : $most) * $way,
        ))->onScreen();
    }

    /**
     * The nth of so many highlights, evenly from the colour itself up; three and more go on to the last light.
     *
     * @param int $nth from 1, the lowest
     */
    public function light(int $nth, int $of): Oklch
    {
        return $of === 1 ? $this->rung(Rung::Highlight) : self::along(
            $this->rung(Rung::Intended),
            $this->rung($of > 2 ? Rung::Accent : Rung::Highlight),
            $nth / $of,
        );
    }

    /**
     * The nth of so many shades, evenly from the colour itself down; every one more goes a little deeper.
     *
     * @param int $nth from 1, the lightest
     * @param bool $washed whether the first is a wash, which goes all the way by itself
     */
    public function dark(int $nth, int $of, bool $washed): Oklch
    {
        $shade = $this->rung(Rung::Shade);
        if ($of === 1 || ($washed && $nth === 1)) {
            return $shade;
        }
        $lightness = $this->noDarkerThan($shade->lightness - self::DEEPER * ($washed ? $nth - 1 : $of - 1));
        $deep = (new Oklch($lightness, $shade->chroma, $shade->hue))->onScreen();

        return $washed ? $deep : self::along($this->rung(Rung::Intended), $deep, $nth / $of);
    }

    /** Why one of several shades or highlights is where it is. */
    public function reasonOf(Oklch $to, int $nth, int $of): Finding
    {
        return new Finding(
            'ladder.nth',
            $to->lightness < $this->intended->lightness
                ? 'Shade {nth} of {of}: {step} darker than the colour (lightness {from} to {to}).'
                : 'Highlight {nth} of {of}: {step} lighter than the colour (lightness {from} to {to}).',
            [
                'nth' => $nth,
                'of' => $of,
                'step' => abs(100 * ($to->lightness - $this->intended->lightness)),
                'from' => 100 * $this->intended->lightness,
                'to' => 100 * $to->lightness,
            ],
        );
    }

    /** So far on the way from one colour to another. */
    private static function along(Oklch $from, Oklch $to, float $way): Oklch
    {
        return self::between($from, $to, $from->lightness + ($to->lightness - $from->lightness) * $way)->onScreen();
    }

    /** Why a rung is where it is, from the numbers it was computed with. */
    public function reason(Rung $rung): Finding
    {
        $to = $this->rung($rung);
        $step = 100 * ($to->lightness - $this->intended->lightness);
        $facts = [
            'step' => abs($step),
            'turn' => abs($this->intended->hueTurnTo($to->hue)),
            'from' => 100 * $this->intended->lightness,
            'to' => 100 * $to->lightness,
            'direction' => $rung === Rung::Shade ? $this->shadeWords() : $this->lightWords(),
        ];
        if ($this->isWhite() && $rung !== Rung::Shade) {
            return self::reasonOfWhite($step < 0.0, $facts);
        }
        if ($rung === Rung::Intended || ($rung === Rung::Base && $step === 0.0)) {
            return new Finding('ladder.intended', 'This is the intended colour itself, lightness {to} of 100.', $facts);
        }
        if ($rung === Rung::Base) {
            return new Finding(
                'ladder.base',
                'A middle tone '.lcfirst(self::degree($step)).' darker than intended (lightness {from} to {to} of 100): '
                    .'that leaves the layer room to lighten.',
                $facts,
            );
        }
        $isToNeighbour = $rung === Rung::Shade ? $this->wish->shade === ShadeToward::Neighbour : $this->light === LightToward::Neighbour;
        if ($this->isEdged() && ($this->isWhite() === ($rung === Rung::Shade))) {
            $facts['tint'] = $this->wish->edge?->words() ?? '';

            return new Finding('ladder.edged', $rung === Rung::Shade
                ? 'Lightness {from} to {to}, {tint}: whites of one figure are told apart by their shades.'
                : 'Lightness {from} to {to}, {tint}: what is of nearly one colour on a figure is told apart by its edges.', $facts);
        }
        if ($this->isNeutral() && $isToNeighbour) {
            return $this->reasonOfNeutral($rung, $facts);
        }

        return new Finding(
            'ladder.'.($rung === Rung::Shade ? 'shade' : 'light'),
            self::degree($step).($step < 0 ? ' darker' : ' lighter')
                .', {direction}: lightness {from} to {to} of 100, hue turned by {turn}°.',
            $facts,
        );
    }

    /** How much lighter or darker, as painters say it; lightness of 100. */
    private static function degree(float $step): string
    {
        return match (true) {
            abs($step) < self::LITTLE => 'A little',
            abs($step) < self::MUCH => 'Clearly',
            default => 'Much',
        };
    }

    /** @param array<string, float|string> $facts */
    private static function reasonOfWhite(bool $isDarker, array $facts): Finding
    {
        return new Finding('ladder.white', $isDarker
            ? 'White is not built up everywhere: {step} darker than the white itself (lightness {from} to {to}), '
                .'so that edges stand out.'
            : 'The white itself, only where it stands out.', $facts);
    }

    /** @param array<string, float|string> $facts */
    private function reasonOfNeutral(Rung $rung, array $facts): Finding
    {
        $facts['direction'] = match (true) {
            $this->intended->lightness <= 0.6 => 'kept as neutral as it is',
            $this->leans() => 'leaning as the colour itself does',
            default => 'tinted cool, so that it reads as shadow and not as dirt',
        };

        return new Finding('ladder.neutral', $rung === Rung::Shade
            ? 'Lightness {from} to {to}, {direction}.'
            : 'Lightness {from} to {to} with the same tint: a stronger one would read as a colour.', $facts);
    }

    private function shade(): Oklch
    {
        $lightness = $this->noDarkerThan($this->intended->lightness * (1 - (1 - self::SHADE_KEEPS) * $this->wish->contrast()));
        $dark = $this->wish->shade->colour($this->intended);
        if ($dark !== null) {
            return self::between($this->intended, $dark, $lightness)->onScreen();
        }
        if ($this->isWhite() && $this->wish->edge !== null) {
            return (new Oklch($lightness, self::EDGE_SHARE * Tint::READS_AS_COLOUR, $this->wish->edge->hue()))->onScreen();
        }
        if ($this->isNeutral()) {
            return $this->intended->lightness > 0.6
                ? (new Oklch($lightness, 0.018, $this->leans() ? $this->intended->hue : 240.0))->onScreen()
                : (new Oklch($lightness, $this->intended->chroma, $this->intended->hue))->onScreen();
        }
        [, , , , , , , $toward, $most] = $this->family;

        return (new Oklch(
            $lightness,
            $this->intended->chroma * 0.85,
            $this->intended->hue + self::limited($this->intended->hueTurnTo($toward), $most),
        ))->onScreen();
    }

    /** Rungs stop at the darkest that still reads, or at the intended colour where that is darker. */
    private function noDarkerThan(float $lightness): float
    {
        return max($lightness, min(self::LEAST_LIGHT, $this->intended->lightness));
    }

    /** Whether a white or grey leans to a side that its shade can follow. */
    private function leans(): bool
    {
        return $this->intended->chroma >= self::LEANS_FROM;
    }

    private function isNeutral(): bool
    {
        return $this->intended->chroma < self::NEUTRAL_CHROMA;
    }

    /** Where the straight way in OKLab from one colour to another passes this lightness; its end where it does not. */
    private static function between(Oklch $from, Oklch $to, float $lightness): Oklch
    {
        $way = abs($to->lightness - $from->lightness) < 0.01 ? 1.0 : max(
            0.0,
            min(1.0, ($lightness - $from->lightness) / ($to->lightness - $from->lightness)),
        );
        $point = static fn (Oklch $c): array => [$c->chroma * cos(deg2rad($c->hue)), $c->chroma * sin(deg2rad($c->hue))];
        [$a0, $b0] = $point($from);
        [$a1, $b1] = $point($to);
        $a = $a0 + ($a1 - $a0) * $way;
        $b = $b0 + ($b1 - $b0) * $way;

        return new Oklch($lightness, hypot($a, $b), fmod(rad2deg(atan2($b, $a)) + 360.0, 360.0));
    }

    private function lightWords(): string
    {
        return match (true) {
            $this->whiteTurnsPink() && !$this->wish->insist => 'toward pale flesh, since the white you asked for would turn it pink',
            $this->whiteTurnsPink() => 'toward white, as you insist, although it turns pink',
            $this->light === LightToward::Neighbour => $this->family[6],
            default => 'toward '.$this->light->words().', as you like it',
        };
    }

    private function shadeWords(): string
    {
        return $this->wish->shade === ShadeToward::Neighbour ? $this->family[9] : 'toward '.$this->wish->shade->words().', as you like it';
    }

    private static function limited(float $turn, float $most): float
    {
        return max(-$most, min($most, $turn));
    }
}
