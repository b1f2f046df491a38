<?php

declare(strict_types=1);

namespace App\Http\Undercoat;

use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Figure\AreaTones;
use App\Workshop\Figure\Matching;
use App\Workshop\State\History;
use App\Workshop\State\HistoryMarks;
use App\Workshop\Studio;
use Kalokroma\Caution\Cautions;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Facings;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Ground\GroundLaid;
use Kalokroma\Recipe\Ground\GroundsCompared;
use Kalokroma\Recipe\Ground\PlannedCoat;
use Kalokroma\Recipe\Judge\Rules;
use Kalokroma\Recipe\Predict\Effort;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\PrimerCost;
use Kalokroma\Undercoat\Spray;
use Kalokroma\Undercoat\Weather;
use Kalokroma\Word\Temperature;

/** What could be laid under a company's colours, and how. */
final class UndercoatView
{
    /**
     * @param Kind|null $asked how it would be put on; as the company has it unless asked
     *
     * @return array<string, mixed>
     */
    public static function of(Studio $studio, Company $company, ?Kind $asked = null): array
    {
        $kind = $studio->undercoats->kind($company);
        $plan = $studio->undercoats->plan($company);
        $current = $plan->ground();
        $compared = $studio->undercoats->compared($company, $asked);

        return [
            ...self::version($studio, $company, History::marks($company)['undercoat']),
            'whole_version' => $company->whole_version,
            'chosen' => $plan->own,
            'current' => $current->words,
            'current_reason' => $plan->reason,
            'reason' => $compared->reason,
            'kind' => $kind->value,
            'kinds' => self::kinds($studio, $company),
            'grounds' => array_map(static fn (GroundLaid $l): array => self::ground($l, $compared, $company, $current), $compared->laid),
            'sprays' => SpraysView::of($studio, $company, $plan),
            'sprayed' => SpraysView::paints($studio),
            'heights' => Spray::heights(),
            'sides' => Spray::sides(),
            'strengths' => Spray::strengths(),
            'primers' => self::primers($studio),
            'angles' => ['light' => Ground::ANGLE, 'lower_by' => Ground::STEEP_ANGLE - Ground::LOW_ANGLE, 'below' => -Ground::LOW_ANGLE],
            'matching' => self::matching($studio, $company),
            'keeps' => $current->isSketch() ? self::keeps($studio, $company) : null,
        ];
    }

    /** @return array<string, mixed> */
    private static function ground(GroundLaid $l, GroundsCompared $compared, Company $company, Ground $current): array
    {
        return [
            'id' => $l->ground->id,
            'words' => ucfirst($l->ground->words),
            'tone' => $l->ground->tone->words(),
            'paint_id' => $l->ground->primer === null ? null : (int) $l->ground->primer->id,
            'lights' => array_map(static fn (array $p): array => [
                'paint_id' => (int) $p['paint']->id,
                'degrees' => $p['spray']->degrees,
                'side' => $p['spray']->side,
                'strength' => $p['spray']->strength,
            ], $l->ground->lights),
            'hexes' => $l->ground->hexes(),
            'coats' => $l->coats(),
            'more' => $compared->more($l),
            'minutes' => round($l->minutes),
            'minutes_for_all' => (int) round($l->minutesFor($company->count)),
            'apart' => round($l->apart, 1),
            'risks' => $l->risks,
            'favoured' => $l->favoured,
            'current' => $l->ground->id === $current->id,
            'by_area' => array_map(
                static fn (string $area, int $coats): array => ['area' => $area, 'coats' => $coats],
                array_map(strval(...), array_keys($l->byArea)),
                $l->byArea,
            ),
        ];
    }

    /** @return array{version: int, undo: string|null, redo: string|null} what can be had back */
    public static function version(Studio $studio, Company $company, HistoryMarks $marks): array
    {
        $pending = $studio->undercoats->pending($company);

        return [
            'version' => $company->undercoat_version,
            'undo' => $pending ?? $marks->undo,
            'redo' => $pending === null ? $marks->redo : null,
        ];
    }

    /** @return list<array<string, mixed>> each way to put a primer on */
    private static function kinds(Studio $studio, Company $company): array
    {
        return array_map(static fn (Kind $k): array => [
            'id' => $k->value,
            'words' => ucfirst($k->words()),
            'allowed' => $k->isAllowedBy($studio->painter->equipment()),
            'minutes' => round(Effort::undercoatMinutes($k, $company->surface_cm2, Undercoating::COATS), 1),
            'dry_minutes' => $k->dryMinutes(),
            'cautions' => Cautions::before($k->tool(), ['primer']),
        ], Kind::cases());
    }

    /**
     * A light sketch as it would be sprayed: what each facing gets, and how every area then looks.
     *
     * @param list<array{paint_id: int, degrees: float, side?: string, strength?: float}> $lights
     *
     * @return array<string, mixed>
     */
    public static function sketch(Studio $studio, Company $company, int $dark, array $lights): array
    {
        $ground = $studio->undercoats->rows->built($studio->undercoats->rows->paint((string) $dark), $lights);
        $coats = [];
        foreach ($studio->undercoats->coats($company) as $coat) {
            $coats[(int) $coat->area->id] = $coat;
        }

        return [
            'words' => $ground->words,
            'model' => Ground::model(),
            'lights' => $lights,
            'hexes' => $ground->hexes(),
            'facings' => self::facings($ground),
            'areas' => array_values($company->areas->map(
                static fn (AreaRow $a): array => self::sketched($studio, $company, $a, $ground, $coats[$a->id] ?? null),
            )->all()),
        ];
    }

    /** @return list<array{facing: string, share: float, lightness: float, hex: string}> share of the last light in percent, lightness L* */
    private static function facings(Ground $ground): array
    {
        $last = $ground->lights[count($ground->lights) - 1]['spray'] ?? new Spray(Ground::ANGLE);
        $shares = Facings::percentsOf($last->landed());
        $hexes = $ground->hexes();
        $row = static fn (string $facing, string $at, Surface $looks, string $hex): array => [
            'facing' => $facing,
            'share' => $shares[$at],
            'lightness' => round($looks->plane->toLab()->l, 1),
            'hex' => $hex,
        ];
        $sides = $ground->facings->sides;

        return [
            $row('up', 'above', $ground->facings->above, $hexes['above']),
            ...$hexes['left'] === $hexes['right'] ? [$row('sideways', 'front', $ground->facings->side, $hexes['side'])] : [
                $row('to the left', 'left', $sides['left'], $hexes['left']),
                $row('to the right', 'right', $sides['right'], $hexes['right']),
            ],
            $row('down', 'below', $ground->facings->below, $hexes['below']),
        ];
    }

    /** @return array<string, mixed> how one area looks over a light sketch: bare, after one coat, and finished */
    private static function sketched(Studio $studio, Company $company, AreaRow $area, Ground $ground, ?PlannedCoat $coat): array
    {
        $surface = $ground->facings->asSurface();
        $plan = $studio->recipes->plan($area->recipe);
        $steps = $plan === null ? [] : Simulation::run($plan->steps, $area->toCore($company), $surface);
        $after = $steps === [] ? null : $steps[count($steps) - 1]->look->after->hexes();

        return [
            'id' => $area->id,
            'bare' => $surface->hexes(),
            'once' => $coat?->once($surface)->hexes(),
            'done' => $after ?? ($area->hex === null ? null : AreaTones::suggested($area->hex)),
            'value' => $area->hex === null ? null : $ground->wantedFor(Srgb::fromHex($area->hex)->toLab()->l),
        ];
    }

    /** @return array<string, mixed> */
    public static function weather(Weather $weather, ?string $source, Temperature $in): array
    {
        return [
            'temperature' => round($in->of($weather->celsius), 1),
            'unit' => $in->unit(),
            'humidity' => $weather->humidity,
            'dew_point' => round($in->of($weather->dewPoint()), 1),
            'source' => $source,
            'kinds' => array_map(static fn (Kind $k): array => [
                'id' => $k->value,
                'words' => ucfirst($k->words()),
                ...$weather->judge($k, $in),
                'wait_minutes' => $weather->wait($k),
                'usual_minutes' => $k->dryMinutes(),
                'rule' => Weather::rule($k, $in),
                'longer' => round($weather->drying($k), 2),
                'checklist' => Weather::checklist($k),
                'cautions' => Cautions::before($k->tool(), ['primer']),
            ], Kind::cases()),
        ];
    }

    /**
     * Can against airbrush bottle for one to so many figures.
     *
     * @param array<string, int|float> $usual what is taken where nothing is said
     *
     * @return array<string, mixed>
     */
    public static function cost(PrimerCost $can, PrimerCost $bottle, float $cm2, int $figures, array $usual): array
    {
        $row = static fn (int $n): array => [
            'figures' => $n,
            'can' => $can->forFigures($n, $cm2),
            'bottle' => $bottle->forFigures($n, $cm2),
            'cans' => $can->bought($n, $cm2),
            'bottles' => $bottle->bought($n, $cm2),
        ];

        return [
            'cm2' => $cm2,
            'usual' => $usual,
            'yours' => $row($figures),
            'rows' => array_map($row, [1, 5, 10, 20, 50, 100, 200]),
            'in_the_long_run' => ['can' => round($can->inTheLongRun($cm2), 1), 'bottle' => round($bottle->inTheLongRun($cm2), 1)],
            'break_even' => $bottle->pays($can, $cm2),
            'sentence' => PrimerCost::verdict($can, $bottle, $cm2),
        ];
    }

    /** @return list<array{id: int, name: string, hex: string}> those in stock, the darkest first */
    private static function primers(Studio $studio): array
    {
        $found = array_values(
            array_filter(
                $studio->shelf->paints(),
                static fn (Paint $p): bool => $p->behaviour === Behaviour::Primer && $p->isAtHand() && $p->colour !== null,
            ),
        );
        $light = static fn (Paint $p): float => $p->colour?->toLab()->l ?? 50.0;
        usort($found, static fn (Paint $a, Paint $b): int => $light($a) <=> $light($b) ?: $a->id <=> $b->id);

        return array_map(
            static fn (Paint $p): array => ['id' => (int) $p->id, 'name' => $p->name, 'hex' => $p->colour?->toHex() ?? '#808080'],
            $found,
        );
    }

    /** @return list<array{id: int, name: string, keeps: bool}> whether the light sketch is to show on each area */
    private static function keeps(Studio $studio, Company $company): array
    {
        return array_values($company->areas->map(static fn (AreaRow $a): array => [
            'id' => $a->id,
            'name' => $a->name,
            'keeps' => $a->keeps_sketch ?? Rules::isTransparent(
                Undercoated::above($studio->predictions->outcomes($company, $a, $a->recipe)),
            ),
        ])->all());
    }

    /**
     * Companies that are meant to match and stand on other grounds, with one ground for all of them; null where all stand alike.
     *
     * @return array{warnings: list<string>, sentence: string, paint_id: int, words: string}|null
     */
    private static function matching(Studio $studio, Company $company): ?array
    {
        $all = Matching::of($studio->painter, $company);
        $mine = $studio->undercoats->current($company);
        $warnings = [];
        foreach ($all as $other) {
            $theirs = $studio->undercoats->current($other);
            if ($mine->id !== $theirs->id) {
                $warnings[] = sprintf(
                    '%s is meant to match %s, which is on %s: the same paint looks different over %s.',
                    $company->name,
                    $other->name,
                    $theirs->words,
                    $mine->words,
                );
            }
        }
        $one = $warnings === [] ? null : $studio->undercoats->oneForAll([$company, ...$all]);

        return $one?->ground->primer === null ? null : [
            'warnings' => $warnings,
            'sentence' => $one->sentence(),
            'paint_id' => (int) $one->ground->primer->id,
            'words' => $one->ground->words,
        ];
    }
}
