<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Word\Counted;

/** "As that one, except …": what a recipe has of its own beside the one it follows, and how it keeps that when that one changes. */
final class Following
{
    /**
     * How a recipe departs from the one it follows, in plain words.
     *
     * @return list<array{key: string, words: string}>
     */
    public static function differences(Plan $model, Plan $own): array
    {
        $found = [];
        foreach ($model->steps as $step) {
            $mine = $own->step($step->key->value);
            if ($mine === null) {
                $found[] = ['key' => $step->key->value, 'words' => sprintf('without %s', self::name($step))];
                continue;
            }
            $changed = self::changed($step, $mine);
            if ($changed !== []) {
                $found[] = ['key' => $step->key->value, 'words' => sprintf('%s: %s', self::name($step), implode(', ', $changed))];
            }
        }
        foreach ($own->steps as $step) {
            if ($model->step($step->key->value) === null) {
                $found[] = [
                    'key' => $step->key->value,
                    'words' => sprintf('with %s%s', self::name($step), $step->scope->who->isAll() ? '' : ', '.$step->scope->who->words()),
                ];
            }
        }
        if (self::order($model, $own) !== self::order($own, $model)) {
            $found[] = ['key' => '', 'words' => 'in another order'];
        }

        return $found;
    }

    /**
     * The recipe as it stands once the model has changed: what was its own stays, all else follows.
     *
     * @param Plan $before the model when it was last followed
     */
    public static function merged(Plan $before, Plan $own, Plan $now): Plan
    {
        $ownOrder = self::order($before, $own) !== self::order($own, $before);
        $steps = [];
        foreach ($now->steps as $step) {
            $mine = $own->step($step->key->value);
            $was = $before->step($step->key->value);
            if ($mine === null && $was !== null) {
                continue;
            }
            $steps[] = $mine === null || ($was !== null && self::changed($was, $mine) === []) ? $step : $mine;
        }
        foreach ($own->steps as $i => $step) {
            if ($before->step($step->key->value) === null && $now->step($step->key->value) === null) {
                $steps = self::behind($steps, $step, array_slice($own->steps, 0, $i));
            }
        }
        if ($ownOrder) {
            $place = array_flip(array_map(static fn (PlannedStep $s): string => $s->key->value, $own->steps));
            usort(
                $steps,
                static fn (PlannedStep $a, PlannedStep $b): int => ($place[$a->key->value] ?? PHP_INT_MAX)
                    <=> ($place[$b->key->value] ?? PHP_INT_MAX),
            );
        }

        return new Plan($steps, $now->leftOut, $now->findings, $own->overruled);
    }

    /**
     * @return list<string> what differs between two versions of one step
     */
    private static function changed(PlannedStep $model, PlannedStep $own): array
    {
        return [...self::loadChanged($model->load, $own->load), ...($model->technique === $own->technique ? [] : [
            $own->technique->words().' instead of '.$model->technique->words(),
        ]), ...self::scopeChanged($model, $own), ...self::handlingChanged($model->handling, $own->handling)];
    }

    /** @return list<string> */
    private static function loadChanged(Load $model, Load $own): array
    {
        $found = [];
        if ($model->mix?->key() !== $own->mix?->key()) {
            $found[] = sprintf('%s instead of %s', $own->mix?->words() ?? 'no paint', $model->mix?->words() ?? 'no paint');
        }
        if ($model->meets?->key() !== $own->meets?->key()) {
            $found[] = $own->meets === null ? 'meeting no second colour' : 'meeting '.$own->meets->words();
        }
        if ($model->open !== $own->open || $model->thinOpen !== $own->thinOpen) {
            $found[] = $own->open === [] && !$own->thinOpen ? 'amounts said' : 'amounts left open';
        }
        if ($model->thinnerWords() !== $own->thinnerWords()) {
            $found[] = 'thinned with '.$own->thinnerWords();
        }
        if (!$model->thinning->equals($own->thinning)) {
            $found[] = $own->thinning->isUndiluted() ? 'undiluted' : 'thinned '.$own->thinning->ratio();
        }

        return $found;
    }

    /** @return list<string> */
    private static function scopeChanged(PlannedStep $model, PlannedStep $own): array
    {
        $found = [];
        if ($model->scope->place != $own->scope->place) {
            $found[] = $own->scope->place->isUsual() ? 'at its usual place' : $own->scope->place->words();
        }
        if (!$model->scope->who->is($own->scope->who)) {
            $found[] = $own->scope->who->words();
        }
        if ($model->level() !== $own->level()) {
            $found[] = $own->level()->value;
        }
        if ($model->scope->loop != $own->scope->loop) {
            $found[] = $own->scope->loop === null ? 'once' : Counted::Rounds->of($own->scope->loop->rounds);
        }

        return $found;
    }

    /** @return list<string> */
    private static function handlingChanged(Handling $model, Handling $own): array
    {
        $found = [];
        if ($model->coats !== $own->coats) {
            $found[] = $own->coats === null ? 'coats as computed' : Counted::Coats->of($own->coats);
        }
        if ($model->omitted !== $own->omitted) {
            $found[] = $own->omitted ? 'left out' : 'not left out';
        }
        if ($model->tool !== $own->tool) {
            $found[] = $own->tool?->words() ?? 'the usual tool';
        }
        if ($model->note !== $own->note) {
            $found[] = 'another note';
        }
        if ($model->more() !== $own->more()) {
            $found[] = $own->words() === '' ? 'done as usual' : $own->words();
        }

        return $found;
    }

    /**
     * Puts a step behind the last of those that stood before it.
     *
     * @param list<PlannedStep> $steps
     * @param list<PlannedStep> $before
     *
     * @return list<PlannedStep>
     */
    private static function behind(array $steps, PlannedStep $step, array $before): array
    {
        $keys = array_map(static fn (PlannedStep $s): string => $s->key->value, $before);
        $at = 0;
        foreach ($steps as $i => $other) {
            $at = in_array($other->key->value, $keys, true) ? $i + 1 : $at;
        }
        array_splice($steps, $at, 0, [$step]);

        return $steps;
    }

    /** @return list<string> keys of the first that the second has too, in the order of the first */
    private static function order(Plan $of, Plan $with): array
    {
        return array_values(
            array_filter(
                array_map(static fn (PlannedStep $s): string => $s->key->value, $of->steps),
                static fn (string $key): bool => $with->step($key) !== null,
            ),
        );
    }

    private static function name(PlannedStep $step): string
    {
        return $step->technique->words().($step->load->mix === null ? '' : ' '.$step->load->mix->words());
    }
}
