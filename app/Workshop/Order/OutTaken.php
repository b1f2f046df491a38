<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use App\Models\AreaRow;
use App\Workshop\Studio;
use DomainException;
use Kalokroma\Order\WayOut;
use Kalokroma\Recipe\Change\StepChange;
use Kalokroma\Recipe\Plan\FigurePlan;

/** Takes what would make the work fit: longer free hours, or steps left out. */
final readonly class OutTaken
{
    public function __construct(private Studio $studio)
    {
    }

    /** @throws DomainException where it does not do any more */
    public function take(OrderPlan $plan, string $id): void
    {
        foreach ($plan->waysOut() as $way) {
            if ($way->id === $id) {
                $way->window === null ? $this->leaveOut($plan, $way) : $this->lengthen($plan, $way, $way->window);

                return;
            }
        }

        throw new DomainException('That does not make it fit any more: look at the order again.');
    }

    private function lengthen(OrderPlan $plan, WayOut $way, int $window): void
    {
        $row = $this->studio->painter->free;
        if ($row === null || $plan->free === null) {
            throw new DomainException('Say when you are free first.');
        }
        $this->studio->painter->update(['free' => $plan->free->longer($row, $plan->now, $plan->endOf($window), $way->minutes)]);
    }

    private function leaveOut(OrderPlan $plan, WayOut $way): void
    {
        $by = [];
        foreach ($way->steps as $step) {
            [$area, $key] = explode(':', $step, 2);
            $by[(int) $area][] = $key;
        }
        $areas = $plan->company->areas->keyBy('id');
        $this->studio->plans->commit(
            $plan->company,
            array_map(static fn (): null => null, $by),
            'left out so that it fits',
            static function (FigurePlan $figure) use ($by, $areas): FigurePlan {
                foreach ($by as $id => $keys) {
                    $area = $areas->get($id);
                    $its = $figure->area((string) $id, $area instanceof AreaRow ? $area->name : '');
                    $now = $its->plan;
                    foreach ($keys as $key) {
                        $now = (new StepChange($key, handling: ['omitted' => true]))->on($now);
                    }
                    $figure = $figure->withArea((string) $id, $its->with($now));
                }

                return $figure;
            },
        );
    }
}
