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
    /** @return array<string, mixed> */
    public static function of(ShelfRows $shelf, string $from, string $to, int $count, int $drops): array
    {
        $paint = static fn (string $id): Paint => $shelf->find($id) ?? throw ShelfProblem::notOnTheShelf($id);
        $ladder = MixLadder::between($paint($from), $paint($to), $count, $drops);

        return [
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
            ], MixLadder::equalDrops($paint($from), $paint($to), $count)),
            'differences' => array_map(static fn (float $d): float => round($d, 1), $ladder->differences),
            'even' => $ladder->isEven(),
            'unevenness' => round($ladder->unevenness(), 2),
        ];
    }
}
