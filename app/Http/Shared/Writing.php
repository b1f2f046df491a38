<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Models\ReplyRow;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Holds together what belongs together: a request that changes something is one transaction, which takes the write lock before
 * anything is read, and is kept only where its answer says that it went well.
 *
 * With the header Idempotency-Key the answer is kept for a year in the same transaction: the same key again gives that answer
 * and changes nothing; with another question it is refused.
 */
final class Writing
{
    public const HEADER = 'Idempotency-Key';

    private const KEY = '/^[A-Za-z0-9_-]{8,64}$/D';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        $key = $request->header(self::HEADER);
        if ($key !== null && preg_match(self::KEY, $key) !== 1) {
            return self::refused(422, 'The header '.self::HEADER.' is 8 to 64 letters, digits, - and _.');
        }

        $request->attributes->set(self::class, true);

        return self::locked(fn (): Response => $this->once($request, $key, $next));
    }

    /** @param Closure(): Response $work */
    private static function locked(Closure $work): Response
    {
        DB::beginTransaction();
        try {
            $answer = $work();
        } catch (Throwable $problem) {
            DB::rollBack();
            throw $problem;
        }
        $answer->isSuccessful() ? DB::commit() : DB::rollBack();

        return $answer;
    }

    /** @param Closure(Request): Response $next */
    private function once(Request $request, ?string $key, Closure $next): Response
    {
        if ($key === null) {
            return $next($request);
        }
        $asked = self::asked($request);
        $known = ReplyRow::query()->where('key', $key)->first();
        if ($known !== null) {
            return $known->asked === $asked
                ? self::again($known)
                : self::refused(422, 'This key was used for another change already: every change needs a key of its own.');
        }
        $answer = $next($request);
        if ($answer->isSuccessful()) {
            ReplyRow::query()->create([
                'key' => $key,
                'asked' => $asked,
                'status' => $answer->getStatusCode(),
                'body' => (string) gzencode((string) $answer->getContent(), 4),
            ]);
        }

        return $answer;
    }

    private static function again(ReplyRow $known): Response
    {
        return new Response((string) gzdecode($known->body), $known->status, [
            'Content-Type' => 'application/json',
            'Idempotency-Replayed' => 'true',
        ]);
    }

    /** A hash of all that was asked for, files too. */
    private static function asked(Request $request): string
    {
        $files = array_map(
            static fn (mixed $f): string => $f instanceof UploadedFile ? (string) sha1_file($f->getRealPath()) : '',
            $request->allFiles(),
        );

        return hash('sha256', json_encode(
            [$request->method(), $request->getRequestUri(), $request->isJson() ? $request->json()->all() : $request->post(), $files],
            JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE,
        ));
    }

    private static function refused(int $status, string $sentence): JsonResponse
    {
        return new JsonResponse(['message' => $sentence], $status, [], JSON_UNESCAPED_UNICODE);
    }
}
