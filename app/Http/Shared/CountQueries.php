<?php

declare(strict_types=1);

namespace App\Http\Shared;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** Tells benchmarks how many queries an answer took; off unless KALOKROMA_COUNT_QUERIES is set. */
final class CountQueries
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (!config('kalokroma.count_queries')) {
            return $next($request);
        }
        $count = 0;
        DB::listen(static function () use (&$count): void {
            ++$count;
        });
        $response = $next($request);
        $response->headers->set('X-Queries', (string) $count);

        return $response;
    }
}
