<?php

declare(strict_types=1);

namespace App\Http\Tables;

use App\Http\Shared\StepView;
use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\MixLadder;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\ShelfProblem;

/** The table Between two: even steps from one paint to another, in whole drops. */
final class LadderView
{
    /**
     * @param string $from id of the paint to begin with, empty for an example; $to where it ends, the same
     *
     * @return array<string, mixed>
     */
    public static function of(ShelfRows $shelf, string $from, string $to, int $count, int $drops): array
    {
        $paint = static fn (string $id): Paint => $shelf->find($id) ?? throw ShelfProblem::notOnTheShelf($id);
        $example = $from === '' || $to === '' ? MixLadder::example($shelf->paints()) : null;
        $first = $from === '' ? $example[0] ?? null : $paint($from);
        $last = $to === '' ? $example[1] ?? null : $paint($to);
        if ($first === null || $last === null) {
            return ['from' => null, 'to' => null, 'even' => true, 'unevenness' => 1.0]
                + array_fill_keys(['steps', 'equal_drops', 'differences'], []);
        }
        $ladder = MixLadder::between($first, $last, $count, $drops);

        return [
            'from' => (int) $first->id,
            'to' => (int) $last->id,
            'steps' => array_map(static fn (Mix $mix): array => [
                'mix' => StepView::mix($mix),
                'mix_words' => $mix->words(),
                'hex' => $mix->colour()->toHex(),
                'lightness' => round($mix->lab()->l, 1),
                'certainty' => round($mix->certainty(), 1),
            ], $ladder->steps),
            'equal_drops' => array_map(static fn (Mix $mix): array => [
                'parts' => implode(' : ', $mix->isSingle() ? [] : array_column($mix->parts, 'parts')),
                'hex' => $mix->colour()->toHex(),
            ], MixLadder::equalDrops($first, $last, $count)),
            'differences' => array_map(static fn (float $d): float => round($d, 1), $ladder->differences),
            'even' => $ladder->isEven(),
            'unevenness' => round($ladder->unevenness(), 2),
        ];
    }
}
