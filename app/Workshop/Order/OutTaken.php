<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use App\Models\AreaRow;
use App\Workshop\State\Conflict;
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

    /**
     * @param string|null $seen the version of the order it was offered on; null for the newest
     *
     * @throws DomainException|Conflict where it does not do any more, or another window changed the hours
     */
    public function take(OrderPlan $plan, string $id, ?string $seen): void
    {
        foreach ($plan->waysOut() as $way) {
            if ($way->id === $id) {
                $way->window === null ? $this->leaveOut($plan, $way) : $this->lengthen($plan, $way, $way->window, $seen);

                return;
            }
        }

        throw new DomainException('That does not make it fit any more: look at the order again.');
    }

    private function lengthen(OrderPlan $plan, WayOut $way, int $window, ?string $seen): void
    {
        $painter = $this->studio->painter;
        $row = $painter->free;
        if ($row === null || $plan->free === null) {
            throw new DomainException('Say when you are free first.');
        }
        $free = ['free' => $plan->free->longer($row, $plan->now, $plan->endOf($window), $way->minutes)];
        OrderState::of($painter)->check('The running order', $seen, OrderState::wanted($painter, $free));
        $painter->update($free);
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
