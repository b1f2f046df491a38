<?php

declare(strict_types=1);

namespace App\Models;

use App\Workshop\PlanRows;
use Illuminate\Database\Eloquent\Model;
use Kalokroma\Recipe\Way;

/**
 * @property int                                     $id
 * @property int                                     $painter_id
 * @property int                                     $area_id
 * @property string                                  $hex         colour it was drafted for
 * @property Way                                     $way
 * @property array<string, mixed>                    $plan        as {@see PlanRows} writes it
 * @property array{relief: string, material: string} $drafted_for what the area was like then
 * @property list<string>                            $strip       predicted plane colours from the undercoat up, for small drawings
 */
final class RecipeRow extends Model
{
    use BelongsToPainter;

    protected $table = 'recipes';

    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['way' => Way::class, 'plan' => 'array', 'strip' => 'array', 'drafted_for' => 'array'];
    }

    /**
     * Keeps 6.0 apart from 6, so that a reason reads the same after it was saved.
     *
     * @param mixed $value
     * @param int   $flags
     */
    protected function asJson($value, $flags = 0): string
    {
        return (string) json_encode($value, $flags | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }
}
