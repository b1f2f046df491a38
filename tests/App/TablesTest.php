<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\PaintRow;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

final class TablesTest extends TestCase
{
    public function testMatchAnswersFromOnesOwnShelf(): void
    {
        $this->signIn();
        $answer = $this->getJson('/api/tables/match?colour=%239c7630')->assertOk();

        $this->assertAnswers('matches', $answer);
        self::assertSame(['#9c7630', 'brown', 13], [$answer->json('target'), $answer->json('words'), $answer->json('paints')]);
        self::assertSame('Ochre', $answer->json('matches.0.mix_words'));
        self::assertTrue($answer->json('matches.0.as_good'));
        PaintRow::query()->where('name', 'Ochre')->update(['left_ml' => 0]);
        self::assertStringNotContainsString('Ochre', (string) $this->getJson('/api/tables/match?colour=%239c7630')->getContent());
    }

    public function testMorePaintsComeNearer(): void
    {
        $this->signIn();
        $apart = fn (int $paints): float =>
            (float) $this->getJson('/api/tables/match?colour=%237b6283&paints='.$paints)->json('matches.0.difference');

        self::assertLessThan($apart(1), $apart(2));
        self::assertLessThanOrEqual($apart(2), $apart(3));
    }

    public function testCoatsOfSeveralPaintsSideBySide(): void
    {
        $this->signIn();
        $ids = PaintRow::query()->whereIn('name', ['Black', 'Yellow'])->orderBy('name')->pluck('id')->implode(',');
        $answer = $this->getJson("/api/tables/coats?paints=$ids&over=%231c1b1a&thin=1:1")->assertOk();

        $this->assertAnswers('coats_table', $answer);
        self::assertSame(['Black', 'Yellow'], array_column((array) $answer->json('rows'), 'name'));
        self::assertGreaterThan($answer->json('rows.0.coats'), $answer->json('rows.1.coats'));
        self::assertCount($answer->json('rows.1.coats'), (array) $answer->json('rows.1.after'));
        $undiluted = $this->getJson("/api/tables/coats?paints=$ids&over=%231c1b1a");
        self::assertSame('1:0', $undiluted->json('thin'));
        self::assertLessThan($answer->json('rows.1.coats'), $undiluted->json('rows.1.coats'));
    }

    public function testAMatchCanBeRestricted(): void
    {
        $this->signIn();
        $ochre = PaintRow::query()->where('name', 'Ochre')->value('id');
        $names = fn (string $more): string => implode(
            ' ',
            array_column((array) $this->getJson('/api/tables/match?colour=%239c7630'.$more)->assertOk()->json('matches'), 'mix_words'),
        );

        self::assertStringContainsString('Ochre', $names(''));
        self::assertStringNotContainsString('Ochre', $names("&without=$ochre"));
        self::assertStringNotContainsString('Brass', $names(''));
        self::assertStringContainsString('Brass', $names('&kinds=metallic'));
        PaintRow::query()->where('name', 'Ochre')->update(['left_ml' => 1, 'sheen' => 'gloss']);
        self::assertStringNotContainsString('Ochre', $names('&least_ml=2'));
        self::assertStringNotContainsString('Ochre', $names('&finish=matt'));
        self::assertSame('Ochre', $names('&finish=gloss&paints=1'));
    }

    public function testThinningTellsDropsAndWetAndDry(): void
    {
        $this->signIn();
        $ids = PaintRow::query()->whereIn('name', ['Ochre', 'Black'])->orderByDesc('name')->pluck('id');
        $ask = fn (string $more): TestResponse => $this->getJson("/api/tables/thin?mix={$ids[0]}*3%2B{$ids[1]}*1$more");
        $answer = $ask('&thin=30+%25+water&figures=12&cm2=4&coats=2')->assertOk();

        $this->assertAnswers('thin_table', $answer);
        self::assertSame(['words' => '7:3', 'with' => 'water', 'paint_percent' => 70], $answer->json('thin'));
        self::assertNotSame($answer->json('dry'), $answer->json('wet'));
        // 12 figures × 4 cm² × 2 coats × 3.5 µl = 336 µl, and half of that is lost: 504 µl. A batch of 4 drops thinned 7:3
        // is 4 × 40 / 0.7 = 228.6 µl, so three batches: 9 and 3 drops, with 12 × 3 / 7 = 5 drops of water.
        self::assertSame([9, 3], array_column((array) $answer->json('amount.drops'), 'drops'));
        self::assertSame(5, $answer->json('amount.thinner_drops'));
        self::assertEqualsWithDelta(0.336, $answer->json('amount.applied_ml'), 0.005);
        self::assertGreaterThanOrEqual(12, $answer->json('amount.figures'));
        self::assertSame('1:3', $ask('&thin=3:1&first=thinner')->json('thin.words'));
        $open = $ask('&thin=2+:+%3F')->assertOk();
        $this->assertAnswers('thin_table', $open);
        self::assertSame([null, null, null], [$open->json('amount'), $open->json('film'), $open->json('thin.paint_percent')]);
    }

    public function testGlazesFromTheShelfAndWithOnePaint(): void
    {
        $this->signIn();
        $answer = $this->getJson('/api/tables/glaze?from=%23d9cca6&to=%23c7a27c')->assertOk();
        $this->assertAnswers('glaze_table', $answer);
        self::assertNotSame([], $answer->json('glazes'));
        self::assertLessThan($answer->json('before'), $answer->json('glazes.0.difference'));
        $id = $answer->json('glazes.0.paint_id');
        $thick = $this->getJson("/api/tables/glaze?from=%23d9cca6&to=%23c7a27c&paint=$id&thin=1:4")->assertOk();
        self::assertSame(['1:4', $id], [$thick->json('glazes.0.thin'), $thick->json('glazes.0.paint_id')]);
        self::assertSame(
            [],
            $this->getJson(
                '/api/tables/glaze?from=%23202020&to=%23f0f0f0&thin=1:12&paint='.PaintRow::query()->where('name', 'Black')->value('id'),
            )->json('glazes'),
        );
    }

    public function testALadderBetweenTwo(): void
    {
        $this->signIn();
        [$black, $yellow] = [
            PaintRow::query()->where('name', 'Black')->value('id'),
            PaintRow::query()->where('name', 'Yellow')->value('id'),
        ];
        $answer = $this->getJson("/api/tables/between?from=$black&to=$yellow&count=4")->assertOk();

        $this->assertAnswers('ladder_table', $answer);
        self::assertSame(['Black', 'Yellow'], [$answer->json('steps.0.mix_words'), $answer->json('steps.3.mix_words')]);
        self::assertCount(3, (array) $answer->json('differences'));
        self::assertSame(['', '2 : 1', '1 : 2', ''], array_column((array) $answer->json('equal_drops'), 'parts'));
        self::assertSame([$black, $yellow], [$answer->json('from'), $answer->json('to')]);

        $example = $this->getJson('/api/tables/between?count=4')->assertOk();
        $this->assertAnswers('ladder_table', $example);
        self::assertCount(4, (array) $example->json('steps'), 'two of the shelf where none are chosen');
        PaintRow::query()->whereNotIn('id', [$black])->delete();
        $none = $this->getJson('/api/tables/between')->assertOk();
        $this->assertAnswers('ladder_table', $none);
        self::assertSame([null, []], [$none->json('from'), $none->json('steps')]);
    }

    public function testAPointOfAPictureIsAveragedInLight(): void
    {
        $this->signIn();
        $patch = static function (int $side, callable $colour): UploadedFile {
            $image = imagecreatetruecolor(max(1, $side), max(1, $side));
            for ($i = 0; $i < $side * $side; ++$i) {
                imagesetpixel($image, $i % $side, intdiv($i, $side), $colour($i));
            }
            ob_start();
            imagepng($image);

            return UploadedFile::fake()->createWithContent('patch.png', (string) ob_get_clean());
        };
        $send = fn (UploadedFile $file): TestResponse => $this->post(
            '/api/reader/picture',
            ['patch' => $file],
            ['Accept' => 'application/json'],
        );

        $even = $send($patch(5, static fn (): int => 0x8A5A2B))->assertOk();
        $this->assertAnswers('picture_point', $even);
        self::assertSame(['#8a5a2b', 0, 25], [$even->json('hex'), $even->json('spread'), $even->json('pixels')]);
        // Half black, half white: half of the light is the grey 1.055 · 0.5^(1/2.4) − 0.055 = 0.7354, that is 188.
        self::assertSame('#bcbcbc', $send($patch(4, static fn (int $i): int => $i % 2 ? 0xFFFFFF : 0))->json('hex'));
        $this->assertRefused(422, 'at most 64 × 64', $send($patch(65, static fn (): int => 0)));
        $this->assertRefused(422, 'not a picture', $send(UploadedFile::fake()->createWithContent('patch.png', 'not a picture')));
        $this->assertRefused(422, 'did not arrive', $this->postJson('/api/reader/picture'));
    }

    public function testTheReaderReadsWhatLiesBesideIt(): void
    {
        $this->signIn();
        $reader = $this->getJson('/api/reader')->assertOk();
        $this->assertAnswers('reader', $reader);
        foreach ((array) $reader->json('things') as $thing) {
            $this->assertAnswers('reading_series', $this->postJson('/api/reader', ['thing' => $thing['id']])->assertOk());
        }
        $this->assertRefused(422, 'Say what the reader is on', $this->postJson('/api/reader', ['thing' => 'the cat']));
    }

    #[DataProvider('badQuestions')]
    public function testABadQuestionIsRefused(string $question, string $sentence): void
    {
        $this->signIn();
        $this->assertRefused(
            422,
            $sentence,
            $this->getJson('/api/tables/'.str_replace('ID', (string) PaintRow::query()->where('name', 'Black')->value('id'), $question)),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function badQuestions(): iterable
    {
        yield 'no colour' => ['match', 'colour'];
        yield 'a short colour' => ['match?colour=%2312', '"#12" is not a colour'];
        yield 'five paints' => ['match?colour=%23123456&paints=5', 'A mix to match with has 1 to 3 paints'];
        yield 'no paint' => ['coats?over=%23123456', 'Choose one to six paints'];
        yield 'words for paints' => ['coats?paints=black&over=%23123456', 'Choose one to six paints'];
        yield 'seven paints' => ['coats?paints=1,2,3,4,5,6,7&over=%23123456', 'Choose one to six paints'];
        yield 'an unknown paint' => ['coats?paints=999999&over=%23123456', 'Paint 999999 is not on this shelf'];
        yield 'no ground' => ['coats?paints=ID', 'over'];
        yield 'a bad ground' => ['coats?paints=ID&over=black', '"black" is not a colour'];
        yield 'no mix' => ['thin?thin=2:1', 'Choose one to six paints'];
        yield 'no drops' => ['thin?mix=ID*0', '0 parts cannot be measured'];
        yield 'the same paint twice' => ['thin?mix=ID*1%2BID*2', 'is in the mix twice'];
        yield 'no figures' => ['thin?mix=ID*1&figures=0', 'Figures are counted from 1'];
        yield 'less than nothing' => ['thin?mix=ID*1&cm2=-4', 'The surface is a number of cm²'];
        yield 'thirteen coats' => ['thin?mix=ID*1&coats=13', 'Coats are counted from 1 to 12'];
        yield 'a percentage of what' => ['thin?mix=ID*1&thin=30+%25', 'of what'];
        yield 'glaze to nowhere' => ['glaze?from=%23123456', 'to'];
        yield 'glaze to a word' => ['glaze?from=%23123456&to=red', '"red" is not a colour'];
        yield 'glaze with nothing known' => ['glaze?from=%23123456&to=%23654321&paint=999999', 'Paint 999999 is not on this shelf'];
        yield 'a ladder to itself' => ['between?from=ID&to=ID', 'is in the mix twice'];
        yield 'a ladder of two' => ['between?from=ID&to=999&count=2', '3 to 9 steps'];
        yield 'a ladder to nowhere' => ['between?from=ID', 'Choose the paint to end with'];
        yield 'a finish that is none' => ['match?colour=%23123456&finish=shiny', 'matt, satin or gloss'];
        yield 'a bad thinning' => ['coats?paints=ID&over=%23123456&thin=milk', '"milk" is not a thinning'];
    }

    public function testAnothersPaintIsNotOnOnesShelf(): void
    {
        $other = $this->painter('The other one');
        $id = $other->paints()->where('name', 'Black')->value('id');
        $this->signIn();

        $this->assertRefused(422, "Paint $id is not on this shelf", $this->getJson("/api/tables/coats?paints=$id&over=%23123456"));
    }

    public function testAnEmptyShelfHasNoMatches(): void
    {
        $this->signIn();
        PaintRow::query()->delete();

        self::assertSame([], $this->getJson('/api/tables/match?colour=%23123456')->assertOk()->json('matches'));
    }
}
