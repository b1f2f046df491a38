<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Colour\Oklch;

/**
 * The shade and highlight colours that go with an intended colour, computed in OKLCh.
 *
 * Lightness goes down or up by a rung; hue turns a little toward the direction of its family; chroma changes by the
 * family's factor. Every rung is brought onto the screen with hue and lightness kept.
 */
final readonly class Ladder
{
    private const NEUTRAL_CHROMA = 0.025;
    private const LEANS_FROM = 0.008;
    private const MOST_LIGHT = 0.975;
    private const LEAST_LIGHT = 0.12;

    /** Change of OKLCh lightness of each rung; "shade" is a share of the lightness that is kept. */
    private const SHADE_KEEPS = 0.62;
    private const UP = ['base' => -0.04, 'layer' => 0.0, 'drybrush' => 0.09, 'highlight' => 0.17];

    /** Shares of the room that is left up to white which a rung may use: keeps light colours from all ending in white. */
    private const MOST_OF_ROOM = ['drybrush' => 0.45, 'highlight' => 0.75];

    /** Rows: hue from, to (°), family, highlights toward hue (°), by at most (°), chroma factor, reason; shade toward hue, by at most, reason. */
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

    public function __construct(public Oklch $intended)
    {
        $found = self::FAMILIES[0];
        foreach (self::FAMILIES as $row) {
            if ($intended->hue >= $row[0] && $intended->hue < $row[1]) {
                $found = $row;
            }
        }
        $this->family = $found;
    }

    /** @param string $rung base, layer, drybrush, highlight or shade */
    public function rung(string $rung): Oklch
    {
        if ($rung === 'shade') {
            return $this->shade();
        }
        $lift = self::UP[$rung];
        if ($lift <= 0.0) {
            return (new Oklch($this->noDarkerThan($this->intended->lightness + $lift), $this->intended->chroma, $this->intended->hue))->onScreen();
        }
        $room = max(0.0, self::MOST_LIGHT - $this->intended->lightness);
        $lightness = $this->intended->lightness + min($lift, $room * self::MOST_OF_ROOM[$rung]);
        $way = $lift / self::UP['highlight'];
        if ($this->isNeutral()) {
            return (new Oklch($lightness, $this->intended->chroma, $this->intended->hue))->onScreen();
        }
        [, , , $toward, $most, $factor] = $this->family;

        return (new Oklch(
            $lightness,
            $this->intended->chroma * (1 + ($factor - 1) * $way),
            $this->intended->hue + self::limited($this->intended->hueTurnTo($toward), $most) * $way,
        ))->onScreen();
    }

    /** Why a rung is where it is, from the numbers it was computed with. */
    public function reason(string $rung): Finding
    {
        $to = $this->rung($rung);
        $step = 100 * ($to->lightness - $this->intended->lightness);
        $facts = [
            'step' => abs($step),
            'turn' => abs($this->intended->hueTurnTo($to->hue)),
            'from' => 100 * $this->intended->lightness,
            'to' => 100 * $to->lightness,
            'direction' => $rung === 'shade' ? $this->family[9] : $this->family[6],
        ];
        if ($rung === 'layer' || ($rung === 'base' && $step === 0.0)) {
            return new Finding('ladder.intended', 'This is the intended colour itself, lightness {to} of 100.', $facts);
        }
        if ($rung === 'base') {
            return new Finding('ladder.base', 'A middle tone {step} darker than intended (lightness {from} to {to}) leaves the layer room to lighten.', $facts);
        }
        if ($this->isNeutral()) {
            $facts['direction'] = match (true) {
                $this->intended->lightness <= 0.6 => 'kept as neutral as it is',
                $this->leans() => 'leaning as the colour itself does',
                default => 'tinted cool, so that it reads as shadow and not as dirt',
            };

            return new Finding('ladder.neutral', $rung === 'shade'
                ? 'Lightness {from} to {to}, {direction}.'
                : 'Lightness {from} to {to} with the same tint: a stronger one would read as a colour.', $facts);
        }

        return new Finding(
            'ladder.'.($rung === 'shade' ? 'shade' : 'light'),
            $step < 0 ? '{step} darker (lightness {from} to {to}), hue turned {turn}° {direction}.' : '{step} lighter (lightness {from} to {to}), hue turned {turn}° {direction}.',
            $facts,
        );
    }

    private function shade(): Oklch
    {
        $lightness = $this->noDarkerThan($this->intended->lightness * self::SHADE_KEEPS);
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

    private static function limited(float $turn, float $most): float
    {
        return max(-$most, min($most, $turn));
    }
}
