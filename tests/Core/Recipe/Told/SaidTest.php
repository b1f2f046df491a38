<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Told;

use Kalokroma\Recipe\Told\LineQuestion;
use Kalokroma\Recipe\Told\ToldLine;
use Kalokroma\Recipe\Told\ToldRecipe;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\SaidLines;

/** Lines of many painters mean what was written down that they mean; what nobody would paint asks; nothing goes by in silence. */
final class SaidTest extends TestCase
{
    private const LINES = __DIR__.'/../../data/said.txt';

    #[DataProvider('lines')]
    public function testALineMeansWhatThePainterMeant(int $i): void
    {
        self::assertSame([SaidLines::RIGHT, ''], self::all()->judge($i), self::all()->lines[$i]['said']);
    }

    /** @return iterable<string, array{int}> */
    public static function lines(): iterable
    {
        foreach (self::all()->lines as $i => ['said' => $said]) {
            if (!in_array($said, self::OPEN, true)) {
                yield $i.' '.$said => [$i];
            }
        }
    }

    /** A pot and a word of another pot's name are one word: which is meant the reader cannot tell, and so it says what it did not read. */
    private const OPEN = ['White Ink sketch, white only on the upper side'];

    public function testWhatIsOpenIsNamed(): void
    {
        foreach (self::all()->lines as $i => ['said' => $said]) {
            if (in_array($said, self::OPEN, true)) {
                self::assertSame(SaidLines::NAMED, self::all()->judge($i)[0], $said);
            }
        }
    }

    public function testThereAreEnoughOfThem(): void
    {
        self::assertGreaterThan(290, count(self::all()->lines));
    }

    /**
     * A question is asked, and whichever button is pressed, the line that comes of it asks it no more.
     *
     * @param list<string> $choices
     */
    #[DataProvider('asking')]
    public function testAStepThatNobodyWouldPaintAsks(string $said, string $asks, array $choices): void
    {
        $told = self::told($said);
        $question = self::question($told[count($told) - 1], $asks);
        self::assertSame($choices, array_column($question->choices, 'words'));
        $before = implode("\n", array_slice(explode("\n", $said), 0, -1));
        $line = $told[count($told) - 1]->said;
        foreach ($question->choices as ['line' => $chosen]) {
            $settled = [ToldRecipe::key($line) => $chosen];
            $again = ToldRecipe::read(trim($before."\n".$line), self::all()->shelf, $settled)->lines;
            self::assertSame([], $again[count($again) - 1]->questions, $chosen);
        }
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function asking(): iterable
    {
        foreach ([
            ['glaze Navy 3:1 with medium', '3:1 is thick for a glaze', ['thin: 1:3', '3:1, as I said']],
            ['3:1 medium to Guard Blue', 'a glaze over all of it, or a shade in the recesses', ['a glaze', 'a shade in the recesses']],
            ['varnish', 'Which varnish', ['Gloss', 'Satin', 'Matt']],
            ["base: Navy\nshade the folds with Ivory", 'lighter than what it goes on', ['on the raised parts', 'yes, as I said']],
            ["base: Navy\nedge Ivory in the recesses", 'on the recesses?', ['on the raised parts', 'yes, as I said']],
            ['Peat Wash on the ridges only', 'on the raised parts?', ['on the recesses', 'yes, as I said']],
            ['glaze Old Brass 1:6', 'A metal in a glaze', ['Old Brass is only spoken of', 'yes, as I said']],
            ['Black Spray all round', 'Is Black Spray the undercoat', ['the undercoat', 'no, on this area']],
            ['peach, from above, very thin', 'Sprayed, or by brush', ['sprayed', 'by brush']],
            ["layer: Navy\nNavy", 'lies there already', ['another coat', 'yes, a layer']],
            ['base: Ivorry', 'Is "Ivorry" the pot Ivory', ['Ivory', 'Only a word']],
            ['Navy, three somethings of it', '"three somethings" was not read', ['Only a note']],
            ['the same as the armour', 'another area is followed under', ['Only a note']],
        ] as [$said, $asks, $choices]) {
            yield $said => [$said, $asks, $choices];
        }
    }

    /** The question hangs on what it asks about: without that there is none. */
    public function testWhatIsPlausibleIsNotAsked(): void
    {
        foreach ([
            'glaze Navy 1:3 with medium', 'glaze: 3:1 medium to Guard Blue', 'gloss varnish', "base: Ivory\nshade the folds with Navy",
            "base: Navy\nedge Ivory", 'Peat Wash in the recesses', 'layer Old Brass', 'airbrush peach, from above, very thin',
            "layer: Navy\nNavy again", 'base: Navy', 'Navy, three coats of it',
        ] as $said) {
            $told = self::told($said);
            self::assertSame([], $told[count($told) - 1]->questions, $said);
        }
    }

    public function testWhatThePainterChoseIsReadSoTheNextTime(): void
    {
        $settled = [ToldRecipe::key('2. The good brown,  all over.') => 'base: Mud Brown'];
        $line = ToldRecipe::read('the good brown, all over', self::all()->shelf, $settled)->lines[0];

        self::assertSame('Mud Brown', $line->steps[0]->words());
        self::assertSame('the good brown, all over', $line->said);
        self::assertStringContainsString('Read as "base: Mud Brown", as you chose before.', $line->findings[0]->sentence());
    }

    /** Whatever is said: no exception, each line is there, its pieces are all of it, and a word that was dropped is named or kept. */
    public function testNoWordIsLostWhateverIsSaid(): void
    {
        $words = array_values(array_unique(
            preg_split('/\s+/', implode(' ', array_column(self::all()->lines, 'said'))) ?: [],
        ));
        $dice = new Randomizer(new Mt19937(11));
        for ($n = 0; $n < 1_500; ++$n) {
            $line = '';
            for ($i = $dice->getInt(1, 14); $i > 0; --$i) {
                $line .= $words[$dice->getInt(0, count($words) - 1)].' ';
            }
            $line = trim($line).' zzyx';
            $told = self::told("base: Navy\n".$line);
            self::assertCount(2, $told, $line);
            self::assertSame($line, implode('', array_column($told[1]->pieces, 'words')), 'all of it in pieces');
            self::assertStringContainsString('zzyx', implode(' ', self::kept($told)), $line);
        }
    }

    /**
     * @param list<ToldLine> $told
     *
     * @return list<string> all that became of words: notes, strokes, loops, names of paints, doubts
     */
    private static function kept(array $told): array
    {
        $found = [];
        foreach ($told as $line) {
            $found = [...$found, ...$line->unread, ...$line->doubts];
            foreach ($line->steps as $step) {
                $found = [...$found, $step->handling->note, $step->handling->words(), $step->scope->loop->exit ?? '', $step->words()];
            }
        }

        return $found;
    }

    private static function question(ToldLine $line, string $asks): LineQuestion
    {
        foreach ($line->questions as $question) {
            if (str_contains($question->asks->sentence(), $asks)) {
                return $question;
            }
        }
        self::fail($line->said.' does not ask "'.$asks.'": '.implode(' ', array_map(
            static fn (LineQuestion $q): string => $q->asks->sentence(),
            $line->questions,
        )));
    }

    /** @return list<ToldLine> */
    private static function told(string $said): array
    {
        return ToldRecipe::read($said, self::all()->shelf)->lines;
    }

    private static function all(): SaidLines
    {
        static $all = null;

        return $all ??= SaidLines::of(self::LINES);
    }
}
