<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use App\Workshop\Plan\PlanMapper;
use App\Workshop\Plan\PortablePlan;
use App\Workshop\Recipe\RecipeImport;
use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\FigureKind;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Shares;
use Kalokroma\Figure\Size;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Thinning;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\WholeWork;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\UndercoatStep;
use Kalokroma\Recipe\Plan\WholePlan;
use Kalokroma\Recipe\Plan\WholeStep;
use Kalokroma\Recipe\Predict\Look;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Recipe\Predict\WholeOutcome;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Spray;
use Kalokroma\Undercoat\Tone;

/**
 * A figure or company file as work to be done, without a workshop: its paints are those it describes. Areas go by their names.
 *
 * @phpstan-import-type GivenFigures from RecipeImport
 * @phpstan-import-type GivenArea from RecipeImport
 * @phpstan-import-type GivenPaint from RecipeImport
 */
final readonly class WorkFile
{
    /** @param GivenFigures $given */
    private function __construct(private array $given, private ShelfRows $shelf)
    {
    }

    /** @param array<string, mixed> $document as docs/formats/figure.schema.json says */
    public static function read(array $document): CompanyWork
    {
        /** @var GivenFigures $document */
        return (new self($document, ShelfRows::none()))->work();
    }

    private function work(): CompanyWork
    {
        $given = $this->given;
        $areas = array_map($this->area(...), $given['areas']);
        $ground = $this->ground();
        $whole = $this->whole();
        $recipes = $looks = [];
        foreach ($areas as $i => $area) {
            $steps = (new WholePlan($whole))->among($area->id, $this->plan($given['areas'][$i]['recipe']['plan'] ?? null)->steps);
            $below = Undercoating::of($ground, $this->surface(), $areas, $area->id);
            $recipes[$area->id] = Simulation::run($steps, $area, $below->surface(), $below->certainty());
            foreach ($recipes[$area->id] as $outcome) {
                $looks[$area->id][$outcome->step->key->value] = $outcome->look;
            }
        }
        $single = $given['kind'] === 'kalokroma.figure';

        return new CompanyWork(
            'file',
            $given['name'],
            $single ? 1 : $given['count'] ?? 1,
            $single ? 0 : $given['leaders'] ?? 0,
            $areas,
            $this->touching(),
            Undercoating::of($ground, $this->surface(), $areas)->steps,
            $recipes,
            $this->wholeWork($whole, $areas, $ground, $looks),
        );
    }

    private function surface(): float
    {
        $kind = FigureKind::from($this->given['model'] ?? FigureKind::Foot->value);

        return (float) ($this->given['surface_cm2'] ?? Size::surfaceCm2($this->given['height_mm'], $kind));
    }

    /** @param GivenArea $given */
    private function area(array $given): Area
    {
        return new Area(
            $given['name'],
            $given['name'],
            Material::from($given['material']),
            Relief::from($given['relief']),
            Shares::surfaceCm2($this->surface(), $given['share']),
            $given['depth'],
            Weight::from($given['weight']),
            $given['reachable'] ?? true,
            $given['fragile'] ?? false,
            $given['part'] ?? '',
        );
    }

    /** @return list<array{0: string, 1: string}> */
    private function touching(): array
    {
        $pairs = [];
        foreach ($this->given['areas'] as $area) {
            foreach ($area['touches'] ?? [] as $other) {
                $pairs[] = [$area['name'], $other];
            }
        }

        return $pairs;
    }

    /** @param array<string, mixed>|null $portable */
    private function plan(?array $portable): Plan
    {
        return $portable === null ? new Plan([], []) : PlanMapper::toPlan(PortablePlan::row($portable, $this->shelf, false), $this->shelf);
    }

    /** The ground it was planned on; a grey one where the file names none. */
    private function ground(): UndercoatPlan
    {
        $said = $this->given['undercoat'] ?? null;
        $steps = [];
        foreach ($said === null ? [] : RecipeImport::sprays($said) as $i => $spray) {
            $paint = self::paint($spray['paint']);
            $from = $spray['from'] ?? null;
            $steps[] = new UndercoatStep(
                StepKey::ofUndercoat($i + 1),
                $paint,
                Tone::of($paint),
                Kind::tryFrom($spray['kind'] ?? '') ?? Kind::Airbrush,
                $from === null ? null : new Spray(
                    (float) $from['degrees'],
                    $from['side'] ?? '',
                    (float) ($from['strength'] ?? Spray::USUAL),
                ),
                $spray['areas'] ?? [],
                $spray['coats'] ?? null,
                isset($spray['thin']) ? Thinning::fromRatio($spray['thin']) : null,
            );
        }

        return $steps === []
            ? UndercoatPlan::of(Ground::uniform(Tone::Grey, null), Kind::Airbrush)
            : new UndercoatPlan($steps, given: count($steps));
    }

    /** @return list<WholeStep> */
    private function whole(): array
    {
        $whole = [];
        foreach ($this->given['whole'] ?? [] as $said) {
            foreach ($this->plan(['steps' => [$said['step']]])->steps as $step) {
                $whole[] = new WholeStep($step, $said['without'] ?? [], $said['late'] ?? false);
            }
        }

        return $whole;
    }

    /**
     * @param list<WholeStep> $whole
     * @param list<Area> $areas
     * @param array<string, array<string, Look>> $looks by area and step
     *
     * @return array<string, WholeWork>
     */
    private function wholeWork(array $whole, array $areas, UndercoatPlan $ground, array $looks): array
    {
        $found = [];
        foreach ($whole as $each) {
            $shown = WholeOutcome::shownOn($each, $areas);
            if ($shown !== null) {
                $key = $each->step->key->value;
                $below = Undercoating::of($ground, $this->surface(), $areas, $shown->id)->surface();
                $found[$key] = new WholeWork(
                    WholeOutcome::of($each, $areas, $shown, $below, $looks[$shown->id][$key] ?? null),
                    $each->late,
                );
            }
        }

        return $found;
    }

    /** @param GivenPaint $said */
    private static function paint(array $said): Paint
    {
        return Paint::described($said['name'], Behaviour::from($said['behaviour']), $said['colour']);
    }
}
