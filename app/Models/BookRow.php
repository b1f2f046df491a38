<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Recipe\Technique\Way;

/**
 * A recipe of the book: named, apart from any figure.
 *
 * @property int $id
 * @property int $painter_id
 * @property string $name
 * @property list<string> $tags
 * @property Material $material
 * @property Relief $relief
 * @property Way $way
 * @property string $hex colour it is for
 * @property array<string, mixed> $plan with every paint by description and colour
 * @property list<string> $paints names, for the search
 * @property list<string> $strip
 * @property string $notes
 */
final class BookRow extends Model
{
    use BelongsToPainter;
    use KeepsFractions;

    protected $table = 'book_recipes';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'tags' => 'array',
            'plan' => 'array',
            'paints' => 'array',
            'strip' => 'array',
            'material' => Material::class,
            'relief' => Relief::class,
            'way' => Way::class,
        ];
    }
}
