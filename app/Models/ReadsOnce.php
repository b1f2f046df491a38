<?php

declare(strict_types=1);

namespace App\Models;

/** A value of a row is read from its column once, and again only where the column holds something else: pages ask for the same often. */
trait ReadsOnce
{
    /** @var array<string, array{mixed, mixed}> what the column held, and what was read */
    private array $readOnce = [];

    /** @param string $key */
    public function getAttributeValue($key): mixed
    {
        $raw = $this->attributes[$key] ?? null;
        $known = $this->readOnce[$key] ?? null;
        if ($known === null || $known[0] !== $raw) {
            $known = [$raw, parent::getAttributeValue($key)];
            $this->readOnce[$key] = $known;
        }

        return $known[1];
    }
}
