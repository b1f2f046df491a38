<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Models\WritersWait;
use App\Workshop\State\Conflict;
use DomainException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Throwable;

/** Turns every failure of an answer under /api into a status and one clear sentence, never a stack trace. */
final class Problems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*'));
        $exceptions->dontReport([DomainException::class, Overtaken::class]);
        $exceptions->render(static function (Throwable $problem, Request $request): ?JsonResponse {
            if (!$request->is('api/*')) {
                return null;
            }

            return match (true) {
                $problem instanceof Conflict => self::answer(409, $problem->getMessage(), [
                    'version' => $problem->version,
                    'differences' => $problem->differences,
                ]),
                $problem instanceof DomainException => self::answer(422, $problem->getMessage()),
                $problem instanceof WritersWait => self::answer(503, $problem->getMessage()),
                $problem instanceof AuthenticationException => self::answer(401, 'Sign in first.'),
                $problem instanceof PostTooLargeException => self::answer(413, 'The file is too large: at most 12 MB are taken.'),
                $problem instanceof NotFoundHttpException => self::answer(404, 'There is no such thing in your workshop.'),
                $problem instanceof TooManyRequestsHttpException => self::answer(429, 'Too many attempts: wait a minute, then try again.'),
                $problem instanceof HttpExceptionInterface => self::answer(
                    $problem->getStatusCode(),
                    $problem->getStatusCode() === 419
                        ? 'This page has been open too long: reload it and try again.'
                        : 'That cannot be done here.',
                ),
                $problem instanceof ValidationException || config('app.debug') => null,
                default => self::answer(500, 'Something went wrong here. Nothing was changed.'),
            };
        });
    }

    /** @param array<string, mixed> $more */
    private static function answer(int $status, string $sentence, array $more = []): JsonResponse
    {
        return new JsonResponse(['message' => $sentence] + $more, $status, [], JSON_UNESCAPED_UNICODE);
    }
}
