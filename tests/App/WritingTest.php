<?php

declare(strict_types=1);

namespace Tests\App;

use App\Http\Shared\LateAnswer;
use App\Http\Shared\Writing;
use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Painter;
use App\Models\RecipeRow;
use App\Models\RevisionRow;
use App\Models\WriteLockConnection;
use Illuminate\Http\JsonResponse;
use Illuminate\Routing\Route as RouteObject;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use LogicException;
use PDO;
use PHPUnit\Framework\Attributes\TestWith;

/** How a request writes: the lock is taken with the first row, what was worked out from an older state is worked out again. */
final class WritingTest extends TestCase
{
    /**
     * Another request of the same painter writes between reading and writing, so many times: the work is done again, the last time under
     * the lock, and written once.
     */
    #[TestWith([0, 1])]
    #[TestWith([1, 2])]
    #[TestWith([9, 4])]
    public function testWorkThatWasOvertakenIsDoneAgain(int $overtaken, int $tries): void
    {
        $painter = $this->signIn();
        $tried = 0;
        Route::post('overtaken', static function () use ($painter, $overtaken, &$tried): JsonResponse {
            $name = (string) Company::query()->value('name');
            if (++$tried <= $overtaken && $tried <= 3) {
                self::behind("UPDATE painters SET written = written + 1 WHERE id = {$painter->id}");
            }
            Company::query()->update(['name' => $name.' again']);

            return new JsonResponse(['name' => $name]);
        })->middleware(['web', 'auth', Writing::class]);
        $name = Company::query()->value('name');
        $written = Painter::query()->value('written');
        $this->postJson('overtaken')->assertOk();

        self::assertSame($tries, $tried);
        self::assertSame($name.' again', Company::query()->value('name'));
        self::assertSame($written + min($overtaken, 3) + 1, Painter::query()->value('written'));
    }

    /** Whoever is refused for what another request wrote in the meantime is asked again: it may be the same change, sent twice. */
    public function testARefusalOnAHalfReadStateIsNotTheLastWord(): void
    {
        $painter = $this->signIn();
        $tried = 0;
        Route::post('refused', static function () use ($painter, &$tried): JsonResponse {
            if (++$tried === 1) {
                self::behind("UPDATE painters SET written = written + 1 WHERE id = {$painter->id}");

                return new JsonResponse(['message' => 'That is written down already.'], 422);
            }

            return new JsonResponse([]);
        })->middleware(['web', 'auth', Writing::class]);

        $this->postJson('refused')->assertOk();
        self::assertSame(2, $tried);
    }

    public function testNothingIsLockedBeforeItIsWritten(): void
    {
        $this->signIn();
        $open = [];
        Route::post('late', static function () use (&$open): JsonResponse {
            DB::transaction(static function () use (&$open): void {
                $before = self::connection()->hasWritten();
                Company::query()->get();
                $open[] = $before || self::connection()->hasWritten();
                Company::query()->update(['notes' => 'written']);
                $open[] = self::connection()->hasWritten();
            });

            return new JsonResponse([], request()->boolean('fails') ? 422 : 200);
        })->middleware(['web', 'auth', Writing::class]);
        $this->postJson('late', ['fails' => true])->assertStatus(422);
        self::assertNotSame('written', Company::query()->value('notes'), 'what is refused is not kept');
        $this->postJson('late')->assertOk();

        self::assertSame([false, true, false, true], $open);
        self::assertSame('written', Company::query()->value('notes'));
    }

    /** Of an answer that is made once all is kept only its outcome stands in the reply, and it is made anew for whoever asks again. */
    public function testALateAnswerIsMadeAnewAndNothingIsDoneTwice(): void
    {
        $this->signIn();
        $done = 0;
        Route::post('late-answer', static function () use (&$done): JsonResponse {
            $known = request()->attributes->get(Writing::OUTCOME);
            $done += is_array($known) ? 0 : 1;
            $known ?? Company::query()->update(['notes' => 'once']);

            return new LateAnswer(is_array($known) ? $known : ['left' => 7], static fn (array $outcome): JsonResponse => new JsonResponse([
                'outcome' => $outcome, 'page' => str_repeat('a long page ', 4000),
            ]));
        })->middleware(['web', 'auth', Writing::class]);
        $key = [Writing::HEADER => 'one-and-the-same-key'];
        $first = $this->postJson('late-answer', [], $key)->assertOk();
        $again = $this->postJson('late-answer', [], $key)->assertOk()->assertHeader('Idempotency-Replayed', 'true');

        self::assertSame(1, $done);
        self::assertSame($first->json(), $again->json());
        self::assertLessThan(300, strlen((string) json_encode(DB::table('replies')->first())));
    }

    public function testWhoOnlyLooksCannotWrite(): void
    {
        $this->signIn();
        $this->expectException(LogicException::class);
        self::connection()->looking(static fn (): int => Company::query()->update(['notes' => 'no']));
    }

    /** Every route that changes a plan asks which version it changes, says so in a sentence, and changes nothing without. */
    public function testAPlanIsNotChangedWithoutItsVersion(): void
    {
        $this->signIn();
        $company = (int) Company::query()->value('id');
        $area = (int) AreaRow::query()->whereHas('recipe')->value('id');
        $step = RecipeRow::query()->where('area_id', $area)->firstOrFail()->plan['steps'][0]['key'];
        $before = [RevisionRow::query()->count(), RecipeRow::query()->get()->toArray(), Company::query()->get()->toArray()];
        $asked = 0;
        /** @var RouteObject $route */
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $isOfPlan = preg_match('~^api/(areas/\{area\}/recipe|companies/\{company\}/(undercoat|recipes))~', $route->uri()) === 1;
            $isTold = str_ends_with($route->uri(), '/keeps') || str_ends_with($route->uri(), '/{batch}');
            if (!$isOfPlan || $isTold || !in_array(Writing::class, $route->gatherMiddleware(), true) || $route->methods()[0] === 'GET') {
                continue;
            }
            if (in_array(Writing::class, $route->excludedMiddleware(), true)) {
                continue;
            }
            $uri = strtr($route->uri(), ['{area}' => $area, '{company}' => $company, '{step}' => $step, '{aside}' => '1']);
            $answer = parent::json($route->methods()[0], $uri, [
                'version' => '', 'kind' => 'drop', 'key' => $step, 'colour' => '#5a6b2f', 'text' => 'wash: brown', 'mishap' => 'slip',
                'areas' => [$area], 'what' => 'drop', 'technique' => 'matt-varnish', 'paint_id' => 1, 'batch' => 'some-batch',
                'all' => true, 'sprays' => [['paint_id' => 1, 'kind' => 'brush']], 'lights' => [['paint_id' => 1, 'degrees' => 60]],
                'book_id' => 1,
            ]);
            if ($answer->getStatusCode() === 404) {
                continue;
            }
            $this->assertRefused(422, 'version', $answer);
            ++$asked;
        }

        self::assertGreaterThan(18, $asked);
        self::assertEquals($before, [
            RevisionRow::query()->count(), RecipeRow::query()->get()->toArray(), Company::query()->get()->toArray(),
        ]);
    }

    private static function behind(string $sql): void
    {
        $pdo = DB::connection()->getPdo();
        self::assertInstanceOf(PDO::class, $pdo);
        $pdo->exec($sql);
    }

    private static function connection(): WriteLockConnection
    {
        $connection = DB::connection();
        self::assertInstanceOf(WriteLockConnection::class, $connection);

        return $connection;
    }
}
