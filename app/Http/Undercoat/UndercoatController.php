<?php

declare(strict_types=1);

namespace App\Http\Undercoat;

use App\Devices\ClimateReading;
use App\Devices\ClimateSensor;
use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\Company;
use App\Workshop\Undercoat\WholeEdits;
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
        return $this->answer($request, $company);
    }

    public function choose(UndercoatForm $request, Company $company): JsonResponse
    {
        $this->studio($request)->undercoatEdits->choose(
            $company->load('areas.recipe', 'records'),
            (string) $request->integer('paint_id'),
            $request->lights(),
            $request->filled('kind') ? (string) $request->string('kind') : null,
            Seen::number($request),
        );

        return $this->answer($request, $company);
    }

    /** One ground for all companies that are meant to match. */
    public function alike(UndercoatForm $request, Company $company): JsonResponse
    {
        $this->studio($request)->undercoatEdits->chooseForAll(
            $company->load('areas.recipe', 'records'),
            (string) $request->integer('paint_id'),
            Seen::number($request),
        );

        return $this->answer($request, $company);
    }

    /** Which areas keep the light sketch below them. */
    public function keeps(Request $request, Company $company): JsonResponse
    {
        $said = $request->validate(['areas' => ['present', 'array'], 'areas.*' => ['integer']]);
        $this->studio($request)->undercoatEdits->keepSketch(
            $company->load('areas.recipe', 'records'),
            array_map(intval(...), array_values($said['areas'])),
        );

        return $this->answer($request, $company);
    }

    public function sprays(SpraysForm $request, Company $company): JsonResponse
    {
        $company->load('areas.recipe', 'records');
        $this->studio($request)->undercoatEdits->sequence($company, $request->sprays(), Seen::number($request));

        return $this->answer($request, $company);
    }

    /** A value sketch in these two tones, as steps of the undercoat. */
    public function value(UndercoatForm $request, Company $company): JsonResponse
    {
        $company->load('areas.recipe', 'records');
        $light = $request->lights()[0] ?? throw new DomainException('Choose the light tone that is misted over the dark one.');
        $this->studio($request)->undercoatEdits->valueSketch(
            $company,
            (string) $request->integer('paint_id'),
            (string) $light['paint_id'],
            Seen::number($request),
        );

        return $this->answer($request, $company);
    }

    /** Adds a step over the whole figure. */
    public function whole(WholeForm $request, Company $company): JsonResponse
    {
        (new WholeEdits($this->studio($request)))->add(
            $company->load('areas.recipe', 'records'),
            $request->technique(),
            $request->without(),
            $request->boolean('tiny'),
            $request->boolean('late'),
            $request->boolean('sure'),
            Seen::number($request),
        );

        return $this->answer($request, $company);
    }

    public function drop(Request $request, Company $company, string $step): JsonResponse
    {
        (new WholeEdits($this->studio($request)))->drop($company->load('areas.recipe', 'records'), $step, Seen::number($request));

        return $this->answer($request, $company);
    }

    public function edit(UndercoatEditForm $request, Company $company): JsonResponse
    {
        $company->load('areas.recipe', 'records');
        if ($request->isWhole()) {
            (new WholeEdits($this->studio($request)))->change($company, $request->key(), $request->whole(), Seen::number($request));

            return $this->answer($request, $company);
        }
        $this->studio($request)->undercoatEdits->change(
            $company,
            $request->key(),
            $request->mix(),
            $request->thinning(),
            $request->coats(),
            Seen::number($request),
        );

        return $this->answer($request, $company);
    }

    public function undo(Request $request, Company $company): JsonResponse
    {
        return $this->stepped($request, $company, -1);
    }

    public function redo(Request $request, Company $company): JsonResponse
    {
        return $this->stepped($request, $company, 1);
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

    private function stepped(Request $request, Company $company, int $direction): JsonResponse
    {
        $company->load('areas.recipe', 'records');
        $this->studio($request)->undercoatEdits->step($company, $direction, Seen::number($request));

        return $this->answer($request, $company);
    }

    private function answer(Request $request, Company $company): JsonResponse
    {
        $kind = $request->input('kind');

        return new JsonResponse(UndercoatView::of(
            $this->studio($request),
            $company->refresh()->load('areas.recipe', 'records'),
            is_string($kind) ? Kind::tryFrom($kind) : null,
        ));
    }
}
