<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;
use Kalokroma\Word\Counted;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Message;
use Kalokroma\Word\Reason;

/** Why a step is as it is: what was found when it was drafted, and what the painter chose since. */
final class Reasons
{
    /**
     * @param float|null $difference of the mix from the wanted colour, CIEDE2000
     * @param Finding|null $coats why so many coats
     * @param int $proposed coats the core would lay
     *
     * @return list<Finding>
     */
    public static function of(PlannedStep $step, ?float $difference, ?Finding $coats, int $proposed): array
    {
        $reasons = [
            ...array_map(static fn (Finding $f): Finding => self::thinning($f, $step), $step->why),
            ...self::mix($step, $difference),
            ...self::open($step->load),
            ...($coats === null ? [] : [$coats]),
        ];
        $planned = $step->handling->coats;
        if ($planned !== null && $planned !== $proposed) {
            $reasons[] = new Finding(
                'coats.overruled',
                'You plan {yours} instead of {proposed}.',
                ['yours' => Counted::Coats->of($planned), 'proposed' => (string) $proposed],
            );
        }

        return $reasons;
    }

    /** How far the colour moves between little and much of the paints whose amount is open, CIEDE2000. */
    public static function openRange(Load $load, Mix $mix): float
    {
        $ends = self::openEnds($load, $mix);

        return $ends === null ? 0.0 : Ciede2000::difference($ends[0]->lab(), $ends[1]->lab());
    }

    /**
     * The mix with a sixth and with five sixths of what was left open; of a little, with a sixth and with a third.
     *
     * @return array{Mix, Mix}|null null where nothing was left open, or all
     */
    public static function openEnds(Load $load, Mix $mix): ?array
    {
        $with = static fn (int $open, int $said): Mix => Mix::of(array_map(
            static fn (Part $p): Part => new Part($p->paint, $load->isOpen($p->paint->id) ? $open : $said),
            $mix->parts,
        ));

        return $load->open === [] || count($load->open) >= count($mix->parts)
            ? null : [$with(1, 5), $load->isLittle() ? $with(1, 2) : $with(5, 1)];
    }

    /** @return list<Finding> */
    private static function mix(PlannedStep $step, ?float $difference): array
    {
        $mix = $step->load->mix;
        if ($mix === null || array_filter($step->why, static fn (Finding $f): bool => $f->about === Reason::Mix) !== []) {
            return [];
        }

        return [$difference === null
            ? new Finding('mix.yours-shade', '{mix} is your own choice.', ['mix' => $mix->words()])
            : new Finding(
                'mix.yours',
                'Your own choice, {mix}, is {apart} from the wanted colour.',
                ['mix' => $mix->words(), 'apart' => $difference],
            )];
    }

    /**
     * What was left open stays open: the guess is named, with how much hangs on it.
     *
     * @return list<Finding>
     */
    private static function open(Load $load): array
    {
        $found = [];
        if ($load->mix !== null && $load->open !== []) {
            $names = [];
            foreach ($load->mix->paints() as $paint) {
                $names = [...$names, ...($load->isOpen($paint->id) ? [$paint->name] : [])];
            }
            $found[] = new Finding(
                'mix.open',
                $load->isLittle()
                    ? 'A little {paint} is about a fifth: so it is predicted. Between a sixth and a third of it the colour moves by '
                        .'{range}.'
                    : 'The amount of {paint} was left open. Predicted with equal parts; between a sixth and five sixths of '
                        .'it the colour moves by {range}.',
                ['paint' => Message::listed($names), 'range' => self::openRange($load, $load->mix)],
            );
        }
        if ($load->thinOpen) {
            $found[] = new Finding(
                'thinning.open',
                'How far to thin was left open: predicted with the usual {ratio}.',
                ['ratio' => $load->thinning->ratio()],
            );
        }

        return $found;
    }

    /** The drafted reason for the thinning, or what the painter chose beside it. */
    private static function thinning(Finding $drafted, PlannedStep $step): Finding
    {
        $now = $step->load->thinning->ratio();
        if ($drafted->about !== Reason::Thinning || $drafted->facts['ratio'] === $now) {
            return $drafted;
        }
        $word = static fn (string $ratio): string => Thinning::fromRatio($ratio)->isUndiluted() ? 'not at all' : $ratio;

        return new Finding('thinning.yours', 'You thin it {yours}; {usual} was proposed (usual {range}): {why}.', [
            ...$drafted->facts,
            'yours' => $word($now),
            'usual' => $word((string) $drafted->facts['ratio']),
        ], Reason::Thinning);
    }
}
