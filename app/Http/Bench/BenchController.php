<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Devices\ClimateReading;
use App\Devices\ClimateSensor;
use App\Models\Company;
use App\Models\Entry;
use App\Workshop\Bench\Air;
use App\Workshop\Bench\Likewise;
use App\Workshop\Bench\SlipDesk;
use App\Workshop\Record\Doing;
use App\Workshop\Record\Recording;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Record\Instant;

/** The Bench: what comes next, and what was done. */
final class BenchController extends BenchAnswers
{
    public function show(Request $request, Company $company): JsonResponse
    {
        return $this->answer($request, $company);
    }

    public function record(RecordForm $request, Company $company): JsonResponse
    {
        (new Recording($this->studio($request)))->once($company, new Doing(
            $request->area($company),
            $request->stepKey(),
            $request->stage(),
            $request->figures(),
            $request->real(),
            (string) $request->string('note'),
            Instant::of($request->at(), CarbonImmutable::now()->getTimestamp()),
            $request->as(),
            $request->kind(),
            $request->mishap($company),
        ));

        return $this->answer($request, $company, $request->figures()[0]);
    }

    public function withdraw(Request $request, Entry $record): JsonResponse
    {
        Recording::withdraw($record, CarbonImmutable::now());

        return $this->answer($request, $record->company()->firstOrFail(), $record->figures[0]);
    }

    /** Dry already: of itself, or by a hairdryer. */
    public function dry(Request $request, Entry $record): JsonResponse
    {
        Recording::dried($record, $request->boolean('hairdryer'), CarbonImmutable::now());

        return $this->answer($request, $record->company()->firstOrFail(), $record->figures[0]);
    }

    /** What went wrong is put right. */
    public function mended(Request $request, Entry $record): JsonResponse
    {
        (new SlipDesk($this->studio($request)))->mend($record, CarbonImmutable::now());

        return $this->answer($request, $record->company()->firstOrFail(), $record->figures[0]);
    }

    /** What was done differently becomes the plan of the figures still to do. */
    public function likewise(Request $request, Entry $record): JsonResponse
    {
        $company = $record->company()->firstOrFail()->load('areas.recipe', 'records');
        (new Likewise($this->studio($request)))->take($company, $record);

        return $this->answer($request, $company, $record->figures[0]);
    }

    /** Drying goes by the air of the room, as the sensor reads it now: also of what is wet already. */
    public function air(Request $request, Company $company, ClimateSensor $sensor): JsonResponse
    {
        $now = CarbonImmutable::now();
        $air = ClimateReading::take($sensor, ClimateReading::hour($now->format('H:i')))->weather;
        (new Air($this->studio($request)))->is($air, $now);

        return $this->answer($request, $company);
    }

    /** Somebody was told to rest, or has cleaned the airbrush. */
    public function care(Request $request, Company $company, string $what): JsonResponse
    {
        $this->painter($request)->update(match ($what) {
            'rested' => ['rested_at' => CarbonImmutable::now()],
            'cleaned' => ['cleaned_at' => CarbonImmutable::now()],
            default => abort(404),
        });

        return $this->answer($request, $company);
    }

    /** Every figure was turned once, and is covered: the level that was reached need not be spoken of again. */
    public function looked(Request $request, Company $company): JsonResponse
    {
        $level = Level::tryFrom(self::said($request, 'level')) ?? throw new DomainException('There is no such level.');
        $company->update(['looked_over' => [
            ...$company->looked_over ?? [],
            $level->value => CarbonImmutable::now()->toIso8601ZuluString(),
        ]]);

        return $this->answer($request, $company);
    }
}
