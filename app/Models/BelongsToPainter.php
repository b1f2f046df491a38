<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Auth;

/**
 * Keeps every row with its painter: whoever is signed in sees and reaches only their own.
 *
 * @phpstan-require-extends Model
 */
trait BelongsToPainter
{
    public static function bootBelongsToPainter(): void
    {
        static::addGlobalScope('painter', static function (Builder $query): void {
            if (Auth::hasUser() || Auth::check()) {
                $query->where($query->qualifyColumn('painter_id'), Auth::id());
            }
        });
        static::creating(static function (Model $row): void {
            if ($row->getAttributes()['painter_id'] ?? null) {
                return;
            }
            $row->setAttribute('painter_id', Auth::id());
        });
    }

    /** @return BelongsTo<Painter, $this> */
    public function painter(): BelongsTo
    {
        return $this->belongsTo(Painter::class);
    }
}
