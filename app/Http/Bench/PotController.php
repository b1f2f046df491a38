<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\PotRow;
use App\Workshop\Bench\PotDesk;
use App\Workshop\Record\BenchDesk;
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
        /** @var AreaRow|null $area */
        $area = $request->filled('area_id') ? $company->areas()->with('recipe')->findOrFail($request->integer('area_id')) : null;
        $bench = new BenchDesk($this->studio($request));
        $step = $bench->find($company->load('areas.recipe', 'records'), $area, self::said($request, 'step'))
            ?? throw new DomainException('That step is no longer in the recipe: reload the page and choose again.');
        $open = BenchDesk::task($company, $step, BenchDesk::progress($company))->figures;
        (new PotDesk($this->studio($request)))->mixed($step->outcome, max(1, count($open)), CarbonImmutable::now());

        return $this->answer($request, $company);
    }

    public function update(Request $request, Company $company, PotRow $pot): JsonResponse
    {
        (new PotDesk($this->studio($request)))->change($pot, self::said($request, 'what'), CarbonImmutable::now());

        return $this->answer($request, $company);
    }
}
