<?php

declare(strict_types=1);

namespace Tests\App;

use App\Http\Shared\Writing;
use App\Models\AreaRow;
use App\Models\BookRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\LessonRow;
use App\Models\Painter;
use App\Models\PaintRow;
use App\Models\SittingRow;
use App\Models\TrialRow;
use Illuminate\Routing\Route as RouteObject;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\TestWith;

/** Whoever only looks writes nothing: every question is answered from a database that cannot be written to, and answered the same. */
final class LookingTest extends TestCase
{
    /** What has an address of its own that no number fills. */
    private const FILLED = [
        'step' => 'basecoat', 'way' => 'row', 'rule' => 'rim-last', 'day' => '2026-12-14', 'minutes' => '60', 'form' => 'json',
        'pot' => '1', 'secret' => 'nobody-has-this-one', 'batch' => 'some-batch', 'what' => 'start', 'table' => 'thin',
    ];

    /**
     * @param bool $isStale whether shelf and answers have changed since anything was predicted, and no undercoat was advised yet
     */
    #[TestWith([false])]
    #[TestWith([true])]
    public function testEveryQuestionIsAnsweredWithoutWriting(bool $isStale): void
    {
        $painter = $this->workshop();
        if ($isStale) {
            DB::table('companies')->update(['undercoat' => null, 'undercoat_version' => 0, 'undercoat_stale' => true]);
            DB::table('recipes')->update(['stale' => true, 'strip' => '[]', 'takes' => null]);
        }
        $this->freezeTime(); // where tests go by the machine's clock, a second may end between two looks
        $rows = $this->rows();
        $answered = 0;
        foreach ($this->questions() as $uri) {
            [$first, $again] = [$this->looked($uri, $painter), $this->looked($uri, $painter)];

            self::assertLessThan(500, $first[0], $uri.': '.substr($first[1], 0, 300));
            self::assertSame($first, $again, $uri.' is answered the same');
            $answered += $first[0] < 300 ? 1 : 0;
        }

        self::assertSame($rows, $this->rows());
        self::assertGreaterThan(45, $answered, 'so many questions have an answer');
    }

    /** What is asked with a body, since a question may be long, is a question all the same. */
    public function testEveryQuestionWithABodyIsAnsweredWithoutWriting(): void
    {
        config(['kalokroma.device_seed' => 7]);
        $painter = $this->workshop();
        $ids = ['company' => (string) Company::query()->value('id'), 'paint' => (string) PaintRow::query()->value('id')];
        $this->freezeTime();
        $rows = $this->rows();
        $primer = (int) PaintRow::query()->where('behaviour', 'primer')->value('id');
        $answered = [];
        foreach (self::asked() as $route) {
            $uri = substr((string) preg_replace_callback('/\{(\w+)\}/', static fn (array $m): string => $ids[$m[1]] ?? '1', $route), 4);
            $body = [
                'text' => $route === 'api/shelf/typed' ? "Reed green\nSoot black" : 'base: Reed Green 2:1', 'paint_id' => $primer,
                'lights' => [], 'field' => 'over_black', 'thin' => '2:1', 'grams' => '30', 'tare' => '12', 'thing' => 'leaf', 'ways' => [],
            ];
            [$first, $again] = [$this->looked($uri, $painter, $body), $this->looked($uri, $painter, $body)];

            self::assertLessThan(500, $first[0], $uri.': '.substr($first[1], 0, 300));
            self::assertSame($first, $again, $uri.' is answered the same');
            $answered = [...$answered, ...$first[0] < 300 ? [$uri] : []];
        }

        self::assertSame($rows, $this->rows());
        self::assertGreaterThan(4, count($answered), implode(', ', $answered));
    }

    /** @return list<string> addresses that are asked by POST and write nothing */
    private static function asked(): array
    {
        $found = [];
        /** @var RouteObject $route */
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (in_array('POST', $route->methods(), true) && in_array(Writing::class, $route->excludedMiddleware(), true)) {
                $found[] = $route->uri();
            }
        }
        self::assertGreaterThan(8, count($found));

        return $found;
    }

    /**
     * @param array<string, mixed>|null $body of a question that is asked by POST
     *
     * @return array{int, string} status and answer, from a connection that refuses to write
     */
    private function looked(string $uri, Painter $painter, ?array $body = null): array
    {
        $this->become(Painter::query()->findOrFail($painter->id));
        Cache::forget('device-luck');
        DB::statement('PRAGMA query_only = ON');
        try {
            $answer = $body === null ? $this->getJson('/api/'.$uri) : $this->postJson('/api/'.$uri, $body);
        } finally {
            DB::statement('PRAGMA query_only = OFF');
        }

        return [$answer->getStatusCode(), (string) ($answer->getContent() ?: $answer->streamedContent())];
    }

    /** @return list<string> every address that is only asked */
    private function questions(): array
    {
        $ids = array_map(strval(...), [
            'paint' => PaintRow::query()->value('id'), 'company' => Company::query()->value('id'), 'area' => AreaRow::query()->value('id'),
            'record' => Entry::query()->value('id'), 'trial' => TrialRow::query()->value('id'), 'book' => BookRow::query()->value('id'),
            'lesson' => LessonRow::query()->value('id'), 'sitting' => SittingRow::query()->value('id'), 'picture' => '1', 'pass' => '1',
            'aside' => '1', 'invitation' => '1', 'figure' => '1',
        ]) + self::FILLED;
        $found = [];
        /** @var RouteObject $route */
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $isAsked = in_array('GET', $route->methods(), true) && str_starts_with($route->uri(), 'api/') && $route->uri() !== 'api/{any}';
            if ($isAsked) {
                $found[] = (string) preg_replace_callback('/\{(\w+)\??\}/', static fn (array $m): string => $ids[$m[1]] ?? '1', substr(
                    $route->uri(),
                    4,
                ));
            }
        }
        $writes = Route::getRoutes()->match(request()->create('/api/companies/1/records', 'POST'));
        self::assertContains(Writing::class, $writes->gatherMiddleware());

        return $found;
    }

    private function workshop(): Painter
    {
        $painter = $this->signIn();
        $company = (int) Company::query()->value('id');
        $area = (int) AreaRow::query()->value('id');
        $this->putJson("/api/companies/$company/order", ['free' => ['zone' => 'Europe/Lisbon', 'weekly' => [
            ['days' => ['monday', 'wednesday'], 'from' => '19:30', 'to' => '21:30'],
        ]]])->assertOk();
        $this->postJson("/api/companies/$company/records", [
            'area_id' => null, 'step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1, 2, 3], 'real' => ['mix' => []],
        ])->assertSuccessful();
        $this->postJson("/api/companies/$company/sittings", ['origin' => 'order'])->assertSuccessful();
        $this->postJson('/api/book', ['name' => 'Kept', 'area_id' => $area])->assertSuccessful();

        return $painter;
    }

    /** @return array<string, string> a fingerprint of every table */
    private function rows(): array
    {
        $found = [];
        foreach (DB::select("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'") as $table) {
            $found[$table->name] = sha1(serialize(DB::table($table->name)->get()->all()));
        }

        return $found;
    }
}
