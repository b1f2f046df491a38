<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\LessonRow;
use App\Models\Painter;
use App\Models\PaintRow;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

/** "How did it come out?", what is learned from it, and taking it back. */
final class LessonTest extends TestCase
{
    public function testAMixThatWasReadIsPredictedNearer(): void
    {
        $this->signIn();
        $before = $this->predicted();
        DB::table('companies')->update(['undercoat_stale' => false]);
        $answer = $this->learn(['how' => 'reader', 'colour' => '#4c6a4a', 'sure' => true])->assertCreated();

        $this->assertAnswers('taught', $answer);
        self::assertLessThan($answer->json('off'), $answer->json('off_now'));
        self::assertLessThan($answer->json('certainty'), $answer->json('certainty_now'));
        self::assertStringContainsString('Yellow counts', (string) $answer->json('words'));
        self::assertNotSame($before, $this->predicted(), 'every page mixes with what was learned');
        self::assertSame(0, DB::table('companies')->where('undercoat_stale', false)->count(), 'what was advised is worked out again');
        $paint = PaintRow::query()->where('name', 'Yellow')->firstOrFail();
        self::assertSame('#f0b42c', $paint->hex, 'nothing typed is overwritten');

        $told = $this->getJson('/api/paints/'.$paint->id.'/lessons')->assertOk();
        $this->assertAnswers('lessons', $told);
        self::assertSame(['reader', 'Mix and thin', 1], [
            $told->json('lessons.0.how'),
            $told->json('lessons.0.place'),
            count((array) $told->json('lessons')),
        ]);
        $this->deleteJson('/api/lessons/'.$told->json('lessons.0.id'))->assertNoContent();
        self::assertSame($before, $this->predicted(), 'a lesson that is taken back is forgotten');
        self::assertNull($this->getJson('/api/paints/'.$paint->id.'/lessons')->json('learned'));
    }

    public function testWordsAreTakenAsStepsWithAWideCertainty(): void
    {
        $this->signIn();
        $this->learn(['how' => 'words', 'degree' => 'clearly', 'directions' => ['darker']])->assertCreated();
        $lesson = LessonRow::query()->firstOrFail();

        self::assertEqualsWithDelta($lesson->predicted[0] - 6.5, $lesson->seen[0], 0.02, 'by hand: the middle of 3 to 10');
        self::assertSame([3.0, 'clearly darker'], [$lesson->certainty, $lesson->said]);
        $this->learn(['how' => 'words', 'degree' => 'as predicted'])->assertCreated();
        self::assertSame(2, LessonRow::query()->count());
    }

    public function testWhatContradictsEverythingKnownIsQuestionedFirst(): void
    {
        $this->signIn();
        $this->assertRefused(422, 'from what was predicted', $this->learn(['how' => 'reader', 'colour' => '#d03080']));
        self::assertSame(0, LessonRow::query()->count());
        $this->learn(['how' => 'reader', 'colour' => '#d03080', 'sure' => true])->assertCreated();
        self::assertSame(1, LessonRow::query()->count());
    }

    /** @param array<string, mixed> $more */
    #[DataProvider('bad')]
    public function testBadInputIsASentence(array $more, string $sentence): void
    {
        $this->signIn();
        $this->assertRefused(422, $sentence, $this->learn($more));
        self::assertSame(0, LessonRow::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'no way of seeing' => [['how' => 'dream'], 'Say how it was seen'];
        yield 'no colour' => [['how' => 'reader'], 'The colour that was seen is missing'];
        yield 'no colour at all' => [['how' => 'reader', 'colour' => '#12'], '#12'];
        yield 'no degree' => [['how' => 'words', 'degree' => 'awfully', 'directions' => ['darker']], 'Say how far it differs'];
        yield 'no direction' => [['how' => 'words', 'degree' => 'much', 'directions' => []], 'Say in one direction or two'];
        yield 'an odd direction' => [['how' => 'words', 'degree' => 'much', 'directions' => ['sweeter']], '"sweeter" is no way'];
        yield 'a single pot' => [
            ['how' => 'reader', 'colour' => '#446644', 'mix' => [['paint_id' => 1, 'parts' => 1]]],
            'two to six paints',
        ];
        yield 'a paint of nobody' => [
            [
                'how' => 'reader',
                'colour' => '#446644',
                'mix' => [['paint_id' => 999999, 'parts' => 1], ['paint_id' => 1, 'parts' => 1]],
            ],
            'not on this shelf',
        ];
    }

    public function testAPaintOfAnotherColourIsLearnedOfAnew(): void
    {
        $this->signIn();
        $this->learn(['how' => 'reader', 'colour' => '#4c6a4a', 'sure' => true])->assertCreated();
        $paint = PaintRow::query()->where('name', 'Yellow')->firstOrFail();
        $before = Painter::query()->findOrFail($paint->painter_id)->learned;
        $paint->update(['hex' => '#a0b42c', 'reflectance' => array_fill(0, 18, 0.4)]);
        $after = Painter::query()->findOrFail($paint->painter_id)->learned;

        self::assertNotSame($before, $after);
        $here = Auth::user();
        self::assertInstanceOf(Painter::class, $here);
        self::assertEquals($after, $here->learned, 'and whoever goes on with the painter in hand knows it');
    }

    private function predicted(): string
    {
        $ids = PaintRow::query()->whereIn('name', ['Yellow', 'Blue'])->orderByDesc('name')->pluck('id');

        return (string) $this->getJson("/api/tables/thin?mix={$ids[0]}*1%2B{$ids[1]}*1&thin=1:1")->assertOk()->json('dry');
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return TestResponse<Response>
     */
    private function learn(array $more): TestResponse
    {
        $id = static fn (string $name): int => (int) PaintRow::query()->where('name', $name)->value('id');

        return $this->postJson('/api/lessons', [
            'mix' => [['paint_id' => $id('Yellow'), 'parts' => 1], ['paint_id' => $id('Blue'), 'parts' => 1]],
            'place' => 'Mix and thin',
            ...$more,
        ]);
    }
}
