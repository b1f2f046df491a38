<?php

declare(strict_types=1);

namespace App\Http\Shared;

use DomainException;
use Illuminate\Http\Request;

/** What whoever changes something had seen of it: `version`, as an answer gave it. */
final class Seen
{
    /** Null where it is not said, which is taken for the newest. */
    public static function of(Request $request): ?string
    {
        $version = $request->input('version');

        return is_string($version) || is_int($version) ? (string) $version : null;
    }

    /** The same where versions are numbers. */
    public static function number(Request $request): ?int
    {
        $version = self::of($request);

        return $version !== null && ctype_digit($version) ? (int) $version : null;
    }

    /** The same where nothing is changed without it. */
    public static function required(Request $request): int
    {
        return self::number($request) ?? throw new DomainException(
            'Say which version is changed: reload the page, then change it again.',
        );
    }
}
