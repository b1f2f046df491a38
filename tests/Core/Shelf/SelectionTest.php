<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Film\Sheen;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Shelf\Selection;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class SelectionTest extends TestCase
{
    /** @param list<string> $left */
    #[DataProvider('selections')]
    public function testWhatMayBeUsed(Selection $selection, array $left): void
    {
        $satin = new Paint('Satin', 'Satin', '', Behaviour::Opaque, Swatches::reflectance('#808080'), true, 3.0, sheen: Sheen::Satin);
        $shelf = [
            Swatches::paint('Plenty', '#808080', left: 12.0),
            Swatches::paint('Scarce', '#808080', left: 0.5),
            Swatches::paint('Unknown', '#808080', left: null),
            Swatches::paint('Empty', '#808080', left: 0.0),
            Swatches::paint('Wished for', '#808080', owned: false),
            $satin,
            Swatches::paint('Metal', '#808080', Behaviour::Metallic),
            new Paint('v', 'Varnish', '', Behaviour::Varnish, null),
        ];

        self::assertSame($left, array_map(static fn (Paint $p): string => $p->name, $selection->of($shelf)));
    }

    /** @return iterable<string, array{Selection, list<string>}> */
    public static function selections(): iterable
    {
        yield 'usual' => [new Selection(), ['Plenty', 'Scarce', 'Unknown', 'Satin']];
        yield 'enough left' => [new Selection(leastMl: 2.0), ['Plenty', 'Unknown', 'Satin']];
        yield 'matt only' => [new Selection(sheens: [Sheen::Matt]), ['Plenty', 'Scarce', 'Unknown']];
        yield 'without one' => [new Selection(excluded: ['Plenty']), ['Scarce', 'Unknown', 'Satin']];
        yield 'metal asked for' => [new Selection([Behaviour::Metallic]), ['Metal']];
        yield 'to buy as well' => [new Selection(atHand: false), ['Plenty', 'Scarce', 'Unknown', 'Empty', 'Wished for', 'Satin']];
        yield 'what has no colour never' => [new Selection([Behaviour::Varnish]), []];
    }

    /** What cannot be told from the best: the simpler first, then what is plentiful; the rest keeps its order. */
    public function testHairsAreNotSplit(): void
    {
        [$scarce, $plenty, $far] = [
            Swatches::paint('Scarce', '#808080', left: 1.0),
            Swatches::paint('Plenty', '#7e8080', left: 14.0),
            Swatches::paint('Far', '#8a8070'),
        ];
        $mix = static fn (int $a, int $b): Mix => Mix::of([new Part($scarce, $a), new Part($plenty, $b)]);
        $ranked = [
            new RankedMix($mix(2, 3), 0.1),
            new RankedMix($mix(1, 1), 0.2),
            new RankedMix(Mix::single($scarce), 0.6),
            new RankedMix(Mix::single($plenty), 0.9),
            new RankedMix(Mix::single($far), 4.0),
        ];

        self::assertSame(
            ['Plenty', 'Scarce', '1 drop Scarce, 1 drop Plenty', '2 drops Scarce, 3 drops Plenty', 'Far'],
            array_map(static fn (RankedMix $r): string => $r->mix->words(), RankedMix::asPaintersChoose($ranked)),
        );
        self::assertSame([], RankedMix::asPaintersChoose([]));
    }

    public function testMetalInAMixIsAGuess(): void
    {
        [$metal, $matt] = [Swatches::paint('Metal', '#8f6f35', Behaviour::Metallic), Swatches::paint('Matt', '#6f4a2e')];

        // By hand: √(8² + 2²) = 8.246.
        self::assertEqualsWithDelta(8.246, Mix::of([new Part($metal, 1), new Part($matt, 1)])->certainty(), 1e-3);
        self::assertSame(2.0, Mix::single($metal)->certainty());
    }

    public function testWhoStandsInForWhom(): void
    {
        self::assertTrue(Behaviour::SemiOpaque->standsInFor(Behaviour::Opaque));
        self::assertTrue(Behaviour::Ink->standsInFor(Behaviour::Wash));
        self::assertTrue(Behaviour::Metallic->standsInFor(Behaviour::Metallic));
        self::assertFalse(Behaviour::Opaque->standsInFor(Behaviour::Wash));
        self::assertFalse(Behaviour::Metallic->standsInFor(Behaviour::Opaque));
        self::assertFalse(Behaviour::Enamel->standsInFor(Behaviour::Opaque));
    }
}
