<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A figure as a drawing whose shapes carry areas, or as a photograph with areas traced over it.
 *
 * @property int $id
 * @property int $painter_id
 * @property int $company_id
 * @property float $width units of the drawing, or pixels
 * @property float $height
 * @property list<array{d: string, even: bool, turn: string, name: string, area: int|null, tone: string}> $shapes lowest first
 * @property string|null $picture grey values, JPEG
 */
final class PlateRow extends Model
{
    use BelongsToPainter;

    protected $table = 'plates';

    protected $guarded = [];

    protected $hidden = ['picture'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['width' => 'float', 'height' => 'float', 'shapes' => 'array'];
    }
}
