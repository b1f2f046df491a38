<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Painter;
use App\Workshop\WorkshopImport;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\HttpFoundation\Response;

abstract class TestCase extends LaravelTestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    /** A painter with a small workshop: a shelf, and a company of three with two areas. */
    protected function painter(string $name = 'Reed cutter'): Painter
    {
        $painter = Painter::query()->create(['name' => $name, 'password' => 'marsh lights']);
        WorkshopImport::run($painter, (string) file_get_contents(__DIR__.'/data/small-workshop.json'));

        return $painter->refresh();
    }

    protected function signIn(string $name = 'Reed cutter'): Painter
    {
        $painter = $this->painter($name);
        $this->actingAs($painter);

        return $painter;
    }

    /**
     * The answer is what docs/formats/wire.schema.json says of it.
     *
     * @param TestResponse<Response> $response
     */
    protected function assertAnswers(string $kind, TestResponse $response): void
    {
        $schema = json_decode((string) file_get_contents(base_path('docs/formats/wire.schema.json')), false, 64, JSON_THROW_ON_ERROR);
        $answer = json_decode(
            json_encode([$kind => json_decode((string) $response->getContent(), false, 64, JSON_THROW_ON_ERROR)], JSON_THROW_ON_ERROR),
            false,
            64,
            JSON_THROW_ON_ERROR,
        );
        $error = (new Validator())->validate($answer, $schema)->error();

        self::assertNull($error, $error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error)));
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
