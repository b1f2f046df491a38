<?php

declare(strict_types=1);

namespace Tests\Core\Caution;

use Kalokroma\Caution\Cautions;
use Kalokroma\Caution\Tool;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CautionsTest extends TestCase
{
    /** @param list<string> $behaviours */
    #[DataProvider('hazards')]
    public function testTheHazardIsNamedAndTheLabelComesFirst(Tool $tool, array $behaviours, string $word): void
    {
        $text = implode(' ', Cautions::before($tool, $behaviours));

        self::assertStringContainsString($word, $text);
        self::assertStringContainsString("product's own label", $text);
    }

    /** @return iterable<array{Tool, list<string>, string}> */
    public static function hazards(): iterable
    {
        yield [Tool::SprayCan, ['primer'], 'organic vapours'];
        yield [Tool::SprayCan, ['primer'], 'never pierce'];
        yield [Tool::Airbrush, ['primer'], 'particle mask'];
        yield [Tool::SmallBrush, ['enamel'], 'no naked flame'];
        yield [Tool::SmallBrush, ['oil'], 'heat up by themselves'];
        yield [Tool::SmallBrush, ['pigment'], 'no draught'];
    }

    public function testEveryBrushHasTheHabitOfTheClothAndNeverOfTheLips(): void
    {
        self::assertSame(['Shape the brush on a cloth, never with the lips.'], Cautions::before(Tool::DetailBrush, ['opaque', 'wash']));
    }

    public function testTheSameCautionIsNotSaidTwice(): void
    {
        $found = Cautions::before(Tool::SmallBrush, ['enamel', 'oil', 'enamel']);

        self::assertSame(array_unique($found), $found);
    }

    public function testEveryToolHasAName(): void
    {
        foreach (Tool::cases() as $tool) {
            self::assertMatchesRegularExpression('/brush|spray can|swab|tweezers|hands/', $tool->words());
        }
    }
}
