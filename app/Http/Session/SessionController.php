<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\Controller;
use App\Models\Painter;
use App\Models\ReplyRow;
use App\Workshop\Account\Accounts;
use App\Workshop\Bench\TonightDesk;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

final class SessionController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(self::session($request->user()));
    }

    /** The first workshop of an installation needs nobody's leave, any other an invitation. */
    public function found(NewWorkshop $request): JsonResponse
    {
        $secret = (string) $request->string('invitation');
        $painter = DB::transaction(static function () use ($request, $secret): Painter {
            $invitation = $secret === '' ? null : Accounts::invitation($secret);
            if ($secret !== '' && $invitation === null) {
                throw new DomainException('This invitation was used already, taken back, or is too old: ask for a new link.');
            }
            if ($invitation === null && !Accounts::isFresh()) {
                throw new DomainException('There is a workshop here already: sign in, or ask its painter for an invitation.');
            }
            $painter = Accounts::make((string) $request->string('name'), (string) $request->string('password'));
            $invitation?->update(['taken_by' => $painter->name]);

            return $painter;
        });
        Auth::login($painter, true);

        return $this->welcome($request);
    }

    public function invitation(string $secret): JsonResponse
    {
        $invitation = Accounts::invitation($secret);
        abort_if($invitation === null, 404);

        return new JsonResponse(['by' => $invitation->painter->name ?? '']);
    }

    public function store(SignIn $request): JsonResponse
    {
        if (!Auth::attempt(['name' => (string) $request->string('name'), 'password' => (string) $request->string('password')], true)) {
            return new JsonResponse(['message' => 'No painter signs in with this name and password.'], 422);
        }

        return $this->welcome($request);
    }

    /** Enters the sample workshop, where this installation offers it. */
    public function demo(Request $request): JsonResponse
    {
        abort_unless((bool) config('kalokroma.demo'), 404);
        Auth::login(Painter::query()->where('name', config('kalokroma.demo_painter'))->firstOrFail(), true);

        return $this->welcome($request);
    }

    public function destroy(Request $request): JsonResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(self::session(null));
    }

    /** @return array<string, mixed> */
    private static function session(mixed $painter): array
    {
        return [
            'painter' => $painter instanceof Painter ? WorkshopController::habits($painter) : null,
            'demo' => (bool) config('kalokroma.demo'),
            'fresh' => $painter === null && Accounts::isFresh(),
            'sample' => $painter instanceof Painter && $painter->name === config('kalokroma.demo_painter'),
            'begun' => $painter instanceof Painter && TonightDesk::isBegun($painter->id),
        ];
    }

    private function welcome(Request $request): JsonResponse
    {
        $request->session()->regenerate();
        ReplyRow::forget(CarbonImmutable::now());

        return $this->show($request);
    }
}
