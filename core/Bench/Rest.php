<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

/**
 * How long somebody has painted without a pause, from the instants that were written down, seconds since 1970, UTC. After fifty
 * minutes eyes and back want a rest: said once, until there was one.
 */
final readonly class Rest
{
    private const MINUTE = 60;
    /** Painting without a pause for so long asks for one, minutes. */
    public const AFTER = 50;
    /** So long with nothing written down is a pause, minutes. */
    private const PAUSE = 10;
    /** Nobody paints for so long without writing anything down, minutes: they have got up. */
    private const AWAY = 90;

    /** @param int|null $since when they began to paint without a pause; null where they do not sit there */
    private function __construct(public ?int $since, private ?int $said, private int $now)
    {
    }

    /**
     * @param int|null $started when the sitting began; null where none was laid out: when the first of what was done was begun
     * @param list<array{int, int}> $done when something was done, and how many minutes it took
     * @param int|null $said when a rest was spoken of last
     */
    public static function of(?int $started, array $done, ?int $said, int $now): self
    {
        sort($done);
        $started ??= $done === [] ? null : min(array_map(static fn (array $d): int => $d[0] - $d[1] * self::MINUTE, $done));
        if ($started === null) {
            return new self(null, $said, $now);
        }
        $since = $last = $started;
        foreach ($done as [$at, $minutes]) {
            if ($at < $started || $at > $now) {
                continue;
            }
            $begun = max($last, $at - $minutes * self::MINUTE);
            if ($begun - $last >= self::PAUSE * self::MINUTE) {
                $since = $begun;
            }
            $last = max($last, $at);
        }

        return new self($now - $last >= self::AWAY * self::MINUTE ? null : $since, $said, $now);
    }

    public function isDue(): bool
    {
        return $this->since !== null && $this->now >= $this->due() && ($this->said === null || $this->said < $this->since);
    }

    /** The instant from which a rest is due; null where nobody sits there. */
    public function due(): ?int
    {
        return $this->since === null ? null : $this->since + self::AFTER * self::MINUTE;
    }
}
