<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Told\Words\Recognizers;
use Kalokroma\Recipe\Told\Words\Span;
use Kalokroma\Recipe\Told\Words\SpanKind;

/** How often it is done: coats and passes, or rounds until it is good enough. */
final readonly class Rounds
{
    /** Rounds of a loop that nobody counted: "again and again until it is bright enough". */
    private const UNCOUNTED = 3;

    /** Letters of a test of when it is enough. */
    private const LONGEST_EXIT = 120;

    /**
     * @param int|null $coats null where nobody counted
     * @param int $rounds 0 where it is no loop
     * @param string $exit how to tell that it is enough
     * @param bool $again whether the step before is done once more
     * @param bool $more whether there is more of its paint each time
     */
    public function __construct(
        public ?int $coats = null,
        public int $rounds = 0,
        public string $exit = '',
        public bool $smaller = false,
        public bool $again = false,
        public bool $more = false,
    ) {
    }

    /** @param list<Span> $spans of a clause */
    public static function of(array $spans): self
    {
        $count = $most = null;
        $exit = '';
        $over = $until = $smaller = $each = $again = $more = $isRounds = false;
        foreach ($spans as $span) {
            if ($span->is(SpanKind::Coats)) {
                $count ??= self::count($span);
            } elseif ($span->is(SpanKind::Again)) {
                $again = true;
                $over = $over || $span->means === 'over';
            } elseif ($span->is(SpanKind::More)) {
                $more = true;
            } elseif ($span->is(SpanKind::Loop)) {
                $isExit = in_array($span->means, ['until', 'exit'], true);
                $until = $until || $isExit;
                $exit = $isExit ? trim((string) preg_replace('/ (?=[,;:.])/', '', $span->group(0)), ' .') : $exit;
                $smaller = $smaller || in_array($span->means, ['smaller', 'each-smaller'], true);
                $each = $each || $span->means === 'each';
                $isRounds = $isRounds || $span->means === 'rounds';
                $count = $span->means === 'rounds' ? (int) Recognizers::number($span->group(0)) : $count;
                $number = (int) Recognizers::number($span->group(0) !== '' ? $span->group(0) : $span->group(1));
                $most = $span->means === 'most' ? $number : $most;
            }
        }
        $isLoop = $until || $smaller || $isRounds || $most !== null || ($more && $each) || ($over && $count !== null)
            || ($again && $count > 1);
        $rounds = max(2, min(Loop::MOST_ROUNDS, $most ?? $count ?? self::UNCOUNTED));

        return new self(
            $isLoop ? null : $count,
            $isLoop ? $rounds : 0,
            mb_substr($exit, 0, self::LONGEST_EXIT),
            $smaller,
            $again || $until || ($more && $each),
            $more && $each,
        );
    }

    private static function count(Span $span): ?int
    {
        $count = match ($span->means) {
            'twice' => 2,
            'dozen' => str_contains($span->group(0), 'half') ? 6 : 12,
            'thrice' => 3,
            'some' => null,
            'range' => (int) Recognizers::number($span->group(1)),
            default => (int) Recognizers::number($span->group(0)),
        };

        return $count === null ? null : max(1, min(Handling::MOST_COATS, $count));
    }
}
