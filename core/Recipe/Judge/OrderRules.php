<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Judge;

use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Precedence;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/**
 * Where a recipe breaks the order of work, as {@see Precedence} has it. Steps of one loop are free among themselves, since a
 * loop comes back to them.
 */
final class OrderRules
{
    /** From so many minutes on paint is hard enough for a mask: overnight. */
    private const CURED_MINUTES = 600;

    /**
     * @param list<PlannedStep> $steps those left out do not count
     *
     * @return list<Mark>
     */
    public static function broken(array $steps): array
    {
        $steps = array_values(array_filter($steps, static fn (PlannedStep $s): bool => !$s->handling->omitted));
        $loops = self::loops($steps);
        $techniques = array_map(static fn (PlannedStep $s): Technique => $s->technique, $steps);
        $marks = [];
        foreach ($steps as $i => $on) {
            foreach (array_slice($steps, $i + 1, null, true) as $j => $below) {
                $isOneLoop = isset($loops[$i]) && $loops[$i] === ($loops[$j] ?? null);
                if (!$isOneLoop && $on->meets($below)) {
                    array_push($marks, ...self::wrongWayRound($below, $on));
                }
            }
            array_push(
                $marks,
                ...self::onMatt($on, $techniques),
                ...self::lacking($on, $techniques),
                ...self::softUnderMask($on, array_slice($steps, 0, $i)),
                ...self::dulledMetal($on, array_slice($steps, 0, $i), array_slice($steps, $i + 1)),
            );
        }

        return $marks;
    }

    /** @return list<Mark> rules that want the later step below the earlier one */
    private static function wrongWayRound(PlannedStep $below, PlannedStep $on): array
    {
        $marks = [];
        foreach (Precedence::between($below->technique, $on->technique) as $rule) {
            $finding = new Finding(
                $rule->code,
                '{below} comes before {on}: {why}.'.($rule->undone === '' ? '' : ' {undone}.'),
                ['below' => self::name($below), 'on' => self::name($on), 'why' => $rule->why, 'undone' => $rule->undone],
            );
            $marks[] = new Mark(
                $rule->code,
                $below->key->value,
                $rule->hard,
                $finding,
                sprintf('Move %s before %s.', $below->technique->words(), $on->technique->words()),
            );
        }

        return $marks;
    }

    /**
     * @param list<Technique> $all
     *
     * @return list<Mark>
     */
    private static function onMatt(PlannedStep $on, array $all): array
    {
        $why = Precedence::betterOnGloss($on->technique);
        if ($why === null || in_array(Technique::GlossVarnish, $all, true) || in_array(Technique::SatinVarnish, $all, true)) {
            return [];
        }
        $finding = new Finding('order.bare', 'There is no gloss varnish under {on}: {why}.', ['on' => self::name($on), 'why' => $why]);

        return [new Mark('order.bare', $on->key->value, false, $finding, 'Put on a gloss varnish first, and let it cure for a day.')];
    }

    /**
     * A coloured glaze over metal takes its glint: it is set again afterwards.
     *
     * @param list<PlannedStep> $before
     * @param list<PlannedStep> $after
     *
     * @return list<Mark>
     */
    private static function dulledMetal(PlannedStep $glaze, array $before, array $after): array
    {
        $isMetal = static fn (PlannedStep $s): bool => $s->load->mix?->first()->behaviour === Behaviour::Metallic && $s->meets($glaze);
        $below = array_values(array_filter($before, $isMetal));
        $isOver = in_array($glaze->technique, [Technique::Glaze, Technique::Filter], true) && $below !== [];
        if (!$isOver || $isMetal($glaze) || array_filter($after, $isMetal) !== []) {
            return [];
        }
        $finding = new Finding('order.glint', '{glaze} dulls the metal below ({metal}), and no glint is set again after it.', [
            'glaze' => ucfirst(self::name($glaze)), 'metal' => $below[count($below) - 1]->words(),
        ]);

        return [new Mark('order.glint', $glaze->key->value, false, $finding, 'Touch the edges with bright metal again after it.')];
    }

    /**
     * A mask takes along what has not cured: the last film below it, unless something waits for it in between.
     *
     * @param list<PlannedStep> $before
     *
     * @return list<Mark>
     */
    private static function softUnderMask(PlannedStep $mask, array $before): array
    {
        $waited = $mask->technique === Technique::Masking ? 0 : Handling::MOST_MINUTES;
        foreach (array_reverse($before) as $step) {
            $waited += $step->handling->wait ?? $step->technique->facts()->dry;
            if ($waited >= self::CURED_MINUTES) {
                return [];
            }
            if ($step->isFilm() && $step->meets($mask)) {
                return [new Mark(
                    'order.mask',
                    $mask->key->value,
                    false,
                    new Finding(
                        'order.mask',
                        '{below} has dried {waited} when the mask goes on, and is still soft: the mask lifts it.',
                        ['below' => ucfirst(self::name($step)), 'waited' => Duration::words($waited)],
                    ),
                    'Wait overnight before it, better a day.',
                )];
            }
        }

        return [];
    }

    /**
     * @param list<Technique> $all
     *
     * @return list<Mark>
     */
    private static function lacking(PlannedStep $on, array $all): array
    {
        [$needed, $sentence] = Precedence::neededBy($on->technique) ?? [null, ''];
        if ($needed === null || array_filter($all, static fn (Technique $t): bool => $t->facts()->at === $needed->facts()->at) !== []) {
            return [];
        }

        return [
            new Mark(
                'order.needs',
                $on->key->value,
                Precedence::cannotDoWithout($on->technique),
                new Finding('order.needs', '{what}.', ['what' => $sentence]),
                sprintf('Add %s before it.', $needed->words()),
            ),
        ];
    }

    /** The technique, with its paint where that helps to tell two apart. */
    private static function name(PlannedStep $step): string
    {
        return $step->technique->words().($step->load->mix === null ? '' : ' ('.$step->load->mix->words().')');
    }

    /**
     * @param list<PlannedStep> $steps
     *
     * @return array<int, string> place of a step to the loop it belongs to
     */
    private static function loops(array $steps): array
    {
        $at = $found = [];
        foreach ($steps as $i => $step) {
            $at[$step->key->value] = $i;
            if ($step->scope->loop !== null) {
                for ($j = $at[$step->scope->loop->from] ?? $i; $j <= $i; ++$j) {
                    $found[$j] = $step->key->value;
                }
            }
        }

        return $found;
    }
}
