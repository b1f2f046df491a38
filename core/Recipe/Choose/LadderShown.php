<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\LadderWish;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Finding;

/** A ladder before anything is drafted from it: every rung as it is wanted, and what of the shelf would paint it. */
final readonly class LadderShown
{
    /**
     * @param list<array{rung: Rung, wanted: Oklch, mix: Mix, apart: float, reason: Finding}> $rungs
     * @param Finding|null $even how even mixed rungs are
     */
    private function __construct(public array $rungs, public ?Finding $even)
    {
    }

    /** @throws RecipeProblem where nothing covers */
    public static function of(Oklch $intended, LadderWish $wish, Palette $palette): self
    {
        if ($palette->mixable() === []) {
            throw RecipeProblem::nothingToPaintWith();
        }
        $ladder = new Ladder($intended, $wish);
        $choice = new MixChoice($palette, $intended->toLab());
        $mixed = $wish->mixed ? MixedRungs::of($palette, $ladder, [Rung::Shade], [Rung::Drybrush, Rung::Highlight, Rung::Accent]) : null;
        $rungs = [];
        foreach (Rung::cases() as $rung) {
            $wanted = $ladder->rung($rung);
            $mix = $mixed?->mix($rung);
            if ($mix === null) {
                $mix = $choice->nearest($wanted->toLab(), Aim::of($rung, false))[0]->mix;
                $choice->load($mix);
            }
            $rungs[] = [
                'rung' => $rung,
                'wanted' => $wanted,
                'mix' => $mix,
                'apart' => Ciede2000::difference($mix->lab(), $wanted->toLab()),
                'reason' => $ladder->reason($rung),
            ];
        }

        return new self($rungs, $mixed?->evenness());
    }
}
