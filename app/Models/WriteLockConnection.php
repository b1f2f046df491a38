<?php

declare(strict_types=1);

namespace App\Models;

use Closure;
use Illuminate\Database\SQLiteConnection;
use PDOException;
use Throwable;

/**
 * Takes the write lock at the beginning of every transaction: one that has read before cannot become a writing one while
 * another writes, however long it would wait.
 *
 * Whoever writes stands in line at a file beside the database. SQLite's own waiting sleeps longer the longer it waits, so that
 * with many writers the first to come may be served last.
 */
final class WriteLockConnection extends SQLiteConnection
{
    /** Longest wait in line. */
    private const PATIENCE_S = 20.0;

    /** Shortest and longest pause between two looks at it, in microseconds. */
    private const PAUSES_US = [2_000, 9_000];

    /** @var resource|null the place at the head of the line */
    private $turn = null;

    /** @throws WritersWait where another writes longer than this one may wait */
    protected function executeBeginTransactionStatement(): void
    {
        $this->queue();
        try {
            parent::executeBeginTransactionStatement();
            $this->takeLock();
        } catch (Throwable $problem) {
            $this->leave();
            throw $problem;
        }
    }

    /**
     * @param Closure(static): mixed $callback
     * @param int $attempts
     */
    public function transaction(Closure $callback, $attempts = 1): mixed
    {
        try {
            return parent::transaction($callback, $attempts);
        } finally {
            $this->leaveAtTheEnd();
        }
    }

    public function commit(): void
    {
        try {
            parent::commit();
        } finally {
            $this->leaveAtTheEnd();
        }
    }

    /** @param int|null $toLevel */
    public function rollBack($toLevel = null): void
    {
        try {
            parent::rollBack($toLevel);
        } finally {
            $this->leaveAtTheEnd();
        }
    }

    private function takeLock(): void
    {
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

    private function queue(): void
    {
        $database = $this->getDatabaseName();
        $line = $database === ':memory:' || $this->turn !== null ? false : fopen($database.'.lock', 'c');
        if ($line === false) {
            return;
        }
        $until = microtime(true) + self::PATIENCE_S;
        while (!flock($line, LOCK_EX | LOCK_NB)) {
            if (microtime(true) > $until) {
                fclose($line);
                throw new WritersWait();
            }
            usleep(random_int(...self::PAUSES_US));
        }
        $this->turn = $line;
    }

    private function leaveAtTheEnd(): void
    {
        if ($this->transactions === 0) {
            $this->leave();
        }
    }

    private function leave(): void
    {
        if ($this->turn !== null) {
            fclose($this->turn);
            $this->turn = null;
        }
    }
}
