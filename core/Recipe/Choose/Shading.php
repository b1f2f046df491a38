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
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\UsualWash;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/**
 * Which wash, stain or ink, and how strong: the one that brings the recess to the wanted shade without dulling the planes
 * more than it must. Every paint is tried at every usual strength over the coats below.
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

    /** The same on flakes, which nothing brings back. */
    public const PLANE_OF_METAL = 2.0;

    /** Of the depth that is wanted a wash brings at least this share, and darkens by so much (L*) that it is seen. */
    private const DEEPER = 0.25;
    private const SEEN = 1.0;

    /** Paler than this (L*) it tints and does not shade. */
    private const PALE = 76.0;

    /** Below so much chroma a wash is black or grey; brown lies between these hues; a family within so many degrees (CIELAB). */
    private const GREY = 12.0;
    private const GOLDEN_FROM = 18.0;

    /** From so much chroma on a colour leans to a side that its wash may lean to. */
    private const LEANS = 5.0;
    private const BROWN = [20.0, 88.0];
    private const FAMILY = 50.0;

    /** Skin, bone, leather, wood, reds and yellows turn grey and dirty under a black wash: hues from red to yellow (CIELAB, degrees). */
    private const WARM_FROM = 330.0;
    private const WARM_TO = 105.0;

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
     * @return self|null null where nothing transparent is in stock
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
     * @return self|null null where nothing transparent is in stock
     */
    public static function staying(Palette $palette, Lab $wanted, Lab $plane, Surface $below, Technique $technique): ?self
    {
        return self::best($palette, $wanted, $below, $technique, [self::PLANE_STAYS, $plane]);
    }

    /** The best over flakes. */
    public static function onMetal(Palette $palette, Lab $wanted, Lab $plane, Surface $below, Technique $technique): ?self
    {
        return self::best($palette, $wanted, $below, $technique, [self::PLANE_OF_METAL, $plane]);
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
            $its = self::called($paint);
            $isBlack = $its->chroma() < self::GREY;
            $dulls = $isBlack && $weight === self::PLANE_OF_METAL && self::isGolden($intended);
            if ($dulls || !self::shades($its, $wanted, $intended)) {
                continue;
            }
            $use = $paint->behaviour === Behaviour::Wash ? 'wash' : 'stain';
            $pigment = $mix->pigment();
            foreach (self::STRENGTHS[$use] as $ratio) {
                $thinning = Thinning::fromRatio($ratio);
                $look = $technique->application($paint->behaviour)->pass($pigment, $thinning->load(), $below);
                $deeper = $below->recess->toLab()->l - $look->recess->toLab()->l;
                if ($deeper < self::DEEPER * ($below->recess->toLab()->l - $wanted->l) || $deeper < self::SEEN) {
                    continue;
                }
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

    /** What a wash is called by is its bottle: one coat over white says little of its hue. */
    private static function called(Paint $paint): Lab
    {
        return $paint->behaviour === Behaviour::Wash
            ? UsualWash::inTheBottle($paint->pigment()->overWhite())->toLab() : Mix::single($paint)->lab();
    }

    /** Gold, brass, bronze and copper are shaded with brown. */
    private static function isGolden(Lab $intended): bool
    {
        return $intended->chroma() >= self::GOLDEN_FROM;
    }

    /**
     * Whether it is a shade of this colour: black or grey where that is not warm, brown, or of its own family or its shade's, and no pale
     * tint.
     *
     * @param Lab $wash as it is called
     */
    private static function shades(Lab $wash, Lab $wanted, Lab $intended): bool
    {
        $isBrown = $wash->hue() >= self::BROWN[0] && $wash->hue() <= self::BROWN[1];
        $isKin = min($wash->hueApart($intended), $wash->hueApart($wanted)) <= self::FAMILY && $intended->chroma() >= self::LEANS;

        $isBlack = $wash->chroma() < self::GREY;
        $isWarm = $intended->chroma() >= self::GREY && ($intended->hue() <= self::WARM_TO || $intended->hue() >= self::WARM_FROM);

        return $wash->l <= self::PALE && ($isBlack ? !$isWarm : $isBrown || $isKin);
    }

    public function reason(): Finding
    {
        return new Finding(
            'mix.wash',
            'Over the coats below, {wash}, {thin}, leaves the recess {apart} from the wanted shade and takes {dulled} '
                .'of lightness from the plane: '
                .'the best of {count} on your shelf at any strength.',
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
