<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Told;

use Kalokroma\Recipe\Told\Words\Cover;
use Kalokroma\Recipe\Told\Words\PaintWords;
use Kalokroma\Recipe\Told\Words\Recognizers;
use Kalokroma\Recipe\Told\Words\Span;
use Kalokroma\Recipe\Told\Words\SpanKind;
use Kalokroma\Word\Line;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\OrdinaryShelf;

/** Each row of the tables of what can be recognized knows its own examples, and the best cover uses every word once. */
final class RecognizersTest extends TestCase
{
    /** @param list<string> $examples */
    #[DataProvider('rows')]
    public function testARowKnowsItsExamples(string $kind, string $means, array $examples): void
    {
        foreach ($examples as $example) {
            $line = new Line($example);
            $whole = array_filter(
                Recognizers::in($line),
                static fn (Span $s): bool => $s->kind->value === $kind && $s->means === $means && $s->from === 0
                    && $s->to === $line->count(),
            );

            self::assertNotSame([], $whole, $example.' is '.$kind.' '.$means);
        }
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function rows(): iterable
    {
        foreach (Recognizers::table() as $n => [$kind, $means, , $examples]) {
            if ($examples !== []) {
                yield $n.' '.$kind.' '.$means => [$kind, $means, $examples];
            }
        }
    }

    public function testAlmostEveryRowHasAnExample(): void
    {
        $all = count(Recognizers::table());
        self::assertGreaterThan(200, $all);
        self::assertGreaterThan(0.8 * $all, count([...self::rows()]));
    }

    /** Every word is in one span, from the first to the last, and of two explanations the one of more words wins. */
    public function testTheBestCoverUsesEveryWordOnce(): void
    {
        foreach ([
            'two parts Ochre to one Bone on the raised folds, thinned 2:1' => [
                [SpanKind::Amount, 'two parts'], [SpanKind::Paint, 'Ochre'], [SpanKind::Amount, 'one'], [SpanKind::Paint, 'Bone'],
                [SpanKind::Mention, 'on the'], [SpanKind::Face, 'raised folds'],
                [SpanKind::Consistency, 'thinned'], [SpanKind::Ratio, '2:1'],
            ],
            'keep it off the edges' => [[SpanKind::Leave, 'keep it off'], [SpanKind::Face, 'edges']],
            'with the unwashed brush' => [[SpanKind::Handling, 'with the unwashed brush']],
        ] as $said => $expected) {
            $line = new Line($said);
            $paints = new PaintWords(OrdinaryShelf::paints());
            [$best] = Cover::of($line, [...Recognizers::in($line), ...$paints->in($line)], Recognizers::isPlain(...));

            $at = 0;
            foreach ($best->spans as $span) {
                self::assertSame($at, $span->from, $said);
                $at = $span->to;
            }
            self::assertSame($line->count(), $at);
            $carrying = array_values(array_filter(
                $best->spans,
                static fn (Span $s): bool => !$s->is(SpanKind::Plain) && !$s->kind->isSeparator(),
            ));
            self::assertSame(
                array_map(static fn (array $e): array => [$e[0]->value, $e[1]], $expected),
                array_map(static fn (Span $s): array => [$s->kind->value, $line->between($s->from, $s->to)], $carrying),
            );
        }
    }
}
