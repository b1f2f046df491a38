<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

use Kalokroma\Order\Task;

/** What can be painted while something dries: in the running order, what takes the paint that is loaded first. */
final class Meanwhile
{
    private const MOST = 4;

    /**
     * What can be painted now: nothing that would be laid on what is wet, and nothing before what comes below it.
     *
     * @param list<Task> $open in the running order
     * @param array<string, true> $wet ids of those that would be laid on what is wet
     *
     * @return list<Task> of each area, and of the whole figure, at most the first
     */
    public static function free(array $open, array $wet): array
    {
        $found = $begun = [];
        foreach ($open as $task) {
            if ($task->isDone()) {
                continue;
            }
            $isBlocked = $task->ref->area === null ? $begun !== [] : isset($begun[$task->ref->area]);
            if (!$isBlocked && !isset($wet[(string) $task->ref])) {
                $found[] = $task;
            }
            if ($task->ref->area === null) {
                break;
            }
            $begun[$task->ref->area] = true;
        }

        return $found;
    }

    /**
     * @param list<Task> $open in the running order
     * @param array<string, true> $wet ids of those that would be laid on what is wet
     * @param Task|null $loaded what was painted last, and is on the brush
     *
     * @return list<array{task: Task, loaded: bool}> at most a few
     */
    public static function of(array $open, array $wet, ?Task $loaded): array
    {
        $found = array_map(static fn (Task $task): array => [
            'task' => $task,
            'loaded' => $loaded !== null && self::isSamePaint($loaded, $task),
        ], self::free($open, $wet));
        usort($found, static fn (array $a, array $b): int => $b['loaded'] <=> $a['loaded']);

        return array_slice($found, 0, self::MOST);
    }

    private static function isSamePaint(Task $a, Task $b): bool
    {
        return $a->step->load->mix !== null && $b->step->load->mix !== null && $a->step->words() === $b->step->words();
    }
}
