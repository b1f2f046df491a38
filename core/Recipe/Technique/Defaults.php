<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Technique;

use Kalokroma\Colour\Lab;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/**
 * The usual figures of the craft that a recipe starts from, each with its unit. The painter's own record replaces
 * them in time; nothing else in the core repeats them.
 */
final class Defaults
{
    /** Of what an unwashed brush lays, so much is still the tone before: a starting value of our own. */
    public const UNWASHED_SHARE = 0.25;

    /** One drop from a dropper bottle, ml (0.03–0.05). */
    public const DROP_ML = 0.04;

    /** One thin coat of thinned mix as applied, µl per cm² (3–4). */
    public const FILM_UL_PER_CM2 = 3.5;

    /** What stays on palette and brush for each mix and sitting: the greater of this share of what is applied … */
    public const WASTE_SHARE = 0.5;

    /** … and this many drops. */
    public const WASTE_DROPS = 2;

    /** Loading, mixing and washing the brush, minutes per mix and sitting, however many figures it goes on. */
    public const LOADING_MINUTES = 2.0;

    /** A black area starts on a black ground where both lie below this L* … */
    public const BLACK_BELOW = 24.0;

    /** … and within this of each other, CIEDE2000. */
    public const BLACK_WITHIN = 6.0;

    /** Setting up and cleaning the airbrush, minutes. */
    public const AIRBRUSH_MINUTES = 12.0;

    /** Shaking and clearing a spray can, laying out and clearing up, minutes. */
    public const CAN_MINUTES = 4.0;

    /** Spraying one pass by can or airbrush, minutes per cm²: our own starting value. */
    public const SPRAY_MINUTES_PER_CM2 = 0.02;

    /** Taking up, turning and setting down a figure that is sprayed, minutes. */
    public const SPRAY_HANDLING_MINUTES = 0.4;

    /** Brushing a primer on, minutes per cm². */
    public const BRUSHED_PRIMER_MINUTES_PER_CM2 = 1.0;

    /** Every coat of a basecoat after the first, minutes per cm². */
    public const FURTHER_COAT_MINUTES_PER_CM2 = 0.7;

    /**
     * Thinning by use, paint : thinner, with its range and its reason.
     *
     * @var array<string, array{ratio: string, range: string, with: Thinner, why: string}>
     */
    public const THINNING = [
        'basecoat' => ['ratio' => '2:1', 'range' => '3:1 – 1:1', 'with' => Thinner::Water,
            'why' => 'like milk, so that it levels before it dries'],
        'weak' => [
            'ratio' => '1:1',
            'range' => '2:1 – 1:2',
            'with' => Thinner::Water,
            'why' => 'light and weak colours go chalky when thick: more coats, thinner ones',
        ],
        'metallic' => [
            'ratio' => '4:1',
            'range' => '6:1 – 3:1',
            'with' => Thinner::Water,
            'why' => 'flakes separate when a metallic is thinned further',
        ],
        'layer' => ['ratio' => '1:1', 'range' => '2:1 – 1:2', 'with' => Thinner::Water, 'why' => 'thin enough to leave no edge'],
        'wash' => ['ratio' => '1:0', 'range' => 'straight – 1:2', 'with' => Thinner::Medium, 'why' => 'a wash comes ready to run'],
        'stain' => [
            'ratio' => '1:1',
            'range' => 'straight – 1:3',
            'with' => Thinner::Medium,
            'why' => 'medium keeps the pigment spread, water would leave tide marks',
        ],
        'recess-shade' => [
            'ratio' => '1:4',
            'range' => '1:3 – 1:6',
            'with' => Thinner::Medium,
            'why' => 'ordinary paint runs like a wash only when it is thinned this far, with medium',
        ],
        'drybrush' => ['ratio' => '1:0', 'range' => 'unthinned', 'with' => Thinner::Water, 'why' => 'a wet brush would fill the recesses'],
        'lining' => [
            'ratio' => '1:1',
            'range' => '1:1 – 1:2',
            'with' => Thinner::Water,
            'why' => 'a line has to flow off the tip without spreading',
        ],
        'glaze' => [
            'ratio' => '1:8',
            'range' => '1:4 – 1:12',
            'with' => Thinner::Medium,
            'why' => 'medium keeps the pigment spread in so thin a mix, water would leave tide marks',
        ],
        'filter' => ['ratio' => '1:12', 'range' => '1:8 – 1:12', 'with' => Thinner::Medium, 'why' => 'it should tint, not be seen'],
        'airbrush' => [
            'ratio' => '1:1',
            'range' => '2:1 – 1:2',
            'with' => Thinner::Thinner,
            'why' => 'thicker it spatters, thinner it runs',
        ],
        'solvent' => [
            'ratio' => '3:2',
            'range' => '1:1 – 2:1',
            'with' => Thinner::Solvent,
            'why' => 'its own solvent carries it into the lines',
        ],
        'primer-airbrush' => [
            'ratio' => '4:1',
            'range' => 'a few drops of thinner',
            'with' => Thinner::Thinner,
            'why' => 'a few drops of thinner first keep the needle clear',
        ],
        'primer-brush' => [
            'ratio' => '4:1',
            'range' => '6:1 – 3:1',
            'with' => Thinner::Water,
            'why' => 'a little water helps a brushed primer level',
        ],
    ];

    /** Lightness (L*) from which a colour counts as light, and chroma (C*ab) from which, above lightness 70, as weak. */
    public const LIGHT_FROM = 88.0;
    public const WEAK_CHROMA_FROM = 50.0;
    public const WEAK_LIGHTNESS_FROM = 70.0;

    /** A drybrush is repeated until this share of the ridge has caught paint. */
    public const DRYBRUSHED_SHARE = 0.8;

    /** A stepping-stone coat is proposed from this many coats on, where it saves at least one. */
    public const MANY_COATS = 4;

    /** A stroke is strong enough, and a basecoat that a wash or a layer covers, within this of full hide (CIEDE2000). */
    public const ENOUGH_WITHIN = 4.0;

    /** A transparent paint further than this (CIEDE2000) from the wanted colour over its ground is not taken as the stain … */
    public const STAIN_WITHIN = 11.0;

    /** … nor one further than this where no layer polishes the planes afterwards. */
    public const STAIN_ALONE_WITHIN = 8.0;

    /** Lightness (L*) below which a ground swallows stains, inks and glazes. */
    public const DARK_GROUND = 55.0;

    /** A metallic further than this (CIEDE2000) from the wanted colour is not taken for it. */
    public const METAL_WITHIN = 15.0;

    /** A highlight or shade rung further than this (CIEDE2000) from what the shelf can mix is said to be missing. */
    public const RUNG_MISSING_FROM = 8.0;

    /** Whether a colour is light or weak, so that it goes on in more and thinner coats. */
    public static function isWeak(Lab $colour): bool
    {
        return $colour->l >= self::LIGHT_FROM || ($colour->l >= self::WEAK_LIGHTNESS_FROM && $colour->chroma() >= self::WEAK_CHROMA_FROM);
    }

    /**
     * The usual range for a use as shares of paint.
     *
     * @return array{float, float} least and most, 0..1
     */
    public static function loads(string $use): array
    {
        $range = str_replace(['straight', 'unthinned'], '1:0', self::THINNING[$use]['range']);
        preg_match_all('/\d+:\d+/', $range, $found);
        $loads = array_map(static fn (string $ratio): float => Thinning::fromRatio($ratio)->load(), $found[0]);

        return $loads === [] ? [0.0, 1.0] : [min($loads), max($loads)];
    }

    /** Why a wash is made weaker or stronger than it usually is. */
    private const AS_STRONG_AS_NEEDED = 'strong enough for the recess, with as little as possible lost on the planes';

    /** Why it is thinned so for this use; with another ratio of its range where that one was computed. */
    public static function thinningReason(string $use, ?string $ratio = null, ?string $why = null): Finding
    {
        $row = self::THINNING[$use];
        if ($ratio !== null) {
            $strong = $use === 'wash' || $use === 'stain' ? self::AS_STRONG_AS_NEEDED : $row['why'];
            $row = [...$row, 'ratio' => $ratio, 'why' => $why ?? $strong];
        }

        return new Finding(
            'thinning.'.$use,
            Thinning::fromRatio($row['ratio'])->isUndiluted()
                ? 'Not thinned: {why}.'
                : 'Thinned {ratio} with {with} (usual {range}): {why}.',
            ['ratio' => $row['ratio'], 'with' => $row['with']->value, 'range' => $row['range'], 'why' => $row['why'], 'use' => $use],
            Reason::Thinning,
        );
    }
}
