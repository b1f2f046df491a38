<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

use Kalokroma\Order\Task;

/** What can be painted while something dries: in the running order, what takes the paint that is loaded first. */
final class Meanwhile
{
    private const MOST = 4;

    /**
     * @param list<Task> $open in the running order
     * @param array<string, true> $wet ids of those that would be laid on what is wet
     * @param Task|null $loaded what was painted last, and is on the brush
     *
     * @return list<array{task: Task, loaded: bool}> at most a few; each area and the whole figure once
     */
    public static function of(array $open, array $wet, ?Task $loaded): array
    {
        $found = [];
        foreach ($open as $task) {
            $isBefore = array_filter($found, static fn (array $f): bool => $f['task']->area === $task->area) !== [];
            if (!isset($wet[$task->id()]) && !$isBefore && !$task->isDone()) {
                $found[] = ['task' => $task, 'loaded' => $loaded !== null && self::isSamePaint($loaded, $task)];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b['loaded'] <=> $a['loaded']);

        return array_slice($found, 0, self::MOST);
    }

    private static function isSamePaint(Task $a, Task $b): bool
    {
        return $a->step->load->mix !== null && $b->step->load->mix !== null && $a->step->words() === $b->step->words();
    }
}
