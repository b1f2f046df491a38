<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\Controller;
use App\Models\Painter;
use App\Models\ReplyRow;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SessionController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        $painter = $request->user();

        return new JsonResponse([
            'painter' => $painter instanceof Painter ? WorkshopController::habits($painter) : null,
            'demo' => (bool) config('kalokroma.demo'),
        ]);
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

        return new JsonResponse(['painter' => null, 'demo' => (bool) config('kalokroma.demo')]);
    }

    private function welcome(Request $request): JsonResponse
    {
        $request->session()->regenerate();
        ReplyRow::forget(CarbonImmutable::now());

        return $this->show($request);
    }
}
