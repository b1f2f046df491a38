<?php

declare(strict_types=1);

namespace App\Http\Tables;

use App\Http\Shared\StepView;
use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Matcher;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Shelf\Selection;
use Kalokroma\Shelf\ShelfProblem;

/** Answers of the small calculators. */
final class TablesView
{
    /** Singles, pairs and triples offered. */
    private const EACH = 5;

    /**
     * @param bool $onPaper by the predicted difference, instead of as painters choose
     *
     * @return array<string, mixed>
     */
    public static function match(ShelfRows $shelf, string $colour, int $mostPaints, Selection $selection, bool $onPaper): array
    {
        $wanted = Srgb::fromHex($colour);
        $paints = $selection->of($shelf->paints());
        $found = (new Matcher())->choice($wanted->toLab(), $paints, self::EACH, $mostPaints);
        $nearest = RankedMix::byPredicted($found);
        $best = RankedMix::byExpected($found)[0] ?? null;

        return [
            'target' => $wanted->toHex(),
            'words' => PlainName::of($wanted->toOklch()),
            'paints' => count($paints),
            'why' => $found === [] ? '' : $found[0]->why($nearest[0]),
            'matches' => array_map(
                static fn (RankedMix $r): array => StepView::alternative(
                    $r,
                    $r->mix->colour()->toHex(),
                    0,
                    $best !== null && $r->isAsGoodAs($best),
                    $r === $found[0],
                ),
                $onPaper ? $nearest : $found,
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
        $ground = Reflectance::fromSrgb($over);
        $thinning = Thinning::fromRatio($thin);
        $rows = [];
        foreach ($ids as $id) {
            $paint = $shelf->find($id) ?? throw ShelfProblem::notOnTheShelf($id);
            $mix = Mix::single($paint);
            $hiding = Hiding::of($paint->pigment(), $thinning->load(), $ground);
            $rows[] = [
                'paint_id' => (int) $paint->id,
                'name' => $paint->name,
                'hex' => $paint->pigment()->fullHide()->toHex(),
                'certainties' => StepView::certainties($mix->coatsOver($ground, $thinning, count($hiding->after))),
                'coats' => $hiding->coats,
                'between' => $mix->coatsBetween($ground, $thinning->load())->words(),
                'after' => array_map(static fn (Reflectance $r): string => $r->toHex(), $hiding->after),
                'differences' => array_map(static fn (float $d): float => round($d, 1), $hiding->difference),
            ];
        }

        return ['over' => $over->toHex(), 'thin' => $thinning->ratio(), 'rows' => $rows];
    }
}
