<?php

declare(strict_types=1);

namespace Kalokroma\Record;

/** All paint came off some figures of a company: what was done to them before belongs to an earlier life. */
final readonly class Stripped
{
    /** @param list<int> $figures numbers within the company */
    public function __construct(public array $figures)
    {
    }
}
