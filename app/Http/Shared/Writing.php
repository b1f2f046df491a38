<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Models\Painter;
use App\Models\ReplyRow;
use App\Models\WriteLockConnection;
use App\Workshop\Studio;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Holds together what belongs together: all that a request writes is one transaction, kept only where its answer says that it went well.
 *
 * The write lock is taken with the first row that is written. Until then the request has read without it; where another request of the
 * same painter wrote meanwhile, it is worked out again from what stands now, the last time under the lock from the beginning. A
 * {@see LateAnswer} is made once all is kept.
 *
 * With the header Idempotency-Key the answer, or what it is made from, is kept for a year in the same transaction: the same key again
 * gives it and changes nothing; with another question it is refused.
 */
final class Writing
{
    public const HEADER = 'Idempotency-Key';

    /** Says of an answer that nothing was changed by it. */
    private const REPLAYED = 'Idempotency-Replayed';

    /** What a change that is sent again came to the first time. */
    public const OUTCOME = self::class.'.outcome';

    private const KEY = '/^[A-Za-z0-9_-]{8,64}$/D';

    /** How often it is worked out without the lock. */
    private const TRIES = 3;

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
        for ($try = 1; ; ++$try) {
            $answer = $this->tried($request, $key, $next, $try > self::TRIES);
            if ($answer !== null) {
                return $answer;
            }
            self::forget($request);
        }
    }

    /**
     * @param Closure(Request): Response $next
     *
     * @return Response|null null where another request was faster
     */
    private function tried(Request $request, ?string $key, Closure $next, bool $lockFirst): ?Response
    {
        $painter = $request->user();
        $connection = DB::connection();
        assert($painter instanceof Painter && $connection instanceof WriteLockConnection);
        $overtaken = false;
        $connection->whenWriting(static function () use ($painter, $lockFirst, &$overtaken): void {
            if ($lockFirst) {
                $painter->refresh();
            }
            $counted = DB::table('painters')->where('id', $painter->id)->where('written', $painter->written)->increment('written');
            if ($counted === 0) {
                $overtaken = true;
                throw new Overtaken();
            }
        });
        try {
            if ($lockFirst) {
                $connection->lockNow();
            }
            $answer = $this->once($request, $key, $next);
            // Who is refused may have read what another request was just writing, perhaps the very same one: it is asked again.
            $overtaken = $overtaken || (!$answer->isSuccessful() && !$connection->hasWritten() && !self::isAsRead($painter));
        } catch (Throwable $problem) {
            $connection->settle(false);
            if ($problem instanceof Overtaken) {
                return null;
            }
            throw $problem;
        }
        $isKept = !$overtaken && $answer->isSuccessful();
        if ($isKept && $connection->hasWritten()) {
            ++$painter->written;
            $painter->syncOriginalAttribute('written');
        }
        $connection->settle($isKept);

        return $overtaken ? null : self::made($request, $answer, $connection);
    }

    private static function isAsRead(Painter $painter): bool
    {
        return DB::table('painters')->where('id', $painter->id)->where('written', $painter->written)->exists();
    }

    /** The answer, from now on by somebody who only looks. */
    private static function made(Request $request, Response $answer, WriteLockConnection $connection): Response
    {
        if (!$answer instanceof LateAnswer) {
            return $answer;
        }
        $made = $connection->looking($answer->made(...));
        if ($answer->headers->has(self::REPLAYED)) {
            $made->headers->set(self::REPLAYED, 'true');
        }

        return $made;
    }

    /** As if nothing had been asked yet. */
    private static function forget(Request $request): void
    {
        $request->attributes->remove(Studio::class);
        $request->route()?->bind($request);
        $request->user()?->refresh();
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
                ? self::again($request, $known, $next)
                : self::refused(422, 'This key was used for another change already: every change needs a key of its own.');
        }
        $answer = $next($request);
        if ($answer->isSuccessful()) {
            $isLate = $answer instanceof LateAnswer;
            ReplyRow::query()->create([
                'key' => $key,
                'asked' => $asked,
                'status' => $answer->getStatusCode(),
                'outcome' => $isLate ? $answer->outcome : null,
                'body' => $isLate ? '' : (string) gzencode((string) $answer->getContent(), 4),
            ]);
        }

        return $answer;
    }

    /** @param Closure(Request): Response $next */
    private static function again(Request $request, ReplyRow $known, Closure $next): Response
    {
        if ($known->outcome === null) {
            return new Response((string) gzdecode($known->body), $known->status, [
                'Content-Type' => 'application/json',
                self::REPLAYED => 'true',
            ]);
        }
        $request->attributes->set(self::OUTCOME, $known->outcome);
        $connection = DB::connection();
        assert($connection instanceof WriteLockConnection);
        $answer = $connection->looking(static fn (): Response => $next($request));
        $answer->headers->set(self::REPLAYED, 'true');

        return $answer;
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
