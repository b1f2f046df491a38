<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Workshop\ShelfRows;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Palette;
use Kalokroma\Shelf\Matcher;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Shelf\ShelfProblem;

/** Answers of the small calculators. */
final class TablesView
{
    private const OFFERS = 12;

    /** @return array<string, mixed> */
    public static function match(ShelfRows $shelf, string $colour, int $mostPaints): array
    {
        $wanted = Srgb::fromHex($colour);
        $paints = (new Palette($shelf->paints()))->mixable();
        $found = (new Matcher())->best($wanted->toLab(), $paints, self::OFFERS, $mostPaints);

        return [
            'target' => $wanted->toHex(),
            'words' => PlainName::of($wanted->toOklch()),
            'paints' => count($paints),
            'matches' => array_map(
                static fn (RankedMix $r): array => StepView::alternative($r, $r->mix->colour()->toHex(), 0, $r->isAsGoodAs($found[0]), false),
                $found,
            ),
        ];
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, mixed>
     */
    public static function coats(ShelfRows $shelf, array $ids, string $ground, string $thin): array
    {
        $over = Srgb::fromHex($ground);
        $thinning = Thinning::fromRatio($thin);
        $rows = [];
        foreach ($ids as $id) {
            $paint = $shelf->find($id) ?? throw ShelfProblem::notOnTheShelf($id);
            $hiding = Hiding::of($paint->pigment(), $thinning->load(), Reflectance::fromSrgb($over));
            $rows[] = [
                'paint_id' => (int) $paint->id,
                'name' => $paint->name,
                'hex' => $paint->pigment()->fullHide()->toHex(),
                'coats' => $hiding->coats,
                'after' => array_map(static fn (Reflectance $r): string => $r->toHex(), $hiding->after),
                'differences' => array_map(static fn (float $d): float => round($d, 1), $hiding->difference),
            ];
        }

        return ['over' => $over->toHex(), 'thin' => $thinning->ratio(), 'rows' => $rows];
    }
}
