<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;

/** What keeps each of its states, numbered, so that changes can be undone. */
interface Remembering
{
    /** @return HasMany<RevisionRow, covariant \Illuminate\Database\Eloquent\Model> */
    public function revisions(): HasMany;

    /** Number of the state it stands at; 0 before any was kept. */
    public function standsAt(): int;

    /** Highest number that one of its states ever had. */
    public function highest(): int;

    /**
     * @param array<string, mixed> $options
     *
     * @return bool
     */
    public function save(array $options = []);

    /** Has it stand at this state; whoever asks saves it. */
    public function stand(int $at, int $highest): void;
}
