<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A link that lets one more painter make a workshop here, once.
 *
 * @property int $id
 * @property int $painter_id who invites
 * @property string $hash of the secret in the link, which itself is kept nowhere
 * @property CarbonImmutable $expires_at
 * @property string|null $taken_by name of the painter who came by it
 */
final class InvitationRow extends Model
{
    use BelongsToPainter;

    protected $table = 'invitations';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expires_at' => 'immutable_datetime'];
    }
}
