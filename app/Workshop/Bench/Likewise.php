<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Workshop\Plan\SaidChange;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Record\Did;
use App\Workshop\Studio;
use DomainException;
use Illuminate\Support\Facades\DB;
use Kalokroma\Caution\Tool;
use Kalokroma\Record\Substance;

/**
 * "The others like this": what was done differently becomes the plan of the figures still to do. Those that have the step keep it.
 *
 * @phpstan-import-type DidRow from Did
 */
final readonly class Likewise
{
    public function __construct(private Studio $studio)
    {
    }

    /**
     * @param Entry $entry of a planned step, done otherwise than planned
     *
     * @throws DomainException where the plan cannot take it
     */
    public function take(Company $company, Entry $entry): void
    {
        $area = $entry->area_id === null ? null : AreaRow::query()->with('recipe')->find($entry->area_id);
        if ($area === null || $entry->step_key === null) {
            throw new DomainException('Only a step of an area is painted like this on the others: change the undercoat on its own page.');
        }
        /** @var DidRow $real */
        $real = $entry->real;
        $bench = new BenchDesk($this->studio);
        $before = $bench->planned($company, $area, $entry->step_key)
            ?? throw new DomainException('That step is no longer in the recipe: nothing is left to paint like this.');
        $change = (new SaidChange($this->studio->shelf, $company->count))->of($entry->step_key, $this->changes($real));
        DB::transaction(function () use ($company, $area, $entry, $change, $before): void {
            $done = array_filter(
                $company->records->all(),
                static fn (Entry $e): bool => $e->area_id === $area->id && $e->step_key === $entry->step_key
                    && ($e->substance() === null || $e->substance()->isOf($before->step)
                        || array_filter($e->counts(), static fn (Substance $s): bool => $s->isOf($before->step)) !== []),
            );
            $this->studio->plans->change($company, $area, $change, null);
            $now = (new BenchDesk($this->studio))->planned($company->load('areas.recipe'), $area->refresh(), (string) $entry->step_key);
            foreach ($now === null ? [] : $done as $each) {
                $each->update(['also' => [...$each->also ?? [], Substance::of($now->step)->row()]]);
            }
        });
    }

    /**
     * @param DidRow $real
     *
     * @return array<string, mixed> as a change of the recipe takes it
     */
    private function changes(array $real): array
    {
        $mix = [];
        foreach ($real['mix'] as $part) {
            $paint = $this->studio->shelf->find($part['id'] ?? '') ?? $this->studio->shelf->named($part['name']);
            $mix[] = [
                'paint_id' => (int) ($paint->id ?? throw new DomainException(
                    sprintf('%s is not on your shelf: add it there first, then the others can be painted with it.', $part['name']),
                )),
                'parts' => $part['parts'],
            ];
        }
        $tool = array_values(array_filter(
            Tool::cases(),
            static fn (Tool $t): bool => $t->words() === trim((string) $real['tool']),
        ))[0] ?? null;

        return array_filter([
            'mix' => $mix,
            'thin' => $real['thin'],
            'coats' => $real['coats'],
            'tool' => $tool?->value,
        ], static fn (mixed $value): bool => $value !== null && $value !== []);
    }
}
