<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Paint;
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
        Paint::query()->where('name', 'Ochre')->update(['left_ml' => 0]);
        self::assertStringNotContainsString('Ochre', (string) $this->getJson('/api/tables/match?colour=%239c7630')->getContent());
    }

    public function testMorePaintsComeNearer(): void
    {
        $this->signIn();
        $apart = fn (int $paints): float => (float) $this->getJson('/api/tables/match?colour=%237b6283&paints='.$paints)->json('matches.0.difference');

        self::assertLessThan($apart(1), $apart(2));
        self::assertLessThanOrEqual($apart(2), $apart(3));
    }

    public function testCoatsOfSeveralPaintsSideBySide(): void
    {
        $this->signIn();
        $ids = Paint::query()->whereIn('name', ['Black', 'Yellow'])->orderBy('name')->pluck('id')->implode(',');
        $answer = $this->getJson("/api/tables/coats?paints=$ids&over=%231c1b1a&thin=1:1")->assertOk();

        $this->assertAnswers('coats_table', $answer);
        self::assertSame(['Black', 'Yellow'], array_column((array) $answer->json('rows'), 'name'));
        self::assertGreaterThan($answer->json('rows.0.coats'), $answer->json('rows.1.coats'));
        self::assertCount($answer->json('rows.1.coats'), (array) $answer->json('rows.1.after'));
        $undiluted = $this->getJson("/api/tables/coats?paints=$ids&over=%231c1b1a");
        self::assertSame('1:0', $undiluted->json('thin'));
        self::assertLessThan($answer->json('rows.1.coats'), $undiluted->json('rows.1.coats'));
    }

    #[DataProvider('badQuestions')]
    public function testABadQuestionIsRefused(string $question, string $sentence): void
    {
        $this->signIn();
        $this->assertRefused(422, $sentence, $this->getJson('/api/tables/'.str_replace('ID', (string) Paint::query()->where('name', 'Black')->value('id'), $question)));
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
        Paint::query()->delete();

        self::assertSame([], $this->getJson('/api/tables/match?colour=%23123456')->assertOk()->json('matches'));
    }
}
