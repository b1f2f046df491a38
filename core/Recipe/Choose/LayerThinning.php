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
use Kalokroma\Word\Reason;

/** A layer that stays too weak at the usual ratio is thinned as little as layers may be. */
final readonly class LayerThinning
{
    /** The thickest a layer may be. */
    private const THICK = '2:1';

    /** Less thinner has to bring it nearer by this (CIEDE2000) to be worth a rougher stroke. */
    private const GAINS = 1.0;

    private function __construct(public string $ratio, public Finding $reason)
    {
    }

    /**
     * @param int $most passes of the technique
     *
     * @return self|null null where so many at the usual ratio are strong enough, or thicker ones are hardly stronger
     */
    public static function of(Mix $mix, Surface $below, Face $face, int $most): ?self
    {
        $after = static fn (string $ratio): Hiding => Hiding::of(
            $mix->pigment(),
            Thinning::fromRatio($ratio)->load(),
            $below->face($face),
            Defaults::ENOUGH_WITHIN,
            $most,
        );
        $usual = Defaults::THINNING['layer']['ratio'];
        $thin = $after($usual);
        $thick = $after(self::THICK);
        [$left, $then] = [$thin->difference[count($thin->difference) - 1], $thick->difference[count($thick->difference) - 1]];

        return $thin->coats !== null || $left - $then < self::GAINS ? null : new self(self::THICK, new Finding(
            'thin.hides',
            'Thinned {usual}, {most, plural, one {one pass leaves} other {# passes leave}} the {face} {left} from the paint\'s own colour; '
                .'thinned {ratio} only {then}.',
            ['usual' => $usual, 'most' => $most, 'face' => $face->value, 'left' => $left, 'ratio' => self::THICK, 'then' => $then],
            Reason::Mix,
        ));
    }
}
