<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Http\Shared\StepView;
use App\Models\PaintRow;
use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\ColourSource;
use Kalokroma\Film\Drying;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\MetalLook;
use Kalokroma\Film\Sheen;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Tone;

/** What the film model says of one paint: its looks, its coats over three grounds, its nearest relatives, its swatch. */
final class PaintLookView
{
    private const MOST_COATS = 6;
    private const RELATIVES = 5;

    /** @return array<string, mixed> */
    public static function of(PaintRow $paint, ShelfRows $shelf, ?string $thin = null, int $usedIn = 0): array
    {
        $core = ShelfRows::toCore($paint);
        $thinning = $thin === null ? Thinning::undiluted() : Thinning::fromRatio($thin);

        return [
            'paint' => PaintView::of($paint, $usedIn),
            'certainty' => round(Mix::single($core)->certainty(), 1),
            'source' => $core->source->words(),
            'thin' => $thinning->ratio(),
            'looks' => $core->colour === null ? null : self::looks($core, $core->colour),
            'staircases' => $core->colour === null || !$paint->behaviour->colours() ? [] : array_map(
                static fn (Tone $tone): array => self::staircase($core, $tone, $thinning),
                Tone::usual(),
            ),
            'relatives' => $core->colour === null ? [] : self::relatives($core, $core->colour, $shelf),
            'measured_certainty' => ColourSource::Calibrated->single(),
            'can_be_read' => $paint->behaviour->canBeRead(),
            'swatch' => SwatchView::of($paint),
        ];
    }

    /** @return array<string, mixed> */
    public static function looks(Paint $paint, Reflectance $dry): array
    {
        $metal = $paint->behaviour === Behaviour::Metallic ? MetalLook::of($dry) : null;

        return [
            'dry' => $dry->toHex(),
            'wet' => $paint->wet($dry)->toHex(),
            'wet_apart' => round(Ciede2000::difference($dry->toLab(), $paint->wet($dry)->toLab()), 1),
            'drying' => $paint->behaviour->drying()->words(),
            'varnished' => self::varnished($dry, $paint->sheen),
            'metal' => $metal === null ? null : [
                'away' => $metal->away->toHex(),
                'base' => $metal->base->toHex(),
                'toward' => $metal->toward->toHex(),
            ],
            'wet_shows' => Drying::shows($dry, $paint->wet($dry)),
            'screen_short' => $dry->onScreen()->isSeen(),
            'off_screen' => round($dry->onScreen()->lost, 1),
        ];
    }

    /** @return list<array{sheen: string, hex: string, apart: float}> */
    public static function varnished(Reflectance $dry, Sheen $own): array
    {
        return array_map(static function (Sheen $varnish) use ($dry, $own): array {
            $look = $own->varnished($dry, $varnish);

            return [
                'sheen' => $varnish->value,
                'hex' => $look->toHex(),
                'apart' => round(Ciede2000::difference($dry->toLab(), $look->toLab()), 1),
            ];
        }, Sheen::cases());
    }

    /** @return array<string, mixed> */
    private static function staircase(Paint $paint, Tone $tone, Thinning $thinning): array
    {
        $mix = Mix::single($paint);
        $ground = $tone->assumed();
        $hiding = Hiding::of($paint->pigment(), $thinning->load(), $ground);
        $laid = $mix->coatsOver($ground, $thinning, self::MOST_COATS);

        return [
            'ground' => $tone->words(),
            'hex' => $ground->toHex(),
            'coats' => $hiding->coats,
            'between' => $mix->coatsBetween($ground, $thinning->load())->words(),
            'after' => array_map(static fn (array $c): string => $c['look']->toHex(), $laid),
            'certainties' => StepView::certainties($laid),
        ];
    }

    /** @return list<array<string, mixed>> of paints that are used alike, nearest first */
    private static function relatives(Paint $paint, Reflectance $colour, ShelfRows $shelf): array
    {
        $lab = $colour->toLab();
        $found = [];
        foreach ($shelf->paints() as $other) {
            if ($other->id !== $paint->id && $other->colour !== null && $other->behaviour->standsInFor($paint->behaviour)) {
                $found[] = [
                    'id' => (int) $other->id,
                    'name' => $other->name,
                    'behaviour' => $other->behaviour->value,
                    'hex' => $other->colour->toHex(),
                    'difference' => round(Ciede2000::difference($lab, $other->colour->toLab()), 1),
                    'lightness' => round($other->colour->toLab()->l - $lab->l, 1),
                    'at_hand' => $other->isAtHand(),
                ];
            }
        }
        usort($found, static fn (array $a, array $b): int => [$a['difference'], $a['name']] <=> [$b['difference'], $b['name']]);

        return array_slice($found, 0, self::RELATIVES);
    }
}
