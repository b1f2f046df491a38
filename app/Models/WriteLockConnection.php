<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * Takes the write lock at the beginning of every transaction: one that has read before cannot become a writing one while
 * another writes, however long it would wait.
 */
final class WriteLockConnection extends SQLiteConnection
{
    /** @throws WritersWait where another writes longer than this one may wait */
    protected function executeBeginTransactionStatement(): void
    {
        parent::executeBeginTransactionStatement();
        try {
            $this->getPdo()->exec('UPDATE migrations SET batch = batch WHERE 0');
        } catch (PDOException $problem) {
            if (str_contains($problem->getMessage(), 'no such table')) {
                return; // nothing is set up yet, and nobody else is here
            }
            $this->getPdo()->rollBack();
            throw str_contains($problem->getMessage(), 'locked') ? new WritersWait($problem) : $problem;
        }
    }
}
