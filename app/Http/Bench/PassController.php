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
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Record\Instant;

/** One coat, pass or round of a step after the other. */
final class PassController extends BenchAnswers
{
    public function store(RecordForm $request, Company $company): JsonResponse
    {
        return $this->ticked($request, $company, function () use ($request, $company): Ticked {
            $company->load('areas.recipe', 'records', 'passes');
            $area = $request->area($company);
            (new PassDesk($this->studio($request)))->done(
                $company,
                $area,
                (string) $request->stepKey(),
                $request->figures(),
                $request->real(),
                Instant::of($request->at(), CarbonImmutable::now()->getTimestamp()),
                $request->number(),
            );

            return new Ticked([(string) StepRef::of($area?->id, (string) $request->stepKey())], $request->figures()[0]);
        });
    }

    public function destroy(Request $request, PassRow $pass): JsonResponse
    {
        return $this->ticked($request, Company::query()->findOrFail($pass->company_id), static function () use ($pass): Ticked {
            $pass->delete();

            return self::touched($pass);
        });
    }

    public function dry(Request $request, PassRow $pass): JsonResponse
    {
        $company = Company::query()->findOrFail($pass->company_id);

        return $this->ticked($request, $company, static function () use ($request, $pass): Ticked {
            Recording::dried($pass, $request->boolean('hairdryer'), CarbonImmutable::now());

            return self::touched($pass);
        });
    }

    private static function touched(PassRow $pass): Ticked
    {
        return new Ticked([(string) StepRef::of($pass->area_id, $pass->step_key)], $pass->figures[0]);
    }
}
