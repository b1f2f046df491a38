<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\Company;
use App\Models\PotRow;
use App\Workshop\Bench\PotDesk;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Record\BenchStep;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Mixes that stand on the palette. */
final class PotController extends BenchAnswers
{
    /** It is mixed, before anything is painted with it. */
    public function store(Request $request, Company $company): JsonResponse
    {
        return $this->ticked($request, $company, function () use ($request, $company): Ticked {
            $company->load('areas.recipe', 'records');
            $area = $request->filled('area_id') ? $company->areas->firstOrFail('id', $request->integer('area_id')) : null;
            $step = (new BenchDesk($this->studio($request)))->find($company, $area, self::said($request, 'step'))
                ?? throw new DomainException('That step is no longer in the recipe: reload the page and choose again.');
            $open = BenchDesk::task($company, $step, BenchDesk::progress($company))->figures;
            (new PotDesk($this->studio($request)))->mixed($step->outcome, max(1, count($open)), CarbonImmutable::now());

            return new Ticked([(string) $step->ref()]);
        });
    }

    public function update(Request $request, Company $company, PotRow $pot): JsonResponse
    {
        return $this->ticked($request, $company, function () use ($request, $company, $pot): Ticked {
            $desk = new PotDesk($this->studio($request));
            $key = $desk->pot($pot)->mix->key();
            $desk->change($pot, self::said($request, 'what'), CarbonImmutable::now());
            $steps = (new BenchDesk($this->studio($request)))->steps($company->load('areas.recipe', 'records'));

            return new Ticked(array_values(array_map(
                static fn (BenchStep $s): string => (string) $s->ref(),
                array_filter($steps, static fn (BenchStep $s): bool => $s->outcome->step->load->mix?->key() === $key),
            )));
        });
    }
}
