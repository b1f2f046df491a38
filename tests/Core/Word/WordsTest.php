<?php

declare(strict_types=1);

namespace Tests\Core\Word;

use InvalidArgumentException;
use Kalokroma\Word\Counted;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WordsTest extends TestCase
{
    /** @return iterable<array{Counted, int, string}> */
    public static function counts(): iterable
    {
        yield [Counted::Coats, 1, '1 coat'];
        yield [Counted::Coats, 2, '2 coats'];
        yield [Counted::Coats, 0, '0 coats'];
        yield [Counted::Passes, 1, '1 pass'];
        yield [Counted::Passes, 2, '2 passes'];
        yield [Counted::Rounds, 3, '3 rounds'];
        yield [Counted::Glazes, 1, '1 glaze'];
        yield [Counted::Drops, 5, '5 drops'];
        yield [Counted::Figures, 1, '1 figure'];
        yield [Counted::Areas, 12, '12 areas'];
    }

    #[DataProvider('counts')]
    public function testWhatIsCountedHasItsPlural(Counted $what, int $n, string $said): void
    {
        self::assertSame($said, $what->of($n));
    }

    public function testAVerbAgreesWithWhatIsCounted(): void
    {
        $said = static fn (int $n): string => (new Finding(
            'x',
            '{n, plural, one {# glaze brings} other {# glazes bring}} it to {now}.',
            ['n' => $n, 'now' => 1.25],
        ))->sentence();

        self::assertSame('1 glaze brings it to 1.3.', $said(1));
        self::assertSame('3 glazes bring it to 1.3.', $said(3));
    }

    public function testNumbersAreToldWithOneDecimalAndNeverAsMinusNought(): void
    {
        self::assertSame('0.0 and 12 and Bone', Message::said('{a} and {b} and {c}', ['a' => -0.04, 'b' => 12, 'c' => 'Bone']));
        self::assertSame('1 coat, 0.0 off', Message::said('{n, plural, one {# coat} other {# coats}}, {a} off', ['n' => 1, 'a' => -0.01]));
    }

    /** A name with an apostrophe or a brace in it is only text. */
    public function testNamesAreNotReadAsMessages(): void
    {
        self::assertSame(
            "1 coat of Keeper's {blue}",
            Message::said('{n, plural, one {# coat} other {# coats}} of {paint}', ['n' => 1, 'paint' => "Keeper's {blue}"]),
        );
    }

    public function testAMissingCountStopsTheSentence(): void
    {
        $this->expectException(InvalidArgumentException::class);

        Message::said('{n, plural, one {# coat} other {# coats}}', ['m' => 1]);
    }

    public function testAMessageThatCannotBeReadStopsTheSentence(): void
    {
        $this->expectException(InvalidArgumentException::class);

        Message::said('{n} of {n, plural, one {# coat} other {# coats}}', ['n' => 1]);
    }

    public function testListsEndWithAnAnd(): void
    {
        self::assertSame(
            ['', 'belt', 'belt and strap', 'belt, strap and rope'],
            array_map(Message::listed(...), [[], ['belt'], ['belt', 'strap'], ['belt', 'strap', 'rope']]),
        );
    }

    public function testTimesAreToldInHoursFromAnHourOn(): void
    {
        self::assertSame(['0 min', '41 min', '1 h', '2 h 48', '3 h 05'], array_map(Duration::words(...), [0, 41, 60, 168, 185]));
    }
}
