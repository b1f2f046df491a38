<?php

declare(strict_types=1);

namespace App\Console;

use App\Formats\Recipe\RecipeJson;
use App\Workshop\Order\FreeHours;
use App\Workshop\Order\OrderTold;
use App\Workshop\Order\WorkFile;
use Carbon\CarbonImmutable;
use DomainException;
use Kalokroma\Order\Deadline;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\NotKept;
use Kalokroma\Order\Planner;
use Kalokroma\Order\Price;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\WayOfWorking;
use Kalokroma\Order\Ways;
use Kalokroma\Word\Finding;

/** @phpstan-import-type FreeRow from FreeHours */
final class ScheduleOf extends PlanningCommand
{
    protected $signature = 'kalokroma:schedule
        {company : a figure or company as it is exported, in JSON}
        {--free= : free hours in JSON; always free where it is missing}
        {--way= : way of working; the best one where it is missing}
        {--overrule=* : rules to set aside, by their codes}
        {--relax=* : rules to keep only where that costs nothing}
        {--fieldable-first : bring all figures to fieldable before any is finished}
        {--by= : a day, as in 2026-12-14: what can stand on the table by then}
        {--ways : compare the ways of working, and take the advised one}
        {--prices : say what keeping each rule costs}';

    protected $description = 'Plan what to do when: the order of a figure or company, its reasons, and ways of working side by side';

    protected function answer(): array
    {
        $file = (string) $this->argument('company');
        $free = $this->free();
        $now = CarbonImmutable::now();
        $told = new OrderTold($free, $now);
        try {
            $work = WorkFile::read($this->figures($file));
            $openings = $free?->openings($now) ?? new Openings(null);
            $wishes = new Wishes($this->codes('overrule'), $this->codes('relax'), fieldableFirst: (bool) $this->option('fieldable-first'));
            $ways = (bool) $this->option('ways') ? Ways::compare($work, $wishes, $openings) : null;
            $way = $this->way() ?? $ways->advised ?? ($work->count > 1 ? WayOfWorking::BasesFirst : WayOfWorking::Row);
            $order = Planner::plan([$work], $way, $wishes, $openings);
        } catch (DomainException $problem) {
            throw new DomainException($file.': '.$problem->getMessage());
        }

        return [
            'name' => $work->name,
            'figures' => $work->count,
            'from' => $free?->start($now)->format('Y-m-d\TH:iP'),
            'way' => $way->value,
            ...$ways === null ? [] : ['advised' => ['way' => $ways->advised->value, 'why' => $ways->why->sentence()]],
            ...$told->sums($order),
            'order' => $told->jobs($order),
            'left_over' => OrderTold::leftOver($order),
            'late' => array_map(static fn (Finding $f): string => $f->sentence(), $order->late),
            'not_kept' => array_map(static fn (Finding $f): string => $f->sentence(), NotKept::of([$work], $order)),
            'rules' => $order->ties,
            'contradicted' => OrderTold::setAside($order),
            ...$this->prices($work, $way, $wishes, $openings, array_keys($order->ties)),
            ...$this->byThen($work, $way, $wishes, $openings, $free, $now),
            ...$ways === null ? [] : ['ways' => $told->ways($ways)],
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws DomainException that names the file and the place in it
     */
    private function figures(string $file): array
    {
        $bytes = is_file($file) && is_readable($file) ? file_get_contents($file) : false;
        $document = RecipeJson::read($bytes === false ? throw new DomainException('It cannot be read: name a JSON file.') : $bytes);
        if ($document['kind'] === RecipeJson::RECIPE) {
            throw new DomainException('At /kind: this is one recipe; export the figure or company.');
        }

        return $document;
    }

    /** @throws DomainException */
    private function free(): ?FreeHours
    {
        $file = $this->text('free');
        if ($file === null) {
            return null;
        }
        /** @var FreeRow $row */
        $row = $this->document($file, 'free.schema.json');
        try {
            return FreeHours::of($row);
        } catch (DomainException $problem) {
            throw new DomainException($file.': '.$problem->getMessage());
        }
    }

    /** @throws DomainException */
    private function way(): ?WayOfWorking
    {
        $said = $this->text('way');

        return $said === null ? null : WayOfWorking::tryFrom($said) ?? throw new DomainException(sprintf(
            '--way is "%s": give one of %s.',
            $said,
            implode(', ', array_column(WayOfWorking::cases(), 'value')),
        ));
    }

    /** @return list<string> */
    private function codes(string $option): array
    {
        $said = $this->option($option);

        return array_values(array_filter(is_array($said) ? $said : [], is_string(...)));
    }

    /**
     * @param list<string> $rules
     *
     * @return array<string, mixed>
     */
    private function prices(CompanyWork $work, WayOfWorking $way, Wishes $wishes, Openings $openings, array $rules): array
    {
        if (!(bool) $this->option('prices')) {
            return [];
        }
        $prices = [];
        foreach (array_diff($rules, ['undercoat']) as $rule) {
            $price = Price::of($rule, [$work], $way, $wishes, $openings);
            $prices[] = ['rule' => $rule, 'minutes' => $price->minutes, 'windows' => $price->windows,
                'words' => $price->rule->words.' '.$price->costs->sentence()];
        }

        return ['prices' => $prices];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws DomainException
     */
    private function byThen(
        CompanyWork $work,
        WayOfWorking $way,
        Wishes $wishes,
        Openings $openings,
        ?FreeHours $free,
        CarbonImmutable $now,
    ): array {
        $by = $this->text('by');
        if ($by === null) {
            return [];
        }
        $until = $free?->endOf($by, $now)
            ?? throw new DomainException('--by needs --free: without free hours nobody knows what a day holds.');
        $table = Deadline::of($work, $until, $way, $wishes, $openings);

        return ['by' => [
            'day' => $by,
            'words' => $table->finding()->sentence(),
            'leave_out' => $table->leaveOut,
            'more_minutes' => $table->more,
        ]];
    }
}
