<?php

declare(strict_types=1);

namespace App\Http\Account;

use App\Models\InvitationRow;
use App\Models\Painter;
use App\Workshop\Account\Accounts;
use Carbon\CarbonImmutable;

final class AccountView
{
    /** @return array<string, mixed> */
    public static function of(Painter $painter): array
    {
        $invitations = InvitationRow::query()->where('painter_id', $painter->id)->where(
            static fn ($q) => $q->whereNotNull('taken_by')->orWhere('expires_at', '>', CarbonImmutable::now()),
        )->orderByDesc('id')->limit(20)->get();

        return [
            'name' => $painter->name,
            'first' => Accounts::isFirst($painter),
            'has_password' => $painter->password !== null,
            'days' => Accounts::DAYS,
            'invitations' => array_map(static fn (InvitationRow $i): array => [
                'id' => $i->id,
                'expires' => $i->expires_at->format('Y-m-d'),
                'taken_by' => $i->taken_by,
            ], array_values($invitations->all())),
        ];
    }
}
