<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int                                                                                                         $id
 * @property int                                                                                                         $painter_id
 * @property string                                                                                                      $name
 * @property int                                                                                                         $count       figures painted alike
 * @property float                                                                                                       $height_mm
 * @property float                                                                                                       $surface_cm2 of one figure
 * @property string                                                                                                      $notes
 * @property array{tone: string, paint_id: int|null, coats: int|null, thin: string|null, reason: string, own: bool}|null $undercoat
 * @property Collection<int, AreaRow>                                                                                    $areas
 * @property Collection<int, Entry>                                                                                      $records
 */
final class Company extends Model
{
    use BelongsToPainter;

    protected $guarded = ['id'];

    /** @return HasMany<AreaRow, $this> */
    public function areas(): HasMany
    {
        return $this->hasMany(AreaRow::class)->orderBy('position');
    }

    /** @return HasMany<Entry, $this> */
    public function records(): HasMany
    {
        return $this->hasMany(Entry::class)->whereNull('withdrawn_at')->orderBy('done_at')->orderBy('id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['count' => 'integer', 'height_mm' => 'float', 'surface_cm2' => 'float', 'undercoat' => 'array'];
    }
}
