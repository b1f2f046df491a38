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
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Record\Instant;
use Kalokroma\Record\Occasion;

/** The Bench: what comes next, and what was done. */
final class BenchController extends BenchAnswers
{
    public function show(Request $request, Company $company): JsonResponse
    {
        return $this->whole($request, $company);
    }

    public function record(RecordForm $request, Company $company): JsonResponse
    {
        return $this->ticked($request, $company, function () use ($request, $company): Ticked {
            $company->load('areas.recipe', 'records');
            $entry = (new Recording($this->studio($request)))->once($company, new Doing(
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

            return self::touched($entry, $request->figures()[0]);
        });
    }

    public function withdraw(Request $request, Entry $record): JsonResponse
    {
        return $this->ticked($request, $record->company()->firstOrFail(), static function () use ($record): Ticked {
            Recording::withdraw($record, CarbonImmutable::now());

            return self::touched($record, $record->figures[0], true);
        });
    }

    /** Dry already: of itself, or by a hairdryer. */
    public function dry(Request $request, Entry $record): JsonResponse
    {
        return $this->ticked($request, $record->company()->firstOrFail(), static function () use ($request, $record): Ticked {
            Recording::dried($record, $request->boolean('hairdryer'), CarbonImmutable::now());

            return self::touched($record, $record->figures[0]);
        });
    }

    /** What went wrong is put right. */
    public function mended(Request $request, Entry $record): JsonResponse
    {
        return $this->ticked($request, $record->company()->firstOrFail(), function () use ($request, $record): Ticked {
            (new SlipDesk($this->studio($request)))->mend($record, CarbonImmutable::now());

            return self::touched($record, $record->figures[0], true);
        });
    }

    /** What was done differently becomes the plan of the figures still to do: every step may stand otherwise then. */
    public function likewise(Request $request, Entry $record): JsonResponse
    {
        $company = $record->company()->firstOrFail();

        return self::keeping($request, function () use ($request, $company, $record): array {
            (new Likewise($this->studio($request)))->take($company->load('areas.recipe', 'records'), $record);

            return [];
        }, fn (): JsonResponse => $this->whole($request, $company->unsetRelations(), $record->figures[0]));
    }

    /** Drying goes by the air of the room, as the sensor reads it now: also of what is wet already. */
    public function air(Request $request, Company $company, ClimateSensor $sensor): JsonResponse
    {
        return $this->ticked($request, $company, function () use ($request, $sensor): Ticked {
            $now = CarbonImmutable::now();
            $air = ClimateReading::take($sensor, ClimateReading::hour($now->format('H:i')))->weather;
            (new Air($this->studio($request)))->is($air, $now);

            return new Ticked();
        });
    }

    /** Somebody was told to rest, or has cleaned the airbrush. */
    public function care(Request $request, Company $company, string $what): JsonResponse
    {
        return $this->ticked($request, $company, function () use ($request, $what): Ticked {
            $this->painter($request)->update(match ($what) {
                'rested' => ['rested_at' => CarbonImmutable::now()],
                'cleaned' => ['cleaned_at' => CarbonImmutable::now()],
                default => abort(404),
            });

            return new Ticked();
        });
    }

    /** Every figure was turned once, and is covered: the level that was reached need not be spoken of again. */
    public function looked(Request $request, Company $company): JsonResponse
    {
        $level = Level::tryFrom(self::said($request, 'level')) ?? throw new DomainException('There is no such level.');

        return $this->ticked($request, $company, static function () use ($company, $level): Ticked {
            $company->update(['looked_over' => [
                ...$company->looked_over ?? [],
                $level->value => CarbonImmutable::now()->toIso8601ZuluString(),
            ]]);

            return new Ticked();
        });
    }

    private static function touched(Entry $entry, int $figure, bool $slips = false): Ticked
    {
        $steps = $entry->step_key === null ? [] : [(string) StepRef::of($entry->area_id, $entry->step_key)];

        return new Ticked($steps, $figure, $slips || $entry->kind === Occasion::Slip || $entry->kind === Occasion::Repair);
    }
}
