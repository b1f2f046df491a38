<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Bands;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Application;
use Kalokroma\Film\Face;
use Kalokroma\Film\Pigment;

/**
 * One coat over white of a wash, stain or ink of which nothing is known but words. Who says "brown wash" means a thin dark paint of the
 * usual strength, whatever brown it is: one neat coat darkens a middle tone of its own family by so much on the plane. A stain is called
 * by what the bottle looks like and dries far lighter over white; an ink is about twice a stain. The numbers are those painters go by.
 */
final class UsualWash
{
    /** By how much one neat coat darkens the plane of a middle tone (L*), a brown; 3 to 7 are usual. */
    private const PLANE = 6.6;

    /** A black wash is about a third stronger, a coloured one a fifth weaker. */
    private const BLACK = 1.33;
    private const COLOURED = 0.8;

    /** A middle tone (L*). */
    private const MIDDLE = 54.0;

    /** What is seen of a stain in its bottle is about so many coats over white. */
    private const STAIN_COATS = 2.0;

    /** Below this chroma (OKLCh) a wash is black or grey. */
    private const GREY = 0.02;

    /** Browns: hues from red to yellow (OKLCh, degrees) that are dull. */
    private const BROWN = ['from' => 25.0, 'to' => 100.0, 'duller' => 0.1];

    /** A bottle is drawn as so many coats over white, or fewer where they would be darker than this (L*). */
    private const BOTTLE_COATS = 6.0;
    private const BOTTLE_L = 42.0;

    /** Halvings of the thickness that is searched. */
    private const HALVINGS = 24;

    public static function overWhite(Behaviour $behaviour, Reflectance $called): Reflectance
    {
        return match ($behaviour) {
            Behaviour::Wash => self::wash($called),
            Behaviour::Stain => self::thin($called, 1 / self::STAIN_COATS),
            default => $called,
        };
    }

    /** By how much one neat coat of a wash with this colour over white darkens the plane of a middle tone of its family (L*). */
    public static function darkening(Reflectance $overWhite): float
    {
        return self::darkens($overWhite, self::middle($overWhite));
    }

    /** By how much a usual wash of this family does (L*). */
    public static function usual(Reflectance $called): float
    {
        return self::PLANE * self::strength($called);
    }

    /**
     * What such a wash looks like in its bottle, by which painters know it: a few coats over white, not darker than a middle brown so that
     * the hue is seen.
     */
    public static function inTheBottle(Reflectance $overWhite): Reflectance
    {
        $pigment = Pigment::transparent($overWhite);
        $white = Reflectance::of(array_fill(0, Bands::COUNT, 1.0));
        [$thin, $thick] = [1.0, self::BOTTLE_COATS];
        for ($i = 0; $i < self::HALVINGS && $pigment->over($white, $thick)->toLab()->l < self::BOTTLE_L; ++$i) {
            $middle = ($thin + $thick) / 2;
            [$thin, $thick] = $pigment->over($white, $middle)->toLab()->l < self::BOTTLE_L ? [$thin, $middle] : [$middle, $thick];
            if ($thick - $thin < 0.01) {
                break;
            }
        }

        return $pigment->over($white, $thick);
    }

    private static function wash(Reflectance $called): Reflectance
    {
        $ground = self::middle($called);
        $wanted = self::usual($called);
        [$thin, $thick] = [0.0, 1.0];
        for ($i = 0; $i < self::HALVINGS; ++$i) {
            $middle = ($thin + $thick) / 2;
            [$thin, $thick] = self::darkens(self::thin($called, $middle), $ground) < $wanted ? [$middle, $thick] : [$thin, $middle];
        }

        return self::thin($called, $thick);
    }

    private static function darkens(Reflectance $overWhite, Reflectance $ground): float
    {
        $after = Application::Wash->coatsOn(
            Face::Plane,
            Pigment::transparent($overWhite),
            1.0,
            1,
            $ground,
            Application::Wash->coverage(),
        );

        return $ground->toLab()->l - $after->toLab()->l;
    }

    private static function thin(Reflectance $called, float $coats): Reflectance
    {
        return Pigment::transparent($called)->over(Reflectance::of(array_fill(0, Bands::COUNT, 1.0)), $coats);
    }

    /** A middle tone of the same hue. */
    private static function middle(Reflectance $called): Reflectance
    {
        $lab = $called->toLab();

        return Reflectance::fromSrgb(Srgb::fromXyz((new Lab(self::MIDDLE, $lab->a, $lab->b))->toXyz())->clipped());
    }

    private static function strength(Reflectance $called): float
    {
        $colour = Oklch::fromLab($called->toLab());
        $isBrown = $colour->hue >= self::BROWN['from'] && $colour->hue <= self::BROWN['to'] && $colour->chroma <= self::BROWN['duller'];

        return match (true) {
            $colour->chroma < self::GREY => self::BLACK,
            $isBrown => 1.0,
            default => self::COLOURED,
        };
    }
}
