<?php

declare(strict_types=1);

namespace App\Http\Account;

use App\Http\Shared\Controller;
use App\Models\InvitationRow;
use App\Workshop\Account\Accounts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** The painter's own sign-in: password, other devices, invitations. */
final class AccountController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(AccountView::of($this->painter($request)));
    }

    public function password(NewPassword $request): JsonResponse
    {
        $painter = $this->painter($request);
        Accounts::check((string) $request->string('password'));
        $painter->forceFill(['password' => (string) $request->string('password'), 'remember_token' => Str::random(60)])->save();

        return new JsonResponse(AccountView::of($painter));
    }

    /** A new remember token and a password hashed afresh: every other session ends with its next request. */
    public function others(CurrentPassword $request): JsonResponse
    {
        $painter = $this->painter($request);
        $painter->forceFill(['password' => (string) $request->string('current'), 'remember_token' => Str::random(60)])->save();

        return new JsonResponse(AccountView::of($painter));
    }

    public function invite(Request $request): JsonResponse
    {
        $painter = $this->painter($request);
        abort_unless(Accounts::isFirst($painter), 404);
        $secret = Accounts::invite($painter);

        return new JsonResponse(['secret' => $secret, 'account' => AccountView::of($painter)], 201);
    }

    public function withdraw(Request $request, InvitationRow $invitation): JsonResponse
    {
        $invitation->delete();

        return new JsonResponse(AccountView::of($this->painter($request)));
    }
}
