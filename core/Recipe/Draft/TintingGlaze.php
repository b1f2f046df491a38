<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Film\Application;
use Kalokroma\Film\Face;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\NamedThinner;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/** A glaze that tints or saturates, made of a transparent paint: inks, stains and washes keep the light that lies below. */
final readonly class TintingGlaze
{
    /** Thinnings tried: a transparent paint is thinned less than a covering one, since it hides nothing. */
    private const THINNINGS = ['2:1', '1:1'];

    private const WHY_THICK = 'a transparent paint hides nothing, so it is thinned less than a covering one';

    /** Not taken where it ends further than this (CIEDE2000) from the wanted colour, and no nearer than it began. */
    private const WITHIN = 15.0;

    /** Fewer layers count as equally near within this much (CIEDE2000). */
    private const NEAR = 0.4;

    private function __construct(private Mix $mix, private Thinning $thinning, private int $layers, private float $off, private int $count)
    {
    }

    /**
     * @param list<Paint> $usable transparent paints in stock
     * @param int $most layers
     */
    public static function nearest(array $usable, Surface $below, Face $face, Lab $target, int $most): ?self
    {
        $best = null;
        $ground = $below->face($face);
        $share = Application::Glaze->on($face);
        foreach ($usable as $paint) {
            if ($paint->colour === null) {
                continue;
            }
            $mix = Mix::single($paint);
            foreach (array_map(Thinning::fromRatio(...), self::THINNINGS) as $thinning) {
                $left = Ciede2000::difference($ground->toLab(), $target) - self::NEAR;
                $look = $ground;
                for ($layers = 1; $layers <= $most; ++$layers) {
                    $look = $mix->pigment()->over($look, $share * $thinning->load());
                    $off = Ciede2000::difference($look->toLab(), $target);
                    if ($off >= $left - self::NEAR / 4) {
                        break;
                    }
                    $left = $off;
                    if ($best === null || $off < $best->off - ($layers > $best->layers ? self::NEAR : 0.0)) {
                        $best = new self($mix, $thinning, $layers, $off, count($usable));
                    }
                }
            }
        }

        return $best !== null && $best->off <= self::WITHIN ? $best : null;
    }

    public function step(StepKey $key, StepWish $wish, Palette $palette): PlannedStep
    {
        $ratio = $this->thinning->ratio();
        $reason = new Finding(
            'mix.tint',
            '{paint}, {layers, plural, one {one layer} other {# layers}} thinned {ratio}, leaves it {off} from the wanted colour, the '
                .'nearest of {count} transparent paints on your shelf: it tints without covering the light below.',
            ['paint' => $this->mix->words(), 'layers' => $this->layers, 'ratio' => $ratio, 'off' => $this->off, 'count' => $this->count],
            Reason::Mix,
        );

        return new PlannedStep(
            $key,
            $wish->technique,
            $wish->target,
            NamedThinner::of(Load::usual($this->mix, 'stain', $ratio), $wish->technique, $palette),
            $wish->scope,
            new Handling($this->layers),
            array_values(array_filter([$wish->why, $reason, Defaults::thinningReason('stain', $ratio, self::WHY_THICK)])),
            $wish->stage,
        );
    }
}
