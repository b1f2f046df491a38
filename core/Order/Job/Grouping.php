<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

use DomainException;

/** How figures painted alike are taken together: all in one row, so many at a time, or the leaders first. */
final readonly class Grouping
{
    /**
     * @param int<1, max>|null $size figures of a group; null for all of them
     * @param bool $leadersFirst whether the leaders are a group of their own
     */
    private function __construct(public ?int $size, public bool $leadersFirst)
    {
    }

    public static function row(): self
    {
        return new self(null, false);
    }

    /** @throws DomainException */
    public static function of(int $size): self
    {
        return new self($size >= 1 ? $size : throw new DomainException('A group has at least one figure.'), false);
    }

    public static function leadersFirst(): self
    {
        return new self(null, true);
    }

    /**
     * Groups of a company, as numbers of figures. What is left over makes a smaller group at the end.
     *
     * @param int $count figures, 1 and more
     *
     * @return list<list<int>>
     */
    public function groups(int $count, int $leaders): array
    {
        $all = range(1, max(1, $count));
        if ($this->leadersFirst && $leaders > 0 && $leaders < $count) {
            return [array_slice($all, 0, $leaders), array_slice($all, $leaders)];
        }

        return $this->size === null ? [$all] : array_chunk($all, $this->size);
    }
}
