<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Judge;

use Closure;
use Kalokroma\Caution\Tool;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Word\Finding;

/**
 * Soft rules about single steps: each tells its reason with the numbers it was computed from, and what to do instead. The
 * painter may overrule any of them.
 */
final class StepRules
{
    /** Coats from which another way is worth a thought. */
    private const TOO_MANY_COATS = 5;

    /** A ratio thinner than this (share of paint) is better made with medium. */
    private const THIN_LOAD = 0.25;

    /**
     * @param Oklch|null $intended colour of the area, where it has one
     *
     * @return list<Mark>
     */
    public static function broken(StepOutcome $outcome, Area $area, Equipment $equipment, ?Oklch $intended = null): array
    {
        if ($outcome->step->omitted) {
            return [];
        }
        $marks = [];
        foreach (self::rules() as $code => $rule) {
            $found = $rule($outcome, $area, $equipment, $intended);
            if ($found !== null) {
                [$template, $facts, $instead] = $found;
                $marks[] = new Mark($code, $outcome->step->key, false, new Finding($code, $template, $facts), $instead);
            }
        }

        return $marks;
    }

    /** @return array<string, Closure(StepOutcome, Area, Equipment, Oklch|null): (array{string, array<string, string|int|float>, string}|null)> */
    private static function rules(): array
    {
        return [
            'wash.smooth' => static fn (StepOutcome $o, Area $a): ?array => self::washOnSmooth($o, $a),
            'drybrush.smooth' => static fn (StepOutcome $o, Area $a): ?array => $o->step->technique === Technique::Drybrush && self::isSmooth($a)
                ? ['On {relief} a drybrush has no grain to catch: {bare} % of the surface is plane and takes chalky streaks.', ['relief' => $a->relief->words(), 'bare' => (int) round(100 * $a->relief->shares()['plane'])], 'Layer it, or touch the edges only.']
                : null,
            'drybrush.fragile' => static fn (StepOutcome $o, Area $a): ?array => $o->step->technique === Technique::Drybrush && $a->fragile
                ? ['{area} sits on a weak joint, and {passes} passes of a drybrush push it {times} times.', ['area' => $a->name, 'passes' => $o->coats, 'times' => $o->coats * $o->rounds], 'Support it from behind, or layer instead.']
                : null,
            'light.pink' => static fn (StepOutcome $o, Area $a, Equipment $e, ?Oklch $intended): ?array => self::pink($o, $intended),
            'thin.range' => static fn (StepOutcome $o): ?array => self::outsideRange($o),
            'thin.water' => static fn (StepOutcome $o): ?array => $o->step->thinnedWith === 'water' && $o->step->thinning->load() < self::THIN_LOAD - 1e-9
                ? ['Thinned {ratio} with water only {load} % of the film is paint: it spreads unevenly and may leave tide marks.', ['ratio' => $o->step->thinning->ratio(), 'load' => (int) round(100 * $o->step->thinning->load())], 'Thin it with medium.']
                : null,
            'metal.mixed' => static fn (StepOutcome $o): ?array => self::metalMixed($o),
            'metal.brush' => static fn (StepOutcome $o, Area $a, Equipment $e): ?array => self::isMetallic($o) && $e->metalBrush && !in_array($o->tool, [Tool::MetalBrush, Tool::Drybrush, Tool::DetailBrush, Tool::Airbrush], true)
                ? ['{paint} holds metal flakes, and a {tool} carries them into other paint.', ['paint' => $o->step->words(), 'tool' => $o->tool->words()], 'Take the brush and water kept for metal.']
                : null,
            'stain.dark' => static fn (StepOutcome $o): ?array => self::stainOnDark($o),
            'coats.many' => static fn (StepOutcome $o): ?array => $o->step->technique->isBase() && $o->coats >= self::TOO_MANY_COATS
                ? ['{coats} coats, {minutes} minutes of work on each figure: a weak colour over this ground.', ['coats' => $o->coats, 'minutes' => (int) round($o->minutes)], 'Lay a stepping-stone coat first, or a lighter undercoat.']
                : null,
            'sketch.covered' => static fn (StepOutcome $o): ?array => self::sketchCovered($o),
            'needs.airbrush' => static fn (StepOutcome $o, Area $a, Equipment $e): ?array => $o->tool === Tool::Airbrush && $o->step->stage !== Stage::Undercoat && !$e->airbrush
                ? ['{step} asks for an airbrush, and you have none.', ['step' => ucfirst($o->step->technique->words())], 'Brush it on in thin coats.']
                : null,
            'needs.solvents' => static fn (StepOutcome $o, Area $a, Equipment $e): ?array => $o->step->technique->isSolvent() && !$e->solvents
                ? ['{step} needs solvents, and you work without.', ['step' => ucfirst($o->step->technique->words())], 'Take a water-based wash with medium.']
                : null,
        ];
    }

    /** @return array{string, array<string, string|int|float>, string}|null */
    private static function washOnSmooth(StepOutcome $o, Area $a): ?array
    {
        if ($o->step->technique !== Technique::WashAllOver || !self::isSmooth($a)) {
            return null;
        }

        return [
            'On {relief} only {recess} % of the surface is recess: a wash sits on the other {rest} % and blotches, {darker} darker on the plane.',
            [
                'relief' => $a->relief->words(),
                'recess' => (int) round(100 * $a->relief->shares()['recess']),
                'rest' => 100 - (int) round(100 * $a->relief->shares()['recess']),
                'darker' => max(0.0, $o->below->plane->toLab()->l - $o->after->plane->toLab()->l),
            ],
            $a->relief === Relief::Plate ? 'Take a recess line or a pin wash.' : 'Shade it by layers or glazes.',
        ];
    }

    /** @return array{string, array<string, string|int|float>, string}|null */
    private static function pink(StepOutcome $o, ?Oklch $intended): ?array
    {
        $mix = $o->step->mix;
        if ($mix === null || $intended === null || $o->step->stage !== Stage::Highlight || $intended->chroma < 0.08 || !($intended->hue < 42 || $intended->hue > 350)) {
            return null;
        }
        $light = Oklch::fromLab($mix->lab());
        $turn = $light->chroma < 0.03 ? 0.0 : $intended->hueTurnTo($light->hue);
        if ($light->lightness < $intended->lightness + 0.1 || $light->chroma > 0.75 * $intended->chroma || $turn > 18.0 || $light->hue > 75.0 && $light->chroma >= 0.03) {
            return null;
        }

        return [
            '{paint} is {up} lighter than the red and keeps only {kept} % of its strength: over red it reads as pink.',
            ['paint' => $mix->words(), 'up' => 100 * ($light->lightness - $intended->lightness), 'kept' => (int) round(100 * $light->chroma / $intended->chroma)],
            'Lighten red with orange for fire, with pale flesh for age or clay.',
        ];
    }

    /** @return array{string, array<string, string|int|float>, string}|null */
    private static function outsideRange(StepOutcome $o): ?array
    {
        $use = $o->step->technique->facts()->use;
        foreach ($o->step->why as $finding) {
            $use = str_starts_with($finding->code, 'thinning.') && isset(Defaults::THINNING[substr($finding->code, 9)]) ? substr($finding->code, 9) : $use;
        }
        if ($use === '' || $o->step->mix === null) {
            return null;
        }
        [$least, $most] = Defaults::loads($use);
        $load = $o->step->thinning->load();
        if ($load >= $least - 1e-9 && $load <= $most + 1e-9) {
            return null;
        }
        $row = Defaults::THINNING[$use];

        return [
            $load < $least ? '{yours} is thinner than usual ({range}): {load} % paint instead of at least {edge} %.' : '{yours} is thicker than usual ({range}): {load} % paint instead of at most {edge} %.',
            [
                'yours' => $o->step->thinning->isUndiluted() ? 'undiluted' : $o->step->thinning->ratio(),
                'range' => $row['range'],
                'load' => (int) round(100 * $load),
                'edge' => (int) round(100 * ($load < $least ? $least : $most)),
            ],
            Thinning::fromRatio($row['ratio'])->isUndiluted() ? 'Leave it unthinned.' : sprintf('Thin it %s: %s.', $row['ratio'], $row['why']),
        ];
    }

    /** @return array{string, array<string, string|int|float>, string}|null */
    private static function metalMixed(StepOutcome $o): ?array
    {
        $flakes = $all = 0;
        foreach ($o->step->mix->parts ?? [] as ['paint' => $paint, 'parts' => $parts]) {
            $all += $parts;
            $flakes += $paint->behaviour === Behaviour::Metallic ? $parts : 0;
        }

        return $flakes === 0 || $flakes === $all ? null : [
            'Only {share} % of the mix is metallic: matt paint between the flakes takes their glint.',
            ['share' => (int) round(100 * $flakes / $all)],
            'Tint metal with a stain or ink over it.',
        ];
    }

    /** @return array{string, array<string, string|int|float>, string}|null */
    private static function stainOnDark(StepOutcome $o): ?array
    {
        $ground = $o->below->plane->toLab();
        if (!in_array($o->step->technique, [Technique::Stain, Technique::Glaze], true) || $o->step->technique === Technique::Glaze && $o->step->face() !== 'plane' || $ground->l >= Defaults::DARK_GROUND) {
            return null;
        }
        $moved = Ciede2000::difference($ground, $o->after->plane->toLab());

        return $moved >= 6.0 ? null : [
            'Over so dark a ground (lightness {ground}) it changes the plane by only {moved}.',
            ['ground' => $ground->l, 'moved' => $moved],
            'Lay a lighter ground, or an opaque coat instead.',
        ];
    }

    /** @return array{string, array<string, string|int|float>, string}|null */
    private static function sketchCovered(StepOutcome $o): ?array
    {
        $span = static fn (StepOutcome $x, bool $after): float => $after
            ? abs($x->after->ridge->toLab()->l - $x->after->recess->toLab()->l)
            : abs($x->below->ridge->toLab()->l - $x->below->recess->toLab()->l);
        if (!in_array($o->step->technique, [Technique::Basecoat, Technique::AirbrushCoat], true) || $span($o, false) < 15.0 || $span($o, true) > 0.4 * $span($o, false)) {
            return null;
        }

        return [
            'The light sketch spans {before} of lightness from recess to ridge, and {coats} opaque coats leave {after} of it.',
            ['before' => $span($o, false), 'coats' => $o->coats, 'after' => $span($o, true)],
            'Stain or glaze over the sketch, or save yourself the sketch.',
        ];
    }

    /** Smooth, and not metal: on metal blotches and streaks read as wear. */
    private static function isSmooth(Area $area): bool
    {
        return in_array($area->relief, [Relief::Broad, Relief::Plate, Relief::Orb], true) && $area->material !== Material::Metal;
    }

    private static function isMetallic(StepOutcome $o): bool
    {
        return ($o->step->mix?->parts[0]['paint']->behaviour) === Behaviour::Metallic;
    }
}
