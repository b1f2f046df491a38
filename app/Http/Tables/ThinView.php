<?php

declare(strict_types=1);

namespace App\Http\Tables;

use App\Http\Shared\StepView;
use App\Http\Shelf\PaintLookView;
use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Drying;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\ParsedThinning;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Predict\Amount;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Mix;

/** The table Mix and thin: what a pot becomes, wet and dry, and how many drops it takes. */
final class ThinView
{
    /** Coats that are shown one after the other. */
    private const COATS_SHOWN = 3;

    /** @return array<string, mixed> */
    public static function of(ShelfRows $shelf, ThinQuestion $question): array
    {
        $mix = $question->mix($shelf);
        $said = $question->thinning($shelf);
        $dry = $mix->colour();
        $wet = $mix->wet();
        $over = Srgb::fromHex($question->over());

        return [
            'mix' => StepView::mix($mix),
            'mix_words' => $mix->words(),
            'thin' => [
                'words' => $said->words,
                'with' => $said->with?->value,
                'paint_percent' => $said->thinning === null ? null : $said->thinning->percent(),
            ],
            'dry' => $dry->toHex(),
            'wet' => $wet->toHex(),
            'wet_apart' => round(Ciede2000::difference($wet->toLab(), $dry->toLab()), 1),
            'wet_shows' => Drying::shows($dry, $wet),
            'wet_lighter' => round($wet->toLab()->l - $dry->toLab()->l, 1),
            'over_white' => $mix->isTransparent(),
            'varnished' => PaintLookView::varnished($dry, $mix->first()->sheen),
            'certainty' => round($mix->certainty(), 1),
            'spread' => round($mix->spread(), 1),
            'own' => round($mix->own(), 1),
            'off_screen' => round($dry->onScreen()->lost, 1),
            'film' => $said->thinning === null ? null : self::film($mix, $said->thinning, $over),
            'amount' => self::amount($mix, $said, $question),
        ];
    }

    /** @return array<string, mixed> */
    private static function film(Mix $mix, Thinning $thinning, Srgb $over): array
    {
        $ground = Reflectance::fromSrgb($over);
        $hiding = Hiding::of($mix->pigment(), $thinning->load(), $ground);
        $laid = $mix->coatsOver($ground, $thinning, self::COATS_SHOWN);

        return [
            'over' => $over->toHex(),
            'coats' => $hiding->coats,
            'between' => $mix->coatsBetween($ground, $thinning->load())->words(),
            'after' => array_map(static fn (array $c): string => $c['look']->toHex(), $laid),
            'certainties' => StepView::certainties($laid),
        ];
    }

    /** @return array<string, mixed>|null null where the thinner is unknown: then nothing can be counted */
    private static function amount(Mix $mix, ParsedThinning $said, ThinQuestion $question): ?array
    {
        if ($said->thinning === null) {
            return null;
        }
        $figures = $question->integer('figures', 1);
        $applied = Amount::appliedUl((float) (string) $question->string('cm2', '4'), $question->integer('coats', 1));
        $amount = Amount::of($mix, $said->thinning, $applied, $figures);

        return [
            'drops' => $amount->drops,
            'thinner_drops' => $amount->thinnerDrops,
            'figures' => $amount->figures,
            'ml' => round($amount->batchMl(), 2),
            'applied_ml' => round(Amount::ml($applied, $figures), 2),
            'drop_ml' => Defaults::DROP_ML,
        ];
    }
}
