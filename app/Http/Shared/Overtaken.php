<?php

declare(strict_types=1);

namespace App\Http\Shared;

use RuntimeException;

/** Thrown under the write lock where another request of the same painter wrote what this one was worked out from. */
final class Overtaken extends RuntimeException
{
}
