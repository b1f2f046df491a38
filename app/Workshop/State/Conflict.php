<?php

declare(strict_types=1);

namespace App\Workshop\State;

use DomainException;

/** Somebody else changed what this change was made on: nothing of it is kept, and both states are told. */
final class Conflict extends DomainException
{
    /**
     * @param string $what "The paint", "The figure"
     * @param list<array{what: string, there: string, yours: string}> $differences empty words where there is nothing
     */
    public function __construct(string $what, public readonly string $version, public readonly array $differences)
    {
        parent::__construct($what.' was changed in another window in the meantime. Nothing of yours is lost: choose which to keep.');
    }
}
