<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Caution\Tool;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Grouping;
use Kalokroma\Order\Job\Job;
use Kalokroma\Order\Job\Jobs;
use Kalokroma\Recipe\Predict\Amount;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Finding;

/** Where a pot that stands open is wanted next. */
final readonly class ColourQueue
{
    /**
     * @param list<OrderedJob> $next in the order they come in
     * @param list<Job> $later of companies that are not planned here
     */
    private function __construct(public string $paint, public array $next, public array $later)
    {
    }

    /**
     * @param string $paint id of the paint
     * @param list<CompanyWork> $others that are not planned in this order
     */
    public static function of(string $paint, RunningOrder $order, array $others): self
    {
        $later = [];
        foreach ($others as $work) {
            foreach (Jobs::of($work, Grouping::row())->jobs as $job) {
                if (self::takes($job, $paint)) {
                    $later[] = $job;
                }
            }
        }

        return new self(
            $paint,
            array_values(array_filter($order->jobs, static fn (OrderedJob $o): bool => self::takes($o->job, $paint))),
            $later,
        );
    }

    /** @return list<Paint> that are wanted anywhere, those that are wanted most often first */
    public static function paints(RunningOrder $order): array
    {
        $paints = $times = [];
        foreach ($order->jobs as $ordered) {
            foreach ($ordered->job->planned()->load->paints() as $paint) {
                $paints[$paint->id] = $paint;
                $times[$paint->id] = ($times[$paint->id] ?? 0) + 1;
            }
        }
        arsort($times);

        return array_map(static fn (int|string $id): Paint => $paints[$id], array_keys($times));
    }

    /**
     * What a remainder in the cup of the airbrush is enough for, of what is sprayed with this paint alone.
     *
     * @param int $drops of thinned paint in the cup, 1 or more
     *
     * @return Finding|null null where nothing of it is sprayed
     */
    public function cup(int $drops): ?Finding
    {
        $figures = 0;
        $where = null;
        foreach ([...array_map(static fn (OrderedJob $o): Job => $o->job, $this->next), ...$this->later] as $job) {
            $isSprayed = $job->outcome->labour->tool === Tool::Airbrush && $job->planned()->load->mix?->isSingle() === true;
            if ($isSprayed && $job->outcome->amount !== null) {
                $where ??= $job;
                $figures += count($job->figures);
            }
        }
        $each = $where?->outcome->amount === null
            ? 0.0 : $where->outcome->amount->usedMl * 1000 / $where->planned()->load->thinning->load() / $where->goes;
        $enough = 0;
        while ($enough < $figures && Amount::neededUl($each, $enough + 1) <= $drops * Defaults::DROP_ML * 1000) {
            ++$enough;
        }

        return $where === null ? null : new Finding(
            'queue.cup',
            $enough === 0
            ? 'What is in the cup is not enough for one figure: {first} comes next.'
            : 'What is in the cup is enough for {enough} of {figures, plural, one {one figure} other {# figures}}: {first} comes next.',
            ['enough' => $enough, 'figures' => $figures, 'first' => lcfirst($where->words())],
        );
    }

    private static function takes(Job $job, string $paint): bool
    {
        foreach ($job->planned()->load->paints() as $each) {
            if ($each->id === $paint) {
                return true;
            }
        }

        return false;
    }
}
