<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Judge;

use Closure;
use Kalokroma\Caution\Tool;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Swallowed;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/**
 * Soft rules about single steps: each tells its reason with the numbers it was computed from, and what to do instead. The
 * painter may overrule any of them.
 *
 * A rule that is broken tells its sentence, the facts of it, and what to do instead.
 *
 * @phpstan-type Broken array{string, array<string, string|int|float>, string}
 */
final class StepRules
{
    /** Over a ground as light as this (L*) no stone saves a coat. */
    private const LIGHT_GROUND = 72.0;

    /** Coats from which another way is worth a thought. */
    private const TOO_MANY_COATS = 5;

    /** From this lightness (OKLCh) on a red is a pink already. */
    private const PINK_FROM = 0.66;

    /** A stone saves about so many coats; it pays where they take longer than loading it. */
    private const STONE_SAVES = 2;

    /** A ratio thinner than this (share of paint) is better made with medium. */
    private const THIN_LOAD = 0.25;

    /**
     * @param Oklch|null $intended colour of the area, where it has one
     * @param bool $onStone whether a stepping-stone coat lies below the step
     *
     * @return list<Mark>
     */
    public static function broken(
        StepOutcome $outcome,
        Area $area,
        Equipment $equipment,
        ?Oklch $intended = null,
        bool $onStone = false,
    ): array {
        if ($outcome->step->handling->omitted) {
            return [];
        }
        $marks = [];
        foreach (self::rules($onStone) as $code => $rule) {
            $found = $rule($outcome, $area, $equipment, $intended);
            if ($found !== null) {
                [$template, $facts, $instead] = $found;
                $marks[] = new Mark($code, $outcome->step->key->value, false, new Finding($code, $template, $facts), $instead);
            }
        }

        return $marks;
    }

    /**
     * @return array<string, Closure(StepOutcome, Area, Equipment, Oklch|null): (Broken|null)>
     */
    private static function rules(bool $onStone): array
    {
        return [...self::ofWork(), ...self::ofPaint($onStone), ...self::ofTools()];
    }

    /** @return array<string, Closure(StepOutcome, Area, Equipment, Oklch|null): (Broken|null)> whether the surface takes it */
    private static function ofWork(): array
    {
        return [
            'wash.smooth' => static fn (StepOutcome $o, Area $a): ?array => self::washOnSmooth($o, $a),
            'drybrush.smooth' => static fn (
                StepOutcome $o,
                Area $a,
            ): ?array => $o->step->technique === Technique::Drybrush && $a->isSmooth()
                ? [
                    'On {relief} a drybrush has no grain to catch: {bare} % of the surface is plane and takes chalky streaks.',
                    ['relief' => $a->relief->words(), 'bare' => (int) round(100 * $a->relief->shares()->plane)],
                    'Layer it, or touch the edges only.',
                ]
                : null,
            'drybrush.fragile' => static fn (StepOutcome $o, Area $a): ?array => $o->step->technique === Technique::Drybrush && $a->fragile
                ? [
                    '{area} sits on a weak joint, and {passes} passes of a drybrush push it {times} times.',
                    ['area' => $a->name, 'passes' => $o->labour->coats, 'times' => $o->labour->coats * $o->labour->rounds],
                    'Support it from behind, or layer instead.',
                ]
                : null,
            'light.pink' => static fn (StepOutcome $o, Area $a, Equipment $e, ?Oklch $intended): ?array => self::pink($o, $intended),
        ];
    }

    /** @return array<string, Closure(StepOutcome, Area, Equipment, Oklch|null): (Broken|null)> how the paint behaves */
    private static function ofPaint(bool $onStone): array
    {
        return [
            'thin.range' => static fn (StepOutcome $o): ?array => self::outsideRange($o),
            'thin.water' => static fn (StepOutcome $o): ?array => !$o->step->load->thinner->keepsPigmentSpread()
                && $o->step->load->thinning->load() < self::THIN_LOAD - 1e-9
                ? [
                    'Thinned {ratio} with water only {load} % of the film is paint: it spreads unevenly and may leave tide marks.',
                    ['ratio' => $o->step->load->thinning->ratio(), 'load' => (int) round(100 * $o->step->load->thinning->load())],
                    'Thin it with medium.',
                ]
                : null,
            'metal.mixed' => static fn (StepOutcome $o): ?array => self::metalMixed($o),
            'metal.brush' => static fn (
                StepOutcome $o,
                Area $a,
                Equipment $e,
            ): ?array => self::isMetallic($o) && $e->metalBrush && !in_array(
                $o->labour->tool,
                [Tool::MetalBrush, Tool::Drybrush, Tool::DetailBrush, Tool::Airbrush],
                true,
            )
                ? [
                    '{paint} holds metal flakes, and a {tool} carries them into other paint.',
                    ['paint' => $o->step->words(), 'tool' => $o->labour->tool->words()],
                    'Use the brush and water kept for metal.',
                ]
                : null,
            'stain.dark' => static fn (StepOutcome $o): ?array => self::stainOnDark($o),
            'coats.many' => static fn (StepOutcome $o): ?array => $o->step->technique->isBase()
                && !$onStone
                && $o->labour->coats >= self::TOO_MANY_COATS
                && self::STONE_SAVES * ($o->labour->minutes - $o->labour->loading) / $o->labour->coats > Defaults::LOADING_MINUTES
                && $o->look->below->plane->toLab()->l < self::LIGHT_GROUND
                ? [
                    '{coats} coats, {minutes} minutes of work on each figure: a weak colour over this ground.',
                    ['coats' => $o->labour->coats, 'minutes' => (int) round($o->labour->minutes)],
                    'Use a stepping-stone coat first, or a lighter undercoat.',
                ]
                : null,
            'sketch.covered' => static fn (StepOutcome $o, Area $a): ?array => $a->keepsSketch === true && $a->relief !== Relief::Orb
                ? self::sketchCovered($o) : null,
        ];
    }

    /** @return array<string, Closure(StepOutcome, Area, Equipment, Oklch|null): (Broken|null)> what the painter owns */
    private static function ofTools(): array
    {
        return [
            'needs.airbrush' => static fn (
                StepOutcome $o,
                Area $a,
                Equipment $e,
            ): ?array => $o->labour->tool === Tool::Airbrush && $o->step->stage !== Stage::Undercoat && !$e->airbrush
                ? [
                    '{step} asks for an airbrush, and you have none.',
                    ['step' => ucfirst($o->step->technique->words())],
                    'Brush it on in thin coats.',
                ]
                : null,
            'needs.solvents' => static fn (
                StepOutcome $o,
                Area $a,
                Equipment $e,
            ): ?array => $o->step->technique->isSolvent() && !$e->solvents
                ? [
                    '{step} needs solvents, and you work without.',
                    ['step' => ucfirst($o->step->technique->words())],
                    'Use a water-based wash with medium.',
                ]
                : null,
        ];
    }

    /** @return Broken|null */
    private static function washOnSmooth(StepOutcome $o, Area $a): ?array
    {
        if ($o->step->technique !== Technique::WashAllOver || !$a->isSmooth()) {
            return null;
        }

        return [
            'On {relief} only {recess} % of the surface is recess: a wash sits on the other {rest} % and blotches, '
                .'{darker} darker on the plane.',
            [
                'relief' => $a->relief->words(),
                'recess' => (int) round(100 * $a->relief->shares()->recess),
                'rest' => 100 - (int) round(100 * $a->relief->shares()->recess),
                'darker' => max(0.0, $o->look->below->plane->toLab()->l - $o->look->after->plane->toLab()->l),
            ],
            $a->relief === Relief::Plate ? 'Use a recess line or a pin wash.' : 'Shade it by layers or glazes.',
        ];
    }

    /** @return Broken|null */
    private static function pink(StepOutcome $o, ?Oklch $intended): ?array
    {
        $mix = $o->step->load->mix;
        $isHighlight = $o->step->stage === Stage::Highlight && $o->step->technique !== Technique::Dot;
        if (
            $mix === null || $intended === null
            || !$isHighlight
            || !$intended->isRed()
            || $intended->lightness >= self::PINK_FROM
            || !Oklch::fromLab($o->look->below->ridge->toLab())->isRed()
        ) {
            return null;
        }
        $light = Oklch::fromLab($mix->lab());
        if (!self::isPinkBeside($light, $intended) || ($o->step->target !== null && !self::isPinkBeside($o->step->target, $intended))) {
            return null;
        }

        return [
            '{paint} is {up} lighter than the red and keeps only {kept} % of its strength: over red it reads as pink.',
            [
                'paint' => $mix->words(),
                'up' => 100 * ($light->lightness - $intended->lightness),
                'kept' => (int) round(100 * $light->chroma / $intended->chroma),
            ],
            'Lighten red with orange for fire, with pale flesh for age or clay.',
        ];
    }

    /** @return Broken|null */
    private static function outsideRange(StepOutcome $o): ?array
    {
        $use = Load::use($o->step->technique, $o->step->load->mix);
        foreach ($o->step->why as $finding) {
            $use = $finding->about === Reason::Thinning ? (string) ($finding->facts['use'] ?? $use) : $use;
        }
        if ($use === '' || $o->step->load->mix === null) {
            return null;
        }
        [$least, $most] = Defaults::loads($use);
        $load = $o->step->load->thinning->load();
        if ($load >= $least - 1e-9 && $load <= $most + 1e-9) {
            return null;
        }
        $row = Defaults::THINNING[$use];

        return [
            $load < $least
                ? '{yours} is thinner than usual ({range}): {load} % paint instead of at least {edge} %.'
                : '{yours} is thicker than usual ({range}): {load} % paint instead of at most {edge} %.',
            [
                'yours' => $o->step->load->thinning->isUndiluted() ? 'undiluted' : $o->step->load->thinning->ratio(),
                'range' => $row['range'],
                'load' => (int) round(100 * $load),
                'edge' => (int) round(100 * ($load < $least ? $least : $most)),
            ],
            Thinning::fromRatio($row['ratio'])->isUndiluted() ? 'Leave it unthinned.' : sprintf(
                'Thin it %s: %s.',
                $row['ratio'],
                $row['why'],
            ),
        ];
    }

    /** @return Broken|null */
    private static function metalMixed(StepOutcome $o): ?array
    {
        $flakes = $all = 0;
        foreach ($o->step->load->mix->parts ?? [] as $part) {
            $all += $part->parts;
            $flakes += $part->paint->behaviour === Behaviour::Metallic ? $part->parts : 0;
        }

        return $flakes === 0 || $flakes === $all ? null : [
            'Only {share} % of the mix is metallic: matt paint between the flakes takes their glint.',
            ['share' => (int) round(100 * $flakes / $all)],
            'Tint metal with a stain or ink over it.',
        ];
    }

    /** @return Broken|null */
    private static function stainOnDark(StepOutcome $o): ?array
    {
        $moved = Swallowed::by($o);

        return $moved === null ? null : [
            'Over so dark a ground (lightness {ground}) it changes the plane by only {moved}.',
            ['ground' => $o->look->below->plane->toLab()->l, 'moved' => $moved],
            'Use a lighter ground, or an opaque coat instead.',
        ];
    }

    /** @return Broken|null */
    private static function sketchCovered(StepOutcome $o): ?array
    {
        $span = static fn (StepOutcome $x, bool $after): float => $after
            ? abs($x->look->after->ridge->toLab()->l - $x->look->after->recess->toLab()->l)
            : abs($x->look->below->ridge->toLab()->l - $x->look->below->recess->toLab()->l);
        if (
            !in_array($o->step->technique, [Technique::Basecoat, Technique::AirbrushCoat], true)
            || $span($o, false) < 15.0
            || $span($o, true) > 0.4 * $span($o, false)
        ) {
            return null;
        }

        return [
            'The light sketch spans {before} of lightness from recess to ridge, and '
                .'{coats, plural, one {# opaque coat leaves} other {# opaque coats leave}} {after} of it.',
            ['before' => $span($o, false), 'coats' => $o->labour->coats, 'after' => $span($o, true)],
            'Stain or glaze over the sketch, or save yourself the sketch.',
        ];
    }

    /** Clearly lighter than the red and clearly paler, without turning toward orange or flesh. */
    private static function isPinkBeside(Oklch $light, Oklch $red): bool
    {
        $isNeutral = $light->chroma < 0.03;
        $turn = $isNeutral ? 0.0 : $red->hueTurnTo($light->hue);

        return $light->lightness >= $red->lightness + 0.1
            && $light->chroma <= 0.75 * $red->chroma
            && $turn <= 18.0
            && ($isNeutral || $light->hue <= 75.0);
    }

    private static function isMetallic(StepOutcome $o): bool
    {
        return ($o->step->load->mix?->first()->behaviour) === Behaviour::Metallic;
    }
}
