<?php

declare(strict_types=1);

namespace App\Http\Undercoat;

use App\Devices\ClimateReading;
use App\Devices\ClimateSensor;
use App\Http\Shared\Controller;
use App\Http\Shared\LateAnswer;
use App\Http\Shared\Seen;
use App\Models\Company;
use App\Workshop\Plan\PlanStore;
use App\Workshop\Undercoat\UndercoatEdits;
use App\Workshop\Undercoat\WholeEdits;
use Closure;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\PrimerCost;
use Kalokroma\Undercoat\Weather;

/** What comes before the first colour: the ground, the light sketch, the weather, the cost. */
final class UndercoatController extends Controller
{
    public function show(Request $request, Company $company): JsonResponse
    {
        return $this->view($request, $company);
    }

    public function choose(UndercoatForm $request, Company $company): JsonResponse
    {
        return $this->kept($request, $company, fn () => $this->edits($request)->choose(
            $company,
            (string) $request->integer('paint_id'),
            $request->lights(),
            $request->filled('kind') ? (string) $request->string('kind') : null,
            Seen::number($request),
        ));
    }

    /** One ground for all companies that are meant to match. */
    public function alike(UndercoatForm $request, Company $company): JsonResponse
    {
        return $this->kept($request, $company, fn () => $this->edits($request)->chooseForAll(
            $company,
            (string) $request->integer('paint_id'),
            Seen::number($request),
        ));
    }

    /** Which areas keep the light sketch below them; of an area that is not named nothing changes. */
    public function keeps(Request $request, Company $company): JsonResponse
    {
        $said = $request->validate([
            'areas' => ['required', 'array'], 'areas.*.id' => ['required', 'integer'], 'areas.*.keeps' => ['required', 'boolean'],
        ]);

        return $this->kept($request, $company, static fn () => UndercoatEdits::keepSketch(
            $company,
            array_map(boolval(...), array_column($said['areas'], 'keeps', 'id')),
        ));
    }

    public function sprays(SpraysForm $request, Company $company): JsonResponse
    {
        return $this->kept($request, $company, fn () => $this->edits($request)->sequence(
            $company,
            $request->sprays(),
            Seen::number($request),
        ));
    }

    /** A value sketch in these two tones, as steps of the undercoat. */
    public function value(UndercoatForm $request, Company $company): JsonResponse
    {
        $light = $request->lights()[0] ?? throw new DomainException('Choose the light tone that is misted over the dark one.');

        return $this->kept($request, $company, fn () => $this->edits($request)->valueSketch(
            $company,
            (string) $request->integer('paint_id'),
            (string) $light['paint_id'],
            Seen::number($request),
        ));
    }

    /** Adds a step over the whole figure. */
    public function whole(WholeForm $request, Company $company): JsonResponse
    {
        return $this->kept($request, $company, fn () => (new WholeEdits($this->studio($request)))->add(
            $company,
            $request->technique(),
            $request->without(),
            $request->boolean('tiny'),
            $request->boolean('late'),
            $request->boolean('sure'),
            Seen::number($request),
        ));
    }

    public function drop(Request $request, Company $company, string $step): JsonResponse
    {
        $seen = Seen::required($request);

        return $this->kept($request, $company, fn () => (new WholeEdits($this->studio($request)))->drop($company, $step, $seen));
    }

    public function edit(UndercoatEditForm $request, Company $company): JsonResponse
    {
        return $this->kept($request, $company, function () use ($request, $company): void {
            $studio = $this->studio($request);
            $change = $request->change($studio->shelf, $company);
            $seen = Seen::number($request);
            if ($studio->undercoats->whole($company)->step($change->key) === null) {
                (new UndercoatEdits($studio))->change($company, $change, $seen);
            } else {
                (new WholeEdits($studio))->change($company, $change, $request->without(), $request->late(), $seen);
            }
        });
    }

    /** Undo of the undercoat. */
    public function undo(Request $request, Company $company): JsonResponse
    {
        return $this->stepped($request, $company, PlanStore::UNDERCOAT, -1);
    }

    public function redo(Request $request, Company $company): JsonResponse
    {
        return $this->stepped($request, $company, PlanStore::UNDERCOAT, 1);
    }

    /** Undo of what is done to the whole figure. */
    public function undoWhole(Request $request, Company $company): JsonResponse
    {
        return $this->stepped($request, $company, PlanStore::WHOLE, -1);
    }

    public function redoWhole(Request $request, Company $company): JsonResponse
    {
        return $this->stepped($request, $company, PlanStore::WHOLE, 1);
    }

    public function sketch(UndercoatForm $request, Company $company): JsonResponse
    {
        return new JsonResponse(
            UndercoatView::sketch(
                $this->studio($request),
                $company->load('areas.recipe', 'records'),
                $request->integer('paint_id'),
                $request->lights(),
            ),
        );
    }

    public function weather(Request $request): JsonResponse
    {
        $number = static fn (string $key): float => is_numeric($request->query($key)) ? (float) $request->query($key)
            : throw new DomainException(sprintf('Write the %s as a number, as in 18.5.', $key));
        $in = $this->painter($request)->temperature;

        return new JsonResponse(
            UndercoatView::weather(new Weather($in->toCelsius($number('temperature')), $number('humidity')), null, $in),
        );
    }

    /** @return JsonResponse what the sensor says now */
    public function climate(Request $request, ClimateSensor $sensor): JsonResponse
    {
        $time = (string) $request->string('time', now()->format('H:i'));
        $reading = ClimateReading::take($sensor, ClimateReading::hour(preg_match('/^\d\d:\d\d$/D', $time) === 1 ? $time : '12:00'));

        return new JsonResponse([
            'refused' => $reading->refused,
            'weather' => UndercoatView::weather($reading->weather, $reading->sensor, $this->painter($request)->temperature),
        ]);
    }

    public function cost(CostQuestion $request): JsonResponse
    {
        return new JsonResponse(
            UndercoatView::cost(
                $request->can(),
                $request->bottle(),
                $request->float('figure_cm2'),
                $request->integer('figures'),
                PrimerCost::USUAL,
            ),
        );
    }

    private function stepped(Request $request, Company $company, string $part, int $direction): JsonResponse
    {
        $seen = Seen::required($request);

        return $this->kept($request, $company, fn () => $this->studio($request)->plans->step($company, $part, $direction, $seen));
    }

    private function edits(Request $request): UndercoatEdits
    {
        return new UndercoatEdits($this->studio($request));
    }

    /**
     * A change of this company, and what came of it.
     *
     * @param Closure(): void $change
     */
    private function kept(Request $request, Company $company, Closure $change): LateAnswer
    {
        return self::keeping($request, static function () use ($company, $change): array {
            $company->load('areas.recipe', 'records');
            $change();

            return [];
        }, fn (): JsonResponse => $this->view($request, $company->refresh()));
    }

    private function view(Request $request, Company $company): JsonResponse
    {
        $kind = $request->input('kind');

        return new JsonResponse(UndercoatView::of(
            $this->studio($request),
            $company->load('areas.recipe', 'records'),
            is_string($kind) ? Kind::tryFrom($kind) : null,
        ));
    }
}
