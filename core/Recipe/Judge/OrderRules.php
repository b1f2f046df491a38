<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Judge;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;

/**
 * Which step comes before which inside one area. Rules are rows: what has to lie below, what goes on it, and why. Steps of
 * one loop are free among themselves, since a loop comes back to them.
 */
final class OrderRules
{
    private const BASE = ['basecoat', 'block-in', 'airbrush-coat', 'metal-coat', 'stain'];
    private const SHADE = ['wash-all-over', 'recess-line', 'shade-layer'];
    private const LAYER = ['layer', 'wet-blend', 'airbrush-fade', 'painted-metal'];
    private const HIGHLIGHT = ['feathered-layer', 'edge-highlight', 'dot'];
    private const SOLVENT = ['enamel-wash', 'oil-wash'];
    private const WEATHERING = ['enamel-wash', 'oil-wash', 'streak', 'pigment-powder'];

    /** @var list<array{code: string, hard: bool, below: list<string>, on: list<string>, why: string}> */
    private const ROWS = [
        ['code' => 'order.stone', 'hard' => true, 'below' => ['stepping-stone', 'undercoat-repair'], 'on' => self::BASE, 'why' => 'a stepping stone lies under the colour it helps'],
        ['code' => 'order.base', 'hard' => true, 'below' => self::BASE, 'on' => [...self::SHADE, 'lining', 'drybrush', ...self::LAYER, ...self::HIGHLIGHT, 'glaze'], 'why' => 'a base coat over it would hide it'],
        ['code' => 'order.shade', 'hard' => true, 'below' => self::SHADE, 'on' => [...self::LAYER, ...self::HIGHLIGHT], 'why' => 'a shade over it would run down and dull what is light'],
        ['code' => 'order.layer', 'hard' => true, 'below' => self::LAYER, 'on' => self::HIGHLIGHT, 'why' => 'a layer is larger than a highlight and would cover it'],
        ['code' => 'order.gloss', 'hard' => true, 'below' => ['gloss-varnish'], 'on' => ['marking', 'softener', ...self::SOLVENT], 'why' => 'on bare matt paint a marking shines and solvent bites'],
        ['code' => 'order.marking', 'hard' => true, 'below' => ['marking', 'softener'], 'on' => self::WEATHERING, 'why' => 'a marking on top of dirt looks pasted on'],
        ['code' => 'order.softener', 'hard' => true, 'below' => ['marking'], 'on' => ['softener'], 'why' => 'softener works on a marking that lies'],
        ['code' => 'order.wiping', 'hard' => true, 'below' => self::SOLVENT, 'on' => ['wiping'], 'why' => 'there is nothing to wipe before'],
        ['code' => 'order.streak', 'hard' => true, 'below' => ['streak'], 'on' => ['streak-blend'], 'why' => 'there is nothing to blend before'],
        ['code' => 'order.fluid', 'hard' => true, 'below' => ['chipping-fluid'], 'on' => ['chipping-top-coat'], 'why' => 'the fluid has to lie between the two coats'],
        ['code' => 'order.opening', 'hard' => true, 'below' => ['chipping-top-coat'], 'on' => ['chipping-opening'], 'why' => 'there is no top coat to open before'],
        ['code' => 'order.spot', 'hard' => true, 'below' => ['matt-varnish', 'satin-varnish'], 'on' => ['gloss-spot'], 'why' => 'the matt coat would dull the spot again'],
        ['code' => 'order.rim', 'hard' => true, 'below' => ['*'], 'on' => ['rim'], 'why' => 'whatever comes later would mark the rim'],
        ['code' => 'order.messy', 'hard' => false, 'below' => ['drybrush'], 'on' => ['edge-highlight', 'dot', 'freehand'], 'why' => 'a drybrush throws dust over careful work'],
        ['code' => 'order.lining', 'hard' => false, 'below' => ['lining'], 'on' => [...self::LAYER, ...self::HIGHLIGHT], 'why' => 'early, later colours cut a line back; late, a slip costs the highlight'],
        ['code' => 'order.powder', 'hard' => false, 'below' => ['matt-varnish', 'satin-varnish'], 'on' => ['pigment-powder'], 'why' => 'varnish swallows powder'],
        ['code' => 'order.weathering', 'hard' => false, 'below' => [...self::SOLVENT, 'wiping', 'streak', 'streak-blend', 'marking', 'softener'], 'on' => ['matt-varnish'], 'why' => 'the matt coat protects what lies under it'],
    ];

    /** @var array<string, array{list<string>, string}> what a step cannot do without, before it */
    private const NEEDS = [
        'softener' => [['marking'], 'Softener needs a marking to lie on'],
        'wiping' => [self::SOLVENT, 'There is no enamel or oil wash to wipe'],
        'streak-blend' => [['streak'], 'There are no streaks to blend'],
        'chipping-top-coat' => [['chipping-fluid'], 'Without chipping fluid under it a top coat does not open'],
        'chipping-opening' => [['chipping-top-coat'], 'There is no top coat to open'],
    ];

    /** What lies better on a varnish that is not matt: soft, since some do without. */
    private const ON_GLOSS = ['marking' => 'air stays under a marking on matt paint, and shines', 'enamel-wash' => 'solvent creeps over matt paint and bites into it', 'oil-wash' => 'solvent creeps over matt paint and bites into it'];

    /**
     * @param list<PlannedStep> $steps those left out do not count
     *
     * @return list<Mark>
     */
    public static function broken(array $steps): array
    {
        $steps = array_values(array_filter($steps, static fn (PlannedStep $s): bool => !$s->omitted));
        $loops = self::loops($steps);
        $marks = [];
        foreach ($steps as $i => $on) {
            foreach (array_slice($steps, $i + 1, null, true) as $j => $below) {
                if (isset($loops[$i]) && $loops[$i] === ($loops[$j] ?? null)) {
                    continue;
                }
                foreach (self::ROWS as $row) {
                    if (in_array($on->technique->value, $row['on'], true) && self::isBelow($row['below'], $below, $on)) {
                        $marks[] = new Mark($row['code'], $below->key, $row['hard'], new Finding($row['code'], '{below} comes before {on}: {why}.', [
                            'below' => self::name($below), 'on' => self::name($on), 'why' => $row['why'],
                        ]), sprintf('Move %s before %s.', $below->technique->words(), $on->technique->words()));
                    }
                }
            }
            [$needed, $sentence] = self::NEEDS[$on->technique->value] ?? [[], ''];
            $before = array_map(static fn (PlannedStep $s): string => $s->technique->value, array_slice($steps, 0, $i));
            $later = array_map(static fn (PlannedStep $s): string => $s->technique->value, array_slice($steps, $i));
            if (isset(self::ON_GLOSS[$on->technique->value]) && array_intersect(['gloss-varnish', 'satin-varnish'], [...$before, ...$later]) === []) {
                $marks[] = new Mark('order.bare', $on->key, false, new Finding('order.bare', 'No gloss varnish lies under {on}: {why}.', ['on' => self::name($on), 'why' => self::ON_GLOSS[$on->technique->value]]), 'Lay a gloss varnish first, and let it cure a day.');
            }
            if ($needed !== [] && array_intersect($needed, $before) === [] && array_intersect($needed, $later) === []) {
                $marks[] = new Mark('order.needs', $on->key, true, new Finding('order.needs', '{what}.', ['what' => $sentence]), sprintf('Add %s before it.', Technique::from($needed[0])->words()));
            }
        }

        return $marks;
    }

    /** @param list<string> $techniques */
    private static function isBelow(array $techniques, PlannedStep $below, PlannedStep $on): bool
    {
        return $techniques === ['*'] ? $below->technique !== $on->technique : in_array($below->technique->value, $techniques, true);
    }

    /** The technique, with its paint where that helps to tell two apart. */
    private static function name(PlannedStep $step): string
    {
        return $step->technique->words().($step->mix === null ? '' : ' ('.$step->mix->words().')');
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
            $at[$step->key] = $i;
            if ($step->loop !== null) {
                for ($j = $at[$step->loop->from] ?? $i; $j <= $i; ++$j) {
                    $found[$j] = $step->key;
                }
            }
        }

        return $found;
    }
}
