<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Painter;
use App\Workshop\WorkshopImport;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Clock;

abstract class TestCase extends LaravelTestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        if (!Clock::isMachines()) {
            $this->travelTo(CarbonImmutable::parse(Clock::NOW));
        }
    }

    /** A painter with a small workshop: a shelf, and a company of three with two areas. */
    protected function painter(string $name = 'Reed cutter'): Painter
    {
        $id = ImportedRows::here(static function () use ($name): void {
            $painter = Painter::query()->create(['name' => $name, 'password' => 'marsh lights']);
            WorkshopImport::run($painter, (string) file_get_contents(__DIR__.'/data/small-workshop.json'));
        });
        $painter = Painter::query()->findOrFail($id);
        if ($painter->name !== $name) {
            $painter->update(['name' => $name]);
        }

        return $painter->refresh();
    }

    /** What is derived in this test is kept apart from what others derive, and forgotten after it. */
    protected function derivedApart(): string
    {
        $folder = sys_get_temp_dir().'/kalokroma-derived-'.bin2hex(random_bytes(6));
        config(['cache.stores.derived.path' => $folder, 'cache.stores.derived.lock_path' => $folder]);
        Cache::forgetDriver('derived');
        $this->beforeApplicationDestroyed(static fn () => exec('rm -rf '.escapeshellarg($folder)));

        return $folder;
    }

    protected function signIn(string $name = 'Reed cutter'): Painter
    {
        $painter = $this->painter($name);
        $this->become($painter);

        return $painter;
    }

    /** In a session of their own: one that knew another painter would not let this one in. */
    protected function become(Painter $painter): void
    {
        $this->flushSession();
        $this->actingAs($painter);
    }

    /**
     * As a page sends it: a change of a plan says which version it was made on, the one that stands unless the test names another.
     *
     * @param string $method
     * @param string $uri
     * @param array<mixed> $data
     * @param array<string, string> $headers
     * @param int $options
     *
     * @return TestResponse<Response>
     */
    public function json($method, $uri, array $data = [], array $headers = [], $options = 0): TestResponse
    {
        $version = $method === 'GET' || isset($data['version']) ? null : self::version($uri, $data);

        return parent::json($method, $uri, $version === null ? $data : ['version' => $version] + $data, $headers, $options);
    }

    /** @param array<mixed> $data */
    private static function version(string $uri, array $data): ?int
    {
        $number = static fn (string $table, string $column, string $by, string $id): int => (int) DB::table($table)
            ->where($by, (int) $id)->value($column);
        if (preg_match('~^/?api/areas/(\d+)/recipe~', $uri, $of) === 1) {
            return $number('recipes', 'version', 'area_id', $of[1]);
        }
        if (preg_match('~^/?api/companies/(\d+)/undercoat~', $uri, $of) !== 1) {
            return null;
        }
        $isOfWhole = str_contains($uri, '/whole') || str_starts_with(is_string($data['key'] ?? null) ? $data['key'] : '', 'whole-');

        return $number('companies', $isOfWhole ? 'whole_version' : 'undercoat_version', 'id', $of[1]);
    }

    /**
     * @param array<string, mixed> $change of one step of this area's recipe
     *
     * @return TestResponse<Response>
     */
    protected function changeStep(int $area, string $key, array $change): TestResponse
    {
        return $this->postJson("/api/areas/$area/recipe/edits", ['kind' => 'change', 'key' => $key] + $change);
    }

    /**
     * The answer is what its page's schema in docs/formats/wire says of it.
     *
     * @param TestResponse<Response> $response
     */
    protected function assertAnswers(string $kind, TestResponse $response): void
    {
        $error = WireSchemas::check($kind, (string) $response->getContent());

        self::assertSame('', $error, $kind);
    }

    /**
     * A refusal: its status, and one sentence without a trace of the inside.
     *
     * @param TestResponse<Response> $response
     */
    protected function assertRefused(int $status, string $sentence, TestResponse $response): void
    {
        $response->assertStatus($status);
        $this->assertAnswers('problem', $response);
        $said = [$response->json('message')];
        foreach ((array) $response->json('errors') as $field => $sentences) {
            array_push($said, $field, ...(array) $sentences);
        }
        self::assertStringContainsString($sentence, implode("\n", $said));
        self::assertDoesNotMatchRegularExpression('/Stack trace|vendor|\.php|SQLSTATE|exception"/i', (string) $response->getContent());
    }
}
