<?php

declare(strict_types=1);

namespace App\Http\Undercoat;

use App\Devices\SimulatedClimateSensor;
use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Figure\AreaTones;
use App\Workshop\Studio;
use Kalokroma\Caution\Cautions;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Application;
use Kalokroma\Film\Facings;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Ground\GroundLaid;
use Kalokroma\Recipe\Predict\Effort;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\PrimerCost;
use Kalokroma\Undercoat\Weather;
use Kalokroma\Word\Counted;

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
        $current = $studio->undercoats->current($company);
        $compared = $studio->undercoats->compared($company, $asked);

        return [
            'chosen' => $company->undercoat['own'] ?? false,
            'current' => $current->words,
            'current_reason' => (string) ($company->undercoat['reason'] ?? ''),
            'reason' => $compared->reason,
            'kind' => $kind->value,
            'kinds' => array_map(static fn (Kind $k): array => [
                'id' => $k->value,
                'words' => ucfirst($k->words()),
                'allowed' => $k->isAllowedBy($studio->painter->equipment()),
                'minutes' => round(Effort::undercoatMinutes($k, $company->surface_cm2, Undercoating::COATS), 1),
                'dry_minutes' => $k->dryMinutes(),
                'cautions' => Cautions::before($k->tool(), ['primer']),
            ], Kind::cases()),
            'grounds' => array_map(static fn (GroundLaid $l): array => [
                'id' => $l->ground->id,
                'words' => ucfirst($l->ground->words),
                'tone' => $l->ground->tone->words(),
                'paint_id' => $l->ground->primer === null ? null : (int) $l->ground->primer->id,
                'lights' => array_map(
                    static fn (array $p): array => ['paint_id' => (int) ($p['paint']->id ?? 0), 'degrees' => $p['degrees']],
                    $l->ground->lights,
                ),
                'hexes' => $l->ground->hexes(),
                'coats' => $l->coats(),
                'minutes' => round($l->minutes),
                'apart' => round($l->apart, 1),
                'risks' => $l->risks,
                'favoured' => $l->favoured,
                'current' => $l->ground->id === $current->id,
                'by_area' => array_map(
                    static fn (string $area, int $coats): array => ['area' => $area, 'coats' => $coats],
                    array_map(strval(...), array_keys($l->byArea)),
                    $l->byArea,
                ),
            ], $compared->laid),
            'primers' => self::primers($studio),
            'angles' => ['light' => Ground::ANGLE, 'lower_by' => Ground::STEEP_ANGLE - Ground::LOW_ANGLE, 'below' => -Ground::LOW_ANGLE],
            'matching' => self::matching($studio, $company),
        ];
    }

    /**
     * A light sketch as it would be sprayed: what each facing gets, and how every area then looks.
     *
     * @param list<array{paint_id: int, degrees: float}> $lights
     *
     * @return array<string, mixed>
     */
    public static function sketch(Studio $studio, Company $company, int $dark, array $lights): array
    {
        $ground = $studio->undercoats->built($studio->undercoats->paint((string) $dark), $lights);
        $surface = $ground->facings->asSurface();
        $coats = [];
        foreach ($studio->undercoats->coats($company) as $coat) {
            $coats[(int) $coat->area->id] = $coat;
        }
        $last = $lights[count($lights) - 1] ?? ['degrees' => Ground::ANGLE];
        $shares = Facings::shares($last['degrees'], Ground::OPENING);
        $light = static fn (Surface $s): float => round($s->plane->toLab()->l, 1);

        return [
            'words' => $ground->words,
            'model' => Ground::model(),
            'lights' => $lights,
            'hexes' => $ground->hexes(),
            'facings' => [
                [
                    'facing' => 'up',
                    'share' => round(100 * $shares[0]),
                    'lightness' => $light($ground->facings->above),
                    'hex' => $ground->hexes()['above'],
                ],
                [
                    'facing' => 'sideways',
                    'share' => round(100 * $shares[1]),
                    'lightness' => $light($ground->facings->side),
                    'hex' => $ground->hexes()['side'],
                ],
                [
                    'facing' => 'down',
                    'share' => round(100 * $shares[2]),
                    'lightness' => $light($ground->facings->below),
                    'hex' => $ground->hexes()['below'],
                ],
            ],
            'areas' => array_values($company->areas->map(static function (AreaRow $area) use (
                $studio,
                $company,
                $surface,
                $coats,
                $ground,
            ): array {
                $plan = $studio->recipes->plan($area->recipe);
                $coat = $coats[$area->id] ?? null;
                $steps = $plan === null ? [] : Simulation::run($plan->steps, $area->toCore($company), $surface);
                $after = $steps === [] ? null : $steps[count($steps) - 1]->look->after->hexes();
                $once = $coat === null ? null : (
                    $coat->isTransparent()
                    ? Application::Stain
                    : Application::Coat
                )->coats($coat->mix->pigment(), $coat->thinning->load(), 1, $surface)->hexes();

                return [
                    'id' => $area->id,
                    'bare' => $surface->hexes(),
                    'once' => $once,
                    'done' => $after ?? ($area->hex === null ? null : AreaTones::suggested($area->hex)),
                    'value' => $area->hex === null ? null : self::value($area->hex, $ground),
                ];
            })->all()),
        ];
    }

    /** @return array<string, mixed> */
    public static function weather(Weather $weather, ?string $source): array
    {
        return [
            'celsius' => $weather->celsius,
            'humidity' => $weather->humidity,
            'dew_point' => round($weather->dewPoint(), 1),
            'source' => $source,
            'scenes' => array_map(
                static fn (string $id, array $scene): array => ['id' => $id, 'words' => $scene[0]],
                array_keys(SimulatedClimateSensor::SCENES),
                SimulatedClimateSensor::SCENES,
            ),
            'kinds' => array_map(static fn (Kind $k): array => [
                'id' => $k->value,
                'words' => ucfirst($k->words()),
                ...$weather->judge($k),
                'wait_minutes' => $weather->wait($k),
                'usual_minutes' => $k->dryMinutes(),
                'rule' => Weather::rule($k),
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
        $pays = $bottle->pays($can, $cm2);
        $canPays = $can->pays($bottle, $cm2);
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
            'break_even' => $pays,
            'sentence' => match (true) {
                $pays === null && $canPays !== null => sprintf('From %s on the can never costs more.', Counted::Figures->of($canPays)),
                $pays === 1 => 'Airbrush primer costs less from the first figure on.',
                $pays !== null => sprintf('The can is the cheaper begin; from %d figures on airbrush primer never costs more.', $pays),
                default => 'Neither is cheaper for good: it goes back and forth with every can and bottle begun.',
            },
        ];
    }

    /** @return list<array{id: int, name: string, hex: string}> those at hand, the darkest first */
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

    /**
     * Companies meant to match that stand on another ground.
     *
     * @return list<string>
     */
    private static function matching(Studio $studio, Company $company): array
    {
        $others = $studio->painter->companies()->with('areas.recipe', 'records')->where(static function ($query) use ($company): void {
            $query->where('matches_id', $company->id)->orWhere('id', $company->matches_id ?? 0);
        })->orderBy('id')->get();
        $found = [];
        foreach ($others as $other) {
            $mine = $studio->undercoats->current($company);
            $theirs = $studio->undercoats->current($other);
            if ($mine->id !== $theirs->id) {
                $found[] = sprintf(
                    '%s is meant to match %s, which stands on %s: the same paint looks different over %s.',
                    $company->name,
                    $other->name,
                    $theirs->words,
                    $mine->words,
                );
            }
        }

        return $found;
    }

    /** How much of the light tone an area wants, so that its ground has the lightness it will finally have. */
    private static function value(string $hex, Ground $ground): string
    {
        $wanted = Srgb::fromHex($hex)->toLab()->l;
        $dark = $ground->facings->below->plane->toLab()->l;
        $bright = $ground->facings->above->plane->toLab()->l;
        $share = $bright - $dark < 1 ? 0.0 : ($wanted - $dark) / ($bright - $dark);

        return match (true) {
            $share < 0.12 => sprintf('leave it dark (lightness %.0f)', $wanted),
            $share < 0.4 => sprintf('one misted pass, to lightness %.0f', $wanted),
            $share < 0.75 => sprintf('two passes, to lightness %.0f', $wanted),
            $share <= 1.02 => sprintf('until it covers, lightness %.0f', $wanted),
            default => sprintf('pure white over it, lightness %.0f', $wanted),
        };
    }
}
