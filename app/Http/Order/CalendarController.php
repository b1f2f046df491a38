<?php

declare(strict_types=1);

namespace App\Http\Order;

use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\Company;
use App\Workshop\Order\Busy;
use App\Workshop\Order\BusyEvent;
use App\Workshop\Order\OrderFiles;
use App\Workshop\Order\OrderPlan;
use App\Workshop\Order\OrderState;
use Carbon\CarbonImmutable;
use DateTimeZone;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The running order out to calendars and paper, and busy times in. */
final class CalendarController extends Controller
{
    private const JSON = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    public function file(Request $request, Company $company, string $form): Response
    {
        $plan = OrderPlan::of($this->studio($request), $company);
        $files = new OrderFiles($plan, $plan->order());
        [$body, $type] = match ($form) {
            'ics' => [$files->calendar(), 'text/calendar; charset=utf-8'],
            'txt' => [$files->text(), 'text/plain; charset=utf-8'],
            'json' => [
                json_encode($files->document(), self::JSON)."\n",
                'application/json',
            ],
            default => abort(404),
        };

        return new Response($body, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => sprintf('attachment; filename="%s.%s"', Str::slug($files->name()) ?: 'running-order', $form),
        ]);
    }

    /** What stands in a calendar, looked at before anything of it is taken. */
    public function look(Request $request, Company $company): JsonResponse
    {
        $painter = $this->painter($request);
        $free = OrderPlan::free($painter) ?? throw new DomainException('Say when you are free first: a calendar only takes from that.');

        return new JsonResponse(CalendarView::look($this->events($request, $free->zone), $free, CarbonImmutable::now()));
    }

    /** Takes the chosen events: their times are free no more. */
    public function take(Request $request, Company $company): JsonResponse
    {
        $painter = $this->painter($request);
        $free = OrderPlan::free($painter) ?? throw new DomainException('Say when you are free first: a calendar only takes from that.');
        $keys = $request->input('keys');
        $keys = is_array($keys) ? array_values(array_filter($keys, is_string(...))) : [];
        $spans = Busy::spans($this->events($request, $free->zone), $keys);
        if ($spans === []) {
            throw new DomainException('Choose at least one event that keeps you from painting.');
        }
        $free->openings(CarbonImmutable::now(), $spans);
        $name = mb_substr(trim((string) $request->string('name')), 0, 80);
        $busy = ['name' => $name === '' ? 'Calendar' : $name, 'taken' => $keys, 'spans' => $spans];
        OrderState::of($painter)->check('The running order', Seen::of($request), OrderState::wanted($painter, ['busy' => $busy]));
        $painter->update(['busy' => $busy]);

        return new JsonResponse(OrderView::of(OrderPlan::of($this->studio($request), $company), $painter, true));
    }

    /** @return list<BusyEvent> */
    private function events(Request $request, DateTimeZone $zone): array
    {
        $text = $request->input('text');
        if (!is_string($text) || $text === '') {
            throw new DomainException('Choose a calendar file in iCalendar (.ics).');
        }
        if (strlen($text) > Busy::MOST_BYTES) {
            throw new DomainException('The calendar is larger than 2 MB: export a smaller part of it.');
        }

        return Busy::read($text, CarbonImmutable::now(), $zone);
    }
}
