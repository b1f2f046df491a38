<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

use Kalokroma\Order\Task;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Message;

/** A level of finish that every figure of a company has reached: a good moment to look, and to stop. */
final readonly class StopPoint
{
    /** @param list<string> $bare names of areas that nothing is planned for */
    private function __construct(public Level $level, private int $figures, private array $bare)
    {
    }

    /**
     * The highest level that all figures have reached.
     *
     * @param list<Task> $tasks all steps of the company, with the figures that lack them
     * @param list<string> $bare names of areas that nothing is planned for
     */
    public static function of(array $tasks, int $figures, array $bare): ?self
    {
        $reached = null;
        foreach (Level::cases() as $level) {
            $within = array_filter($tasks, static fn (Task $t): bool => $t->step->level()->isWithin($level));
            $own = array_filter($within, static fn (Task $t): bool => $t->step->level() === $level);
            $open = array_filter($within, static fn (Task $t): bool => !$t->isDone());
            if ($open !== []) {
                break;
            }
            $reached = $own === [] ? $reached : $level;
        }

        return $reached === null ? null : new self($reached, $figures, $bare);
    }

    /** What to look for before it is left at that. */
    public function look(): Finding
    {
        return new Finding(
            'stop.look',
            'Turn {figures, plural, one {the figure} other {each of the # figures}} once in good light: is every area covered?'
                .($this->bare === [] ? '' : ' Nothing is planned for {bare}.'),
            ['figures' => $this->figures, 'bare' => Message::listed($this->bare)],
        );
    }

    /** What was reached. */
    public function words(): Finding
    {
        return new Finding('stop.'.$this->level->value, match ($this->level) {
            Level::Fieldable => '{figures, plural, one {The figure is} other {All # figures are}} fieldable: clean basecoats and shade. '
                .'You can stop here, play, and go on later.',
            Level::Finished => '{figures, plural, one {The figure is} other {All # figures are}} finished: highlights and details are on.',
            Level::Showpiece => '{figures, plural, one {The figure is a showpiece} other {All # figures are showpieces}}: '
                .'everything that was planned is on.',
        }, ['figures' => $this->figures]);
    }
}
