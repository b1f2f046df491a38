<?php

declare(strict_types=1);

namespace App\Models;

use Closure;
use Illuminate\Database\SQLiteConnection;
use LogicException;
use PDOException;
use Throwable;

/**
 * Takes the write lock at the beginning of every transaction: one that has read before cannot become a writing one while
 * another writes, however long it would wait.
 *
 * Whoever writes stands in line at a file beside the database. SQLite's own waiting sleeps longer the longer it waits, so that
 * with many writers the first to come may be served last.
 *
 * A request that may write takes neither until it does ({@see self::whenWriting()}): what it works out first keeps nobody else waiting.
 */
final class WriteLockConnection extends SQLiteConnection
{
    /** Longest wait in line. */
    private const PATIENCE_S = 20.0;

    /** Shortest and longest pause between two looks at it, in microseconds. */
    private const PAUSES_US = [2_000, 9_000];

    /** @var resource|null the place at the head of the line */
    private $turn = null;

    /** How many transactions were begun that nothing was written in yet; null where each is begun at once. */
    private ?int $held = null;

    /** @var (Closure(): void)|null asked as soon as the lock is there */
    private ?Closure $asked = null;

    /** Whether what comes now only looks. */
    private bool $onlyReads = false;

    /** Transactions that were open before. */
    private int $below = 0;

    /**
     * From now on one transaction holds together all that is written; it is begun, and the lock taken, with the first of it.
     *
     * @param Closure(): void $asked may still refuse, once nobody else can write
     */
    public function whenWriting(Closure $asked): void
    {
        $this->held = 0;
        $this->asked = $asked;
        $this->below = $this->transactions;
    }

    /** Takes the lock now, whatever is written. */
    public function lockNow(): void
    {
        if ($this->held === null) {
            return;
        }
        $depth = $this->held;
        $this->held = null;
        parent::beginTransaction();
        if ($this->asked !== null) {
            ($this->asked)();
        }
        for (; $depth > 0; --$depth) {
            parent::beginTransaction();
        }
    }

    /** Whether anything was written since {@see self::whenWriting()}. */
    public function hasWritten(): bool
    {
        return $this->asked !== null && $this->held === null;
    }

    /** Keeps what was written since {@see self::whenWriting()}, or lets it go. */
    public function settle(bool $keep): void
    {
        $has = $this->hasWritten();
        $this->held = $this->asked = null;
        if ($has && $keep) {
            $this->commit();
        } elseif ($has) {
            $this->rollBack($this->below);
        }
    }

    /**
     * @template T
     *
     * @param Closure(): T $look
     *
     * @return T
     *
     * @throws LogicException where it writes
     */
    public function looking(Closure $look): mixed
    {
        $before = $this->onlyReads;
        $this->onlyReads = true;
        try {
            return $look();
        } finally {
            $this->onlyReads = $before;
        }
    }

    /**
     * @param string $query
     * @param array<mixed> $bindings
     */
    public function statement($query, $bindings = []): bool
    {
        $this->beforeWriting();

        return parent::statement($query, $bindings);
    }

    /**
     * @param string $query
     * @param array<mixed> $bindings
     */
    public function affectingStatement($query, $bindings = []): int
    {
        $this->beforeWriting();

        return parent::affectingStatement($query, $bindings);
    }

    private function beforeWriting(): void
    {
        if ($this->onlyReads) {
            throw new LogicException('What only looks must not write.');
        }
        $this->lockNow();
    }

    public function beginTransaction(): void
    {
        if ($this->held !== null) {
            ++$this->held;

            return;
        }
        parent::beginTransaction();
    }

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
        if ($this->asked === null) {
            try {
                return parent::transaction($callback, $attempts);
            } finally {
                $this->leaveAtTheEnd();
            }
        }
        $this->beginTransaction();
        try {
            $result = $callback($this);
        } catch (Throwable $problem) {
            $this->rollBack();
            throw $problem;
        }
        $this->commit();

        return $result;
    }

    public function commit(): void
    {
        if ($this->held !== null) {
            $this->held = max(0, $this->held - 1);

            return;
        }
        try {
            parent::commit();
        } finally {
            $this->leaveAtTheEnd();
        }
    }

    /** @param int|null $toLevel */
    public function rollBack($toLevel = null): void
    {
        if ($this->held !== null) {
            $this->held = max(0, $this->held - 1);

            return;
        }
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
