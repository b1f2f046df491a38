<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a painter chose that a line means.
 *
 * @property int $id
 * @property int $painter_id
 * @property string $said as lines are compared
 * @property string $means the line as it is read
 */
final class ToldChoice extends Model
{
    use BelongsToPainter;

    protected $table = 'told_choices';

    protected $guarded = [];
}
