<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Figure\Material;
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
        'ink' => ['1:1', '1:2', '1:3'],
    ];

    /** What a CIEDE2000 on the plane weighs against one in the recess: where a layer brings the plane back, and where it stays. */
    public const PLANE_COVERED = 0.25;
    public const PLANE_STAYS = 1.0;

    /** The same on flakes, which nothing brings back. */
    public const PLANE_OF_METAL = 2.0;

    /** Of the depth that is wanted a wash brings at least this share, and darkens by so much (L*) that it is seen; on metal less does. */
    private const DEEPER = 0.25;
    private const SEEN = 4.0;
    private const SEEN_ON_METAL = 1.0;

    /** Paler than this (L*) it tints and does not shade. */
    private const PALE = 76.0;

    /** Below so much chroma a wash is black or grey; from so much on a metal is golden; brown and blue lie between these hues (CIELAB). */
    private const GREY = 12.0;
    private const GOLDEN_FROM = 18.0;
    private const BROWN = [20.0, 88.0];
    private const BLUE = [200.0, 310.0];

    /** More vivid (CIELAB chroma) than this an ink colours metal instead of shading it. */
    private const MUTED = 46.0;

    /** What a wash that stays may move the planes by (CIEDE2000), and what each one more weighs. */
    private const MOST_MOVED = 4.0;

    /** An ink that would move them further than this even thinned is no wash. */
    private const FAR_TOO_STRONG = 8.0;
    private const TOO_STRONG = 4.0;

    /** A black that only goes with a colour has to come nearer by this (CIEDE2000) than a shade of its own family. */
    private const NOT_KIN = 8.0;

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
    public static function covered(
        Palette $palette,
        Lab $wanted,
        Lab $plane,
        Surface $below,
        Technique $technique,
        ?Material $material = null,
    ): ?self {
        return self::best($palette, $wanted, $below, $technique, [self::PLANE_COVERED, $plane], $material);
    }

    /**
     * The best where the wash stays on the planes as it is.
     *
     * @param Lab $wanted the shade in the recess
     * @param Lab $plane what the plane should look like in the end
     *
     * @return self|null null where nothing transparent is in stock
     */
    public static function staying(
        Palette $palette,
        Lab $wanted,
        Lab $plane,
        Surface $below,
        Technique $technique,
        ?Material $material = null,
    ): ?self {
        return self::best($palette, $wanted, $below, $technique, [self::PLANE_STAYS, $plane], $material);
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
    private static function best(
        Palette $palette,
        Lab $wanted,
        Surface $below,
        Technique $technique,
        array $plane,
        ?Material $material = null,
    ): ?self {
        $best = null;
        $paints = $palette->atHand(Behaviour::Wash, Behaviour::Stain, Behaviour::Ink);
        [$weight, $intended] = $plane;
        $isMetal = $weight === self::PLANE_OF_METAL;
        foreach ($paints as $paint) {
            $its = self::called($paint);
            $suits = $isMetal ? self::shadesMetal($its, $intended) : ShadeFamily::suits($its, $intended, $material);
            if ($its->l > self::PALE || !$suits) {
                continue;
            }
            $further = $isMetal || ShadeFamily::isKin($its, $intended) ? 0.0 : self::NOT_KIN;
            foreach (self::STRENGTHS[self::kind($paint)] as $ratio) {
                $thinning = Thinning::fromRatio($ratio);
                $look = $technique->application($paint->behaviour)->pass($paint->pigment(), $thinning->load(), $below);
                $isTooStrong = $paint->behaviour === Behaviour::Ink && $technique === Technique::WashAllOver
                    && $weight === self::PLANE_STAYS
                    && Ciede2000::difference($look->plane->toLab(), $below->plane->toLab()) > self::FAR_TOO_STRONG;
                if ($isTooStrong || !self::isDeep($look, $below, $wanted, $isMetal)) {
                    continue;
                }
                $use = $paint->behaviour === Behaviour::Wash ? 'wash' : 'stain';
                $apart = Ciede2000::difference($look->recess->toLab(), $wanted);
                $usual = $ratio === Defaults::THINNING[$use]['ratio'] ? 0.0 : self::NEAR;
                $score = $apart + $weight * Ciede2000::difference($look->plane->toLab(), $intended) + $usual + $further
                    + ($weight === self::PLANE_STAYS ? self::tooStrong($look, $below) : 0.0);
                if ($best === null || $score < $best->score - 1e-9) {
                    $dulled = $below->plane->toLab()->l - $look->plane->toLab()->l;
                    $best = new self(Mix::single($paint), $thinning, $use, $apart, $dulled, count($paints), $score);
                }
            }
        }

        return $best;
    }

    private static function kind(Paint $paint): string
    {
        return match ($paint->behaviour) {
            Behaviour::Wash => 'wash',
            Behaviour::Ink => 'ink',
            default => 'stain',
        };
    }

    /** Whether the recess comes down as far as a shade has to. */
    private static function isDeep(Surface $look, Surface $below, Lab $wanted, bool $isMetal): bool
    {
        $from = $below->recess->toLab()->l;
        $deeper = $from - $look->recess->toLab()->l;

        return $deeper >= self::DEEPER * ($from - $wanted->l) && $deeper >= ($isMetal ? self::SEEN_ON_METAL : self::SEEN);
    }

    /** What weighs against a wash that stays and moves the planes too far. */
    private static function tooStrong(Surface $look, Surface $below): float
    {
        $moved = Ciede2000::difference($look->plane->toLab(), $below->plane->toLab());

        return self::TOO_STRONG * max(0.0, $moved - self::MOST_MOVED);
    }

    /** What a wash is called by is its bottle: one coat over white says little of its hue. */
    private static function called(Paint $paint): Lab
    {
        return $paint->behaviour === Behaviour::Wash
            ? UsualWash::inTheBottle($paint->pigment()->overWhite())->toLab() : Mix::single($paint)->lab();
    }

    /** Gold, brass, bronze and copper are shaded with brown, flesh and sepia; steel and iron with black, brown-black, grey and blue. */
    private static function shadesMetal(Lab $wash, Lab $intended): bool
    {
        $isMuted = $wash->chroma() <= self::MUTED;
        $isBrown = $isMuted && $wash->hue() >= self::BROWN[0] && $wash->hue() <= self::BROWN[1];
        if ($intended->chroma() >= self::GOLDEN_FROM) {
            return $isBrown && $wash->chroma() >= self::GREY;
        }

        return $wash->chroma() < self::GREY || $isBrown
            || ($isMuted && $wash->hue() >= self::BLUE[0] && $wash->hue() <= self::BLUE[1]);
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
