<?php

declare(strict_types=1);

namespace Tests\Core\Order;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Wet;
use Kalokroma\Order\Job\WholeWork;
use Kalokroma\Order\OrderedJob;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\WholePlan;
use Kalokroma\Recipe\Plan\WholeStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Recipe\Predict\WholeOutcome;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Tone;
use Tests\Core\Recipe\Steps;

/** Companies for tests: areas with the steps of their recipes, told in short. */
final class Works
{
    private const CM2 = 16.0;

    /**
     * @param array<string, list<PlannedStep|string>> $recipes steps by name of the area, or their techniques
     * @param array<string, array<string, mixed>> $more of an area: material, relief, cm2, depth, part, reachable
     * @param list<array{string, string}>|null $touching null where every area is beside every other
     * @param list<WholeStep> $whole
     * @param list<StepOutcome>|null $undercoat null for grey out of an airbrush
     * @param list<Wet> $wet
     */
    public static function company(
        array $recipes,
        int $count = 1,
        array $more = [],
        ?array $touching = null,
        array $whole = [],
        int $leaders = 0,
        ?array $undercoat = null,
        ?callable $left = null,
        string $id = 'c',
        int $priority = 1,
        array $wet = [],
        ?callable $had = null,
    ): CompanyWork {
        $ground = Undercoating::of(UndercoatPlan::of(Ground::uniform(Tone::Grey, null), Kind::Airbrush), self::CM2);
        $areas = $outcomes = [];
        foreach ($recipes as $name => $steps) {
            $areas[] = $area = self::area((string) $name, $more[$name] ?? []);
            $steps = (new WholePlan($whole))->among($area->id, self::steps($steps));
            $outcomes[$area->id] = Simulation::run($steps, $area, $ground->surface());
        }
        $wholes = [];
        foreach ($whole as $each) {
            $shown = WholeOutcome::shownOn($each, $areas);
            if ($shown !== null) {
                $outcome = WholeOutcome::of($each, $areas, $shown, $ground->surface(), null);
                $wholes[$each->step->key->value] = new WholeWork($outcome, $each->late);
            }
        }

        return new CompanyWork(
            $id,
            'Keepers',
            $count,
            $leaders,
            $areas,
            $touching ?? [],
            $undercoat ?? $ground->steps,
            $outcomes,
            $wholes,
            $left === null ? null : $left(...),
            $priority,
            wet: $wet,
            had: $had === null ? null : $had(...),
        );
    }

    /** @param array<string, mixed> $more */
    private static function area(string $name, array $more): Area
    {
        return new Area(
            $name,
            ucfirst($name),
            $more['material'] ?? Material::Cloth,
            $more['relief'] ?? Relief::Broad,
            $more['cm2'] ?? 4.0,
            $more['depth'] ?? 1,
            reachable: $more['reachable'] ?? true,
            part: $more['part'] ?? '',
        );
    }

    /**
     * @param list<PlannedStep|string> $steps a technique that comes again gets a number
     *
     * @return list<PlannedStep>
     */
    private static function steps(array $steps): array
    {
        $found = [];
        $times = [];
        foreach ($steps as $step) {
            if (is_string($step)) {
                $times[$step] = ($times[$step] ?? 0) + 1;
                $step = Steps::step($step, coats: 1, key: $times[$step] === 1 ? $step : $step.'-'.$times[$step]);
            }
            $found[] = $step;
        }

        return $found;
    }

    /** @return list<string> what is done, in its order, without company and figures: `coat:basecoat` */
    public static function done(RunningOrder $order): array
    {
        return array_map(static fn (OrderedJob $o): string => substr($o->job->step, strlen($o->job->company->id) + 1), $order->jobs);
    }
}
