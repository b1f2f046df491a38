<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Plan;

use Kalokroma\Recipe\Plan\LevelEnds;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Level;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;

/** Where in a recipe fieldable and finished end. */
final class LevelEndsTest extends TestCase
{
    public function testEachLevelEndsBeforeTheFirstStepBeyondIt(): void
    {
        $steps = [
            Steps::step('basecoat'),
            Steps::step('wash-all-over'),
            Steps::step('layer'),
            Steps::step('edge-highlight'),
            Steps::step('freehand'),
            Steps::step('matt-varnish', null),
        ];

        self::assertSame(['wash-all-over' => 'fieldable', 'edge-highlight' => 'finished'], self::said($steps));
        self::assertSame(['wash-all-over' => 'fieldable'], self::said(array_slice($steps, 0, 4)), 'nothing goes beyond finished');
        self::assertSame([], self::said(array_slice($steps, 0, 2)));
        $steps[2] = $steps[2]->leftOut();
        $steps[3] = $steps[3]->upTo(Level::Fieldable);
        self::assertSame(['edge-highlight' => 'fieldable'], self::said($steps), 'a step left out does not count, a level of its own does');
        self::assertSame([], self::said([Steps::step('freehand')]), 'there is nothing before it');
    }

    /**
     * @param list<PlannedStep> $steps
     *
     * @return array<string, string>
     */
    private static function said(array $steps): array
    {
        return array_map(static fn (Level $l): string => $l->value, LevelEnds::of($steps));
    }
}
