<?php

declare(strict_types=1);

namespace App\Http\Order;

use App\Devices\ClimateReading;
use App\Devices\ClimateSensor;
use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\Company;
use App\Workshop\Order\OrderPlan;
use App\Workshop\Order\OrderState;
use App\Workshop\Order\OutTaken;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Kalokroma\Order\WayOfWorking;
use Kalokroma\Order\WayOut;
use Kalokroma\Order\Ways;

final class OrderController extends Controller
{
    /** With `first` it is answered at once: the order that stands, else a first try, after which the page asks for the better one. */
    public function show(Request $request, Company $company): JsonResponse
    {
        $plan = $this->plan($request, $company);

        return new JsonResponse(OrderView::of($plan, $this->painter($request), $request->boolean('first'), true));
    }

    public function update(OrderForm $request, Company $company): JsonResponse
    {
        $painter = $this->painter($request);
        $changes = $request->changes();
        if (isset($changes['wishes'])) {
            $changes['wishes'] += $painter->wishes ?? [];
        }
        OrderState::of($painter)->check('The running order', Seen::of($request), OrderState::wanted($painter, $changes));
        $painter->update(array_intersect_key($changes, ['free' => 0, 'wishes' => 0, 'pins' => 0, 'busy' => 0]));
        foreach ($changes['companies'] ?? [] as $said) {
            $painter->companies()->whereKey($said['id'])->firstOrFail()->update(array_diff_key($said, ['id' => 0]));
        }

        if (isset($changes['wishes'])) {
            $this->plan($request, $company)->check();
        }

        return $this->answer($request, $company->refresh(), true);
    }

    /** The order that a page has shown is kept as the one that was planned last. */
    public function shown(Request $request, Company $company): Response
    {
        $this->plan($request, $company)->keep(self::said($request, 'shown'));

        return new Response('', 204);
    }

    /** Plans drying by the air of the room, as the sensor reads it now. */
    public function air(Request $request, Company $company, ClimateSensor $sensor): JsonResponse
    {
        $painter = $this->painter($request);
        $air = ClimateReading::take($sensor, ClimateReading::hour(CarbonImmutable::now()->format('H:i')))->weather;
        $painter->update(['wishes' => [
            ...$painter->wishes ?? [],
            'air' => ['celsius' => round($air->celsius, 1), 'humidity' => round($air->humidity)],
        ]]);

        return $this->answer($request, $company);
    }

    public function way(Request $request, Company $company, WayOfWorking $way): JsonResponse
    {
        $plan = $this->plan($request, $company);

        return new JsonResponse(OrderView::way($plan, $plan->compared($way)));
    }

    /** Of ways that were compared before: which to take, and why. */
    public function advice(AdviceForm $request, Company $company): JsonResponse
    {
        $ways = Ways::of($company->count, $request->ways($company->count));

        return new JsonResponse(['way' => $ways->advised->value, 'words' => $ways->why->sentence()]);
    }

    public function price(Request $request, Company $company, string $rule): JsonResponse
    {
        return new JsonResponse(['rule' => $rule, 'words' => $this->plan($request, $company)->price($rule)->costs->sentence()]);
    }

    public function table(Request $request, Company $company, string $day): JsonResponse
    {
        $plan = $this->plan($request, $company);
        $until = $plan->free?->endOf($day, $plan->now)
            ?? throw new DomainException('Say when you are free first: then a day can be told what it holds.');
        $table = $plan->table($until);

        return new JsonResponse([
            'day' => $day,
            'words' => $table->finding()->sentence(),
            'leaving' => $table->leaving()?->sentence(),
        ]);
    }

    /** What would make fit what is left over. */
    public function out(Request $request, Company $company): JsonResponse
    {
        $plan = $this->plan($request, $company);

        return new JsonResponse(['ways' => array_map(static fn (WayOut $way): array => [
            'id' => $way->id,
            'words' => $way->window === null
                ? $way->words->sentence() : $way->words->sentence().' '.ucfirst($plan->when($plan->endOf($way->window))).' it ends now.',
        ], $plan->waysOut())]);
    }

    public function takeOut(Request $request, Company $company): JsonResponse
    {
        $studio = $this->studio($request);
        (new OutTaken($studio))->take(OrderPlan::of($studio, $company), self::said($request, 'way'), Seen::of($request));

        return $this->answer($request, $company->refresh(), true);
    }

    /** "I have only forty minutes tonight." */
    public function now(Request $request, Company $company, string $minutes): JsonResponse
    {
        $time = preg_match('/^\d{1,3}$/D', $minutes) === 1 ? (int) $minutes : 0;
        if ($time < 5 || $time > 720) {
            throw new DomainException('Say how many minutes you have, from 5 to 720.');
        }
        $plan = $this->plan($request, $company);

        return new JsonResponse(OrderView::now($plan, $time, $plan->now($time)));
    }

    /** Where a job may be put, or why not. */
    public function slots(Request $request, Company $company): JsonResponse
    {
        $job = $request->query('job');
        $plan = $this->plan($request, $company);

        return new JsonResponse(MoveView::slots($plan, is_string($job) ? $job : '', $plan->slots(is_string($job) ? $job : '')));
    }

    /** Puts a job somewhere: it stays there, and the rest is planned again around it. */
    public function move(MoveForm $request, Company $company): JsonResponse
    {
        $painter = $this->painter($request);
        $at = $this->plan($request, $company)->put($request->job(), $request->at());
        $pins = [...$painter->pins ?? [], $request->job() => $at];
        OrderState::of($painter)->check('The running order', Seen::of($request), OrderState::wanted($painter, ['pins' => $pins]));
        $painter->update(['pins' => $pins]);

        return $this->answer($request, $company, true);
    }

    /** Where a pot that stands open is wanted next. */
    public function queue(Request $request, Company $company, string $pot): JsonResponse
    {
        $drops = $request->query('drops');
        $drops = is_string($drops) && preg_match('/^[1-9]\d{0,3}$/D', $drops) === 1 ? (int) $drops : null;
        $plan = $this->plan($request, $company);

        return new JsonResponse(MoveView::queue($plan, $plan->queue($pot), $drops));
    }

    private function plan(Request $request, Company $company): OrderPlan
    {
        return OrderPlan::of($this->studio($request), $company);
    }

    private function answer(Request $request, Company $company, bool $isFirstTry = false): JsonResponse
    {
        return new JsonResponse(OrderView::of($this->plan($request, $company), $this->painter($request), $isFirstTry));
    }
}
