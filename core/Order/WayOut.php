<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Word\Finding;

/** Something that would make all fit, and what it takes. */
final readonly class WayOut
{
    public const LONGER = 'longer';
    public const WITHOUT = 'without';
    public const FIELDABLE = 'fieldable';

    /**
     * @param int|null $window number of the free hours that are to be longer, from 1; null where none is
     * @param int $minutes by which
     * @param list<string> $steps that are to be left out, by area and key
     */
    public function __construct(
        public string $id,
        public Finding $words,
        public ?int $window = null,
        public int $minutes = 0,
        public array $steps = [],
    ) {
    }
}
