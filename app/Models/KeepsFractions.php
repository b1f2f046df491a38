<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Keeps 6.0 apart from 6 in JSON columns, so that a reason reads the same after it was saved.
 *
 * @phpstan-require-extends Model
 */
trait KeepsFractions
{
    /**
     * @param mixed $value
     * @param int $flags
     */
    protected function asJson($value, $flags = 0): string
    {
        return (string) json_encode($value, $flags | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }
}
