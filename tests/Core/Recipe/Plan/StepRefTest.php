<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Plan;

use InvalidArgumentException;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\StepRef;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;

final class StepRefTest extends TestCase
{
    #[TestWith(['12:basecoat', 12, 'basecoat'])]
    #[TestWith(['all:undercoat-2', null, 'undercoat-2'])]
    public function testItIsWrittenAndReadTheSameWay(string $said, ?int $area, string $key): void
    {
        $ref = StepRef::of($area, $key);

        self::assertSame($said, (string) $ref);
        self::assertTrue(StepRef::read($said)->is($ref));
        self::assertSame([$area, $area === null], [StepRef::read($said)->areaId(), StepRef::read($said)->isOfFigure()]);
    }

    public function testTwoAreTheSameByAreaAndKey(): void
    {
        $ref = StepRef::of('4', StepKey::kept('glaze'));

        self::assertTrue($ref->is(StepRef::of(4, 'glaze')));
        self::assertFalse($ref->is(StepRef::of(5, 'glaze')));
        self::assertFalse($ref->is(StepRef::of(4, 'glaze-2')));
        self::assertFalse($ref->is(StepRef::ofFigure('glaze')));
    }

    /** Among the steps of an area stand those of the whole figure. */
    public function testAStepOfTheFigureIsNoStepOfTheAreaItStandsIn(): void
    {
        self::assertSame('4:wash', (string) StepRef::among('4', Steps::step('wash-all-over', key: 'wash')));
        self::assertSame('all:whole-1', (string) StepRef::among('4', Steps::step('wash-all-over', key: 'whole-1')->overTheFigure()));
    }

    #[TestWith([''])]
    #[TestWith(['12'])]
    #[TestWith([':wash'])]
    #[TestWith(['12:'])]
    public function testWhatNamesNoStepIsRefused(string $said): void
    {
        $this->expectException(InvalidArgumentException::class);
        StepRef::read($said);
    }
}
