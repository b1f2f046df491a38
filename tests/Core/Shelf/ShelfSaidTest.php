<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Shelf\Typed\PotCell;
use Kalokroma\Shelf\Typed\PotSpan;
use Kalokroma\Shelf\Typed\PotWords;
use Kalokroma\Shelf\Typed\TypedPaint;
use Kalokroma\Shelf\Typed\TypedShelf;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\ShelfLines;

/** Pots as people write them down are what they were meant to be; what may be two things is asked. */
final class ShelfSaidTest extends TestCase
{
    private const LINES = __DIR__.'/../data/shelf-said.txt';
    private const SHELVES = __DIR__.'/../data/shelves/';

    /** At most so many lines of a whole shelf ask something. */
    private const MOST_QUESTIONS = 2;

    #[DataProvider('lines')]
    public function testAPotIsWhatItIs(int $i): void
    {
        self::assertSame('', self::all()->otherwise($i), self::all()->lines[$i]['said']);
    }

    /** @return iterable<string, array{int}> */
    public static function lines(): iterable
    {
        foreach (self::all()->lines as $i => ['said' => $said]) {
            yield $i.' '.$said => [$i];
        }
    }

    public function testThereAreEnoughOfThem(): void
    {
        self::assertGreaterThan(110, count(self::all()->lines));
    }

    /** Each row of the table knows its own examples. */
    public function testARowKnowsItsExamples(): void
    {
        foreach (PotWords::ROWS as [$word, $means, , $examples]) {
            foreach ($examples as $example) {
                $found = array_filter(
                    (new PotCell($example))->spans,
                    static fn (PotSpan $s): bool => $s->word->value === $word && $s->means === $means,
                );
                self::assertNotSame([], $found, $example.' is '.$word.' '.$means);
            }
        }
    }

    /** Whichever button is pressed, the lines that come of it ask no more. */
    public function testAnAnswerSettlesTheQuestion(): void
    {
        foreach (self::all()->lines as ['said' => $said]) {
            foreach (TypedShelf::read($said)[0]->questions as $question) {
                foreach ($question->choices as ['line' => $line]) {
                    $after = array_merge(...array_map(static fn (TypedPaint $p): array => $p->questions, TypedShelf::read($line)));
                    self::assertSame([], $after, $said.' → '.$line);
                }
            }
        }
    }

    #[DataProvider('shelves')]
    public function testAWholeShelfComesInWithHardlyAQuestion(string $file, int $pots): void
    {
        $read = TypedShelf::read((string) file_get_contents(self::SHELVES.$file));
        $asking = array_filter($read, static fn (TypedPaint $p): bool => $p->questions !== [] || $p->doubt !== '');

        self::assertCount($pots, $read);
        self::assertLessThanOrEqual(
            self::MOST_QUESTIONS,
            count($asking),
            implode("\n", array_map(static fn (TypedPaint $p): string => $p->said, $asking)),
        );
    }

    /** @return iterable<string, array{string, int}> a list, and how many pots are on it */
    public static function shelves(): iterable
    {
        yield 'a tidy table' => ['table.csv', 14];
        yield 'a hurried list' => ['hurried.txt', 22];
        yield 'by range' => ['ranges.txt', 20];
        yield 'with notes' => ['notes.txt', 16];
    }

    /** The head of a table says which column is which; a word that stands in many rows is no range because of that. */
    public function testATableSaysWhatItsColumnsAre(): void
    {
        [$kelp, $wash, $spray] = TypedShelf::read(
            "Name;Range;Kind;Left;Place;Notes\nKelp;Quay;opaque dark green;80 %;A2;good\n"
            ."Peat Wash;Quay;wash;half;A2;good\nMatt Coat;;varnish;;A2;spray",
        );

        self::assertSame(['Quay', 'A2', 'good'], [$kelp->range, $kelp->place, $kelp->notes]);
        self::assertEqualsWithDelta(0.8, $kelp->leftMl / (float) $kelp->bottleMl, 0.01);
        self::assertSame('wash', $wash->behaviour->value);
        self::assertSame('spray can', $spray->form->value, 'a note that says only in what it comes does so');
        $bare = TypedShelf::read("Kelp, dark green, good\nReed, pale green, good");
        self::assertSame([['', 'good'], ['', 'good']], array_map(static fn (TypedPaint $p): array => [$p->range, $p->notes], $bare));
    }

    /** A can is no bottle of 15 ml, also where nobody says how large it is. */
    public function testHalfACanIsHalfACan(): void
    {
        $pots = TypedShelf::read("grey primer spray, half full\nBone, half full");

        self::assertSame([400.0, 200.0, 15.0, 7.5], [$pots[0]->bottleMl, $pots[0]->leftMl, $pots[1]->bottleMl, $pots[1]->leftMl]);
    }

    /** What the painter put right stays so, whatever the line says, and the line stays as it was typed. */
    public function testWhatIsPutRightStays(): void
    {
        $line = 'Mussel shade';
        [$before] = TypedShelf::read($line);
        [$after] = TypedShelf::read($line, [$line => ['behaviour' => 'stain', 'form' => 'pen', 'colour' => '#24384c']]);

        self::assertSame(['wash', null], [$before->behaviour->value, $before->hex]);
        self::assertSame(
            ['stain', 'pen', '#24384c', $line],
            [$after->behaviour->value, $after->form->value, $after->hex, $after->said],
        );
    }

    private static function all(): ShelfLines
    {
        /** @var ShelfLines|null $all */
        static $all = null;

        return $all ??= ShelfLines::of(self::LINES);
    }
}
