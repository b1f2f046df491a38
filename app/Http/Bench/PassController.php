<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\Company;
use App\Models\PassRow;
use App\Workshop\Bench\PassDesk;
use App\Workshop\Record\Recording;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Record\Instant;

/** One coat, pass or round of a step after the other. */
final class PassController extends BenchAnswers
{
    public function store(RecordForm $request, Company $company): JsonResponse
    {
        (new PassDesk($this->studio($request)))->done(
            $company,
            $request->area($company),
            (string) $request->stepKey(),
            $request->figures(),
            $request->real(),
            Instant::of($request->at(), CarbonImmutable::now()->getTimestamp()),
            $request->number(),
        );

        return $this->answer($request, $company, $request->figures()[0]);
    }

    public function destroy(Request $request, PassRow $pass): JsonResponse
    {
        $pass->delete();

        return $this->answer($request, Company::query()->findOrFail($pass->company_id), $pass->figures[0]);
    }

    public function dry(Request $request, PassRow $pass): JsonResponse
    {
        Recording::dried($pass, $request->boolean('hairdryer'), CarbonImmutable::now());

        return $this->answer($request, Company::query()->findOrFail($pass->company_id), $pass->figures[0]);
    }
}
