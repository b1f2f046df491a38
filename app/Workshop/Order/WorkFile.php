<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use App\Workshop\Plan\PlanReader;
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
use Kalokroma\Undercoat\Tone;

/**
 * A figure or company file as work to be done, without a workshop: its paints are those it describes. Areas go by their names.
 *
 * @phpstan-import-type GivenFigures from RecipeImport
 * @phpstan-import-type GivenArea from RecipeImport
 * @phpstan-import-type GivenPaint from PlanReader
 */
final readonly class WorkFile
{
    /** @param GivenFigures $given */
    private function __construct(private array $given, private PlanReader $reader)
    {
    }

    /** @param array<string, mixed> $document as docs/formats/figure.schema.json says */
    public static function read(array $document): CompanyWork
    {
        /** @var GivenFigures $document */
        return (new self($document, new PlanReader(ShelfRows::none(), false)))->work();
    }

    private function work(): CompanyWork
    {
        $given = $this->given;
        $areas = array_map($this->area(...), $given['areas']);
        $ground = $this->ground();
        $whole = $this->reader->whole($given['whole'] ?? [], static fn (string $name): string => $name);
        $recipes = $looks = [];
        foreach ($areas as $i => $area) {
            $steps = (new WholePlan($whole))->among($area->id, $this->reader->plan($given['areas'][$i]['recipe']['plan'] ?? null)->steps);
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

    /** The ground it was planned on; a grey one where the file names none. */
    private function ground(): UndercoatPlan
    {
        $said = $this->given['undercoat'] ?? null;
        $steps = [];
        foreach ($said === null ? [] : PlanReader::sprays($said) as $i => $spray) {
            $paint = self::paint($spray['paint']);
            $steps[] = new UndercoatStep(
                StepKey::ofUndercoat($i + 1),
                $paint,
                Tone::of($paint),
                Kind::tryFrom($spray['kind'] ?? '') ?? Kind::Airbrush,
                PlanReader::from($spray['from'] ?? null),
                $spray['areas'] ?? [],
                $spray['coats'] ?? null,
                isset($spray['thin']) ? Thinning::fromRatio($spray['thin']) : null,
            );
        }

        return $steps === []
            ? UndercoatPlan::of(Ground::uniform(Tone::Grey, null), Kind::Airbrush)
            : new UndercoatPlan($steps, given: count($steps));
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
