<?php

declare(strict_types=1);

namespace Tests\Core\Record;

use Kalokroma\Film\FilmProblem;
use Kalokroma\Record\Comparison;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ComparisonTest extends TestCase
{
    private const PLANNED = [
        'mix' => [['name' => 'Mustard Reed', 'parts' => 4], ['name' => 'Gull Bone', 'parts' => 1]],
        'thin' => '2:1',
        'coats' => 2,
        'tool' => 'small round brush',
    ];

    /**
     * @param array<string, mixed> $change
     * @param list<string> $expected
     */
    #[DataProvider('changes')]
    public function testDifferences(array $change, array $expected): void
    {
        /** @var array{mix: list<array{name: string, parts: int|null}>, thin: string|null, coats: int|null, tool: string|null} $real */
        $real = [...self::PLANNED, ...$change];

        self::assertSame($expected, Comparison::of(self::PLANNED, $real));
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function changes(): iterable
    {
        yield 'as planned' => [[], []];
        yield 'order of the paints' => [['mix' => array_reverse(self::PLANNED['mix'])], []];
        yield 'equal thinning in other numbers' => [['thin' => '4:2'], []];
        yield 'holes are no difference' => [['mix' => [], 'thin' => null, 'coats' => null, 'tool' => null], []];
        yield 'one more coat' => [['coats' => 3], ['1 coat more than planned (3 for 2)']];
        yield 'fewer coats' => [['coats' => 1], ['1 coat fewer than planned (1 for 2)']];
        yield 'two more' => [['coats' => 4], ['2 coats more than planned (4 for 2)']];
        yield 'thinner' => [['thin' => '1:1'], ['thinned 1:1 instead of 2:1']];
        yield 'undiluted' => [['thin' => '1:0'], ['thinned not at all instead of 2:1']];
        yield 'tool' => [['tool' => 'large brush'], ['with large brush instead of small round brush']];
        yield 'another paint' => [
            ['mix' => [['name' => 'Ochre Mud', 'parts' => 1]]],
            ['Ochre Mud instead of 4 drops Mustard Reed, 1 drop Gull Bone'],
        ];
        yield 'other parts' => [
            ['mix' => [['name' => 'Mustard Reed', 'parts' => 3], ['name' => 'Gull Bone', 'parts' => 1]]],
            ['3 drops Mustard Reed, 1 drop Gull Bone instead of 4 drops Mustard Reed, 1 drop Gull Bone'],
        ];
        yield 'an open amount' => [
            ['mix' => [['name' => 'Mustard Reed', 'parts' => 4], ['name' => 'Gull Bone', 'parts' => null]]],
            ['4 drops Mustard Reed, some Gull Bone instead of 4 drops Mustard Reed, 1 drop Gull Bone'],
        ];
        yield 'several at once' => [
            ['thin' => '1:2', 'coats' => 4],
            ['thinned 1:2 instead of 2:1', '2 coats more than planned (4 for 2)'],
        ];
    }

    public function testASinglePaintHasNoParts(): void
    {
        $planned = [...self::PLANNED, 'mix' => [['name' => 'Ochre Mud', 'parts' => 1]]];
        $real = [...$planned, 'mix' => [['name' => 'Ochre Mud', 'parts' => 3]]];

        self::assertSame([], Comparison::of($planned, $real));
    }

    public function testAPaintIsTheSameUnderAnotherNameAndAnotherUnderTheSame(): void
    {
        $mix = static fn (?string $id, string $name): array => ['mix' => [['id' => $id, 'name' => $name, 'parts' => 1]]];
        $of = static fn (array $planned, array $real): array => Comparison::of(
            [...self::PLANNED, ...$planned],
            [...self::PLANNED, ...$real],
        );

        self::assertSame([], $of($mix('7', 'Ochre Mud'), $mix('7', 'Mud Ochre')), 'renamed since');
        self::assertSame(['Ochre Mud instead of Ochre Mud'], $of($mix('7', 'Ochre Mud'), $mix('8', 'Ochre Mud')));
        self::assertSame([], $of($mix('7', 'Ochre Mud'), $mix(null, 'Ochre Mud')), 'an old entry knows the name only');
    }

    public function testAnUnreadableThinningIsNotPassedOver(): void
    {
        $this->expectException(FilmProblem::class);
        Comparison::of(self::PLANNED, [...self::PLANNED, 'thin' => 'like milk']);
    }
}
