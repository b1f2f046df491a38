<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Film\Face;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Finding;

/** A layer that would take many coats at the usual ratio is thinned as little as layers may be. */
final readonly class LayerThinning
{
    /** The thickest a layer may be. */
    private const THICK = '2:1';

    private function __construct(public string $ratio, public Finding $reason)
    {
    }

    /** @return self|null null where the usual ratio hides in few coats, or a thicker one saves none */
    public static function of(Mix $mix, Surface $below, Face $face): ?self
    {
        $coats = static fn (string $ratio): int => Hiding::of(
            $mix->pigment(),
            Thinning::fromRatio($ratio)->load(),
            $below->face($face),
        )->planned();
        $usual = Defaults::THINNING['layer']['ratio'];
        $thin = $coats($usual);
        $thick = $thin < Defaults::MANY_COATS ? $thin : $coats(self::THICK);

        return $thick >= $thin ? null : new self(self::THICK, new Finding(
            'thin.hides',
            'Thinned {usual} it would take {thin, plural, one {# coat} other {# coats}} on the {face}, thinned {ratio} it takes {thick}.',
            ['usual' => $usual, 'thin' => $thin, 'face' => $face->value, 'ratio' => self::THICK, 'thick' => $thick],
        ));
    }
}
