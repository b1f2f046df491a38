<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/**
 * Which wash, stain or ink, and how strong: the one that brings the recess to the wanted shade without dulling the planes
 * more than it must. Every paint is tried at every usual strength over what lies below.
 */
final readonly class Shading
{
    /** Strengths tried, by use: the usual ranges of washes and of stains. */
    public const STRENGTHS = [
        'wash' => ['1:0', '2:1', '1:1', '1:2'],
        'stain' => ['1:0', '2:1', '1:1'],
    ];

    /** What a CIEDE2000 on the plane weighs against one in the recess: where a layer brings the plane back, and where it stays. */
    public const PLANE_COVERED = 0.25;
    public const PLANE_STAYS = 1.0;

    /** A stronger or weaker wash that is nearer by less than this (CIEDE2000) gives way to the usual strength. */
    private const NEAR = 0.5;

    private function __construct(
        public Mix $mix,
        public Thinning $thinning,
        public string $use,
        public float $apart,
        public float $dulled,
        public int $count,
        private float $score,
    ) {
    }

    /**
     * The best where a layer brings the planes back.
     *
     * @param Lab $wanted the shade in the recess
     * @param Lab $plane what the plane should look like in the end
     *
     * @return self|null null where nothing transparent is at hand
     */
    public static function covered(Palette $palette, Lab $wanted, Lab $plane, Surface $below, Technique $technique): ?self
    {
        return self::best($palette, $wanted, $below, $technique, [self::PLANE_COVERED, $plane]);
    }

    /**
     * The best where the wash stays on the planes as it is.
     *
     * @param Lab $wanted the shade in the recess
     * @param Lab $plane what the plane should look like in the end
     *
     * @return self|null null where nothing transparent is at hand
     */
    public static function staying(Palette $palette, Lab $wanted, Lab $plane, Surface $below, Technique $technique): ?self
    {
        return self::best($palette, $wanted, $below, $technique, [self::PLANE_STAYS, $plane]);
    }

    /**
     * @param Lab $wanted the shade in the recess
     * @param array{float, Lab} $plane what a difference on the plane weighs, and what it should look like in the end
     */
    private static function best(Palette $palette, Lab $wanted, Surface $below, Technique $technique, array $plane): ?self
    {
        $best = null;
        $paints = $palette->atHand(Behaviour::Wash, Behaviour::Stain, Behaviour::Ink);
        [$weight, $intended] = $plane;
        foreach ($paints as $paint) {
            $mix = Mix::single($paint);
            $use = $paint->behaviour === Behaviour::Wash ? 'wash' : 'stain';
            $pigment = $mix->pigment();
            foreach (self::STRENGTHS[$use] as $ratio) {
                $thinning = Thinning::fromRatio($ratio);
                $look = $technique->application($paint->behaviour)->pass($pigment, $thinning->load(), $below);
                $apart = Ciede2000::difference($look->recess->toLab(), $wanted);
                $usual = $ratio === Defaults::THINNING[$use]['ratio'];
                $score = $apart + $weight * Ciede2000::difference($look->plane->toLab(), $intended) + ($usual ? 0.0 : self::NEAR);
                if ($best === null || $score < $best->score - 1e-9) {
                    $best = new self(
                        $mix,
                        $thinning,
                        $use,
                        $apart,
                        $below->plane->toLab()->l - $look->plane->toLab()->l,
                        count($paints),
                        $score,
                    );
                }
            }
        }

        return $best;
    }

    public function reason(): Finding
    {
        return new Finding(
            'mix.wash',
            'Over what lies below {wash}, {thin}, leaves the recess {apart} from the wanted shade and takes {dulled} '
                .'of lightness from the plane: '
                .'the best of {count} at hand at any strength.',
            [
            'wash' => $this->mix->words(),
            'thin' => $this->thinning->isUndiluted() ? 'straight' : 'thinned '.$this->thinning->ratio(),
            'apart' => $this->apart,
            'dulled' => max(0.0, $this->dulled),
            'count' => $this->count,
        ],
            Reason::Mix,
        );
    }
}
