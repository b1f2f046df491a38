<?php

declare(strict_types=1);

namespace App\Http\Tables;

use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Predict\Glazing;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Selection;
use Kalokroma\Shelf\ShelfProblem;

/** The table Glaze: from this colour to that one, with which paint, how thin, in how many layers. */
final class GlazeView
{
    private const WITH = [Behaviour::Opaque, Behaviour::SemiOpaque, Behaviour::Stain, Behaviour::Wash, Behaviour::Ink];

    /**
     * @param string|null $id the paint to glaze with; null to look through the shelf
     *
     * @return array<string, mixed>
     */
    public static function of(ShelfRows $shelf, string $fromHex, string $toHex, ?string $id, ?string $thin): array
    {
        $from = Reflectance::fromSrgb(Srgb::fromHex($fromHex));
        $to = Srgb::fromHex($toHex);
        $thinning = $thin === null ? null : $shelf->parsedThinning($thin)->thinning;
        $paints = $id === null
            ? (new Selection(self::WITH))->of($shelf->paints())
            : [$shelf->find($id) ?? throw ShelfProblem::notOnTheShelf($id)];
        $found = $id === null && $thinning === null
            ? Glazing::best($paints, $from, $to->toLab())
            : self::each($paints, $from, $to, $thinning);

        return [
            'from' => $from->toHex(),
            'to' => $to->toHex(),
            'before' => round(Ciede2000::difference($from->toLab(), $to->toLab()), 1),
            'smooth_step' => Glazing::SMOOTH_STEP,
            'paints' => count($paints),
            'glazes' => array_map(static fn (Glazing $g): array => self::glaze($g, $from), $found),
        ];
    }

    /**
     * @param list<Paint> $paints
     *
     * @return list<Glazing>
     */
    private static function each(array $paints, Reflectance $from, Srgb $to, ?Thinning $thinning): array
    {
        $found = array_values(
            array_filter(
                array_map(static fn (Paint $p): ?Glazing => Glazing::with(Mix::single($p), $from, $to->toLab(), $thinning), $paints),
            ),
        );
        usort(
            $found,
            static fn (
                Glazing $a,
                Glazing $b,
            ): int => round($a->difference, 4) <=> round($b->difference, 4) ?: $a->mix->key() <=> $b->mix->key(),
        );

        return array_slice($found, 0, 6);
    }

    /** @return array<string, mixed> */
    private static function glaze(Glazing $glazing, Reflectance $from): array
    {
        $paint = $glazing->mix->first();

        return [
            'paint_id' => (int) $paint->id,
            'name' => $paint->name,
            'hex' => $glazing->mix->colour()->toHex(),
            'thin' => $glazing->thinning->ratio(),
            'layers' => $glazing->layers(),
            'after' => array_map(static fn (Reflectance $r): string => $r->toHex(), $glazing->after),
            'difference' => round($glazing->difference, 1),
            'step' => round($glazing->largestStep, 1),
            'smooth' => $glazing->isSmooth(),
            'certainty' => round($glazing->certaintyOver($from), 1),
            'reason' => $glazing->reason()->sentence(),
        ];
    }
}
