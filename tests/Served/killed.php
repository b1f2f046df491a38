<?php

declare(strict_types=1);

/*
 * Answers one request as the application does, and is killed after so many statements to the database: as a worker is when the
 * machine goes down in the middle of a write. Prints the status where it came to its end.
 *
 * php tests/Served/killed.php STATEMENTS METHOD PATH BODY KEY
 */

use App\Models\Painter;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

[, $after, $method, $path, $body, $key] = $argv;
require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$request = Request::create($path, $method, server: [
    'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_IDEMPOTENCY_KEY' => $key,
], content: $body);
$app->instance('request', $request);
$kernel->bootstrap();
Auth::setUser(Painter::query()->orderBy('id')->firstOrFail());
$left = (int) $after;
DB::listen(static function () use (&$left): void {
    if (--$left === 0) {
        posix_kill(posix_getpid(), SIGKILL);
    }
});
$answer = $kernel->handle($request);
echo $answer->getStatusCode(), ' ', $answer->getContent();
