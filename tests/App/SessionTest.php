<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Painter;
use Illuminate\Support\Facades\Hash;

final class SessionTest extends TestCase
{
    public function testAPainterSignsInAndOut(): void
    {
        $this->painter();

        $this->assertAnswers('session', $this->getJson('/api/session'));
        $in = $this->postJson('/api/session', ['name' => 'Reed cutter', 'password' => 'marsh lights'])->assertOk();
        $this->assertAnswers('session', $in);
        self::assertSame('Reed cutter', $in->json('painter.name'));
        $this->getJson('/api/shelf')->assertOk();
        self::assertNull($this->deleteJson('/api/session')->assertOk()->json('painter'));
        $this->assertRefused(401, 'Sign in first.', $this->getJson('/api/shelf'));
    }

    public function testPasswordsAreHashed(): void
    {
        $kept = (string) $this->painter()->password;

        self::assertStringNotContainsString('marsh', $kept);
        self::assertTrue(Hash::check('marsh lights', $kept));
    }

    public function testAWrongPasswordAndAnUnknownNameAreToldAlike(): void
    {
        $this->painter();
        foreach ([['Reed cutter', 'wrong'], ['Nobody', 'marsh lights']] as [$name, $password]) {
            $this->assertRefused(
                422,
                'No painter signs in with this name and password.',
                $this->postJson('/api/session', ['name' => $name, 'password' => $password]),
            );
        }
        $this->assertRefused(422, 'password', $this->postJson('/api/session', ['name' => 'Reed cutter']));
        $this->assertGuest();
    }

    public function testAttemptsAreLimited(): void
    {
        $this->painter();
        for ($i = 0; $i < 5; ++$i) {
            $this->postJson('/api/session', ['name' => 'Reed cutter', 'password' => 'wrong'])->assertStatus(422);
        }
        $this->assertRefused(
            429,
            'Too many attempts: wait a minute',
            $this->postJson('/api/session', ['name' => 'reed CUTTER', 'password' => 'marsh lights']),
        );
        $this->assertGuest();
    }

    public function testOneButtonEntersTheSampleWorkshop(): void
    {
        $this->artisan('kalokroma:demo')->assertSuccessful();

        $in = $this->postJson('/api/session/sample')->assertOk();
        self::assertSame('Sample workshop', $in->json('painter.name'));
        self::assertTrue($in->json('demo'));
    }

    public function testTheSampleIsClosedWhereItIsNotOffered(): void
    {
        config(['kalokroma.demo' => false]);
        $this->artisan('kalokroma:demo')->assertSuccessful();

        $this->postJson('/api/session/sample')->assertStatus(404);
        self::assertFalse($this->getJson('/api/session')->json('demo'));
    }

    public function testTheSampleHasNoPasswordToGuess(): void
    {
        $this->artisan('kalokroma:demo')->assertSuccessful();
        foreach (['', 'null', '0'] as $password) {
            $this->postJson('/api/session', ['name' => 'Sample workshop', 'password' => $password])->assertStatus(422);
        }
        $this->assertGuest();
    }

    public function testTheThreeQuestions(): void
    {
        $painter = $this->signIn();

        $this->assertAnswers(
            'habits',
            $this->putJson('/api/workshop', ['airbrush' => false, 'spray_cans' => true, 'way' => 'layers'])->assertOk(),
        );
        self::assertSame('layers', $painter->refresh()->way->value);
        self::assertTrue($painter->spray_cans);
        $this->assertRefused(422, 'way', $this->putJson('/api/workshop', ['airbrush' => false, 'spray_cans' => true, 'way' => 'by magic']));
        self::assertSame('layers', $painter->refresh()->way->value);
    }

    public function testTheFirstPainterIsCreatedByACommand(): void
    {
        $this->artisan('kalokroma:painter', ['name' => 'Ferry woman', '--password' => 'long enough'])->assertExitCode(0);
        $this->postJson('/api/session', ['name' => 'Ferry woman', 'password' => 'long enough'])->assertOk();
        self::assertSame([], $this->getJson('/api/shelf')->json('paints'));
        self::assertSame([], $this->getJson('/api/companies')->json('companies'));
    }

    public function testTheCommandRefusesWithASentence(): void
    {
        $this->painter();
        foreach ([
            ['Reed cutter', 'long enough', 'already'],
            ['Short', 'short', 'at least 8'],
            ['', 'long enough', '1 to 80 characters'],
        ] as [$name, $password, $sentence]) {
            $this->artisan(
                'kalokroma:painter',
                ['name' => $name, '--password' => $password],
            )->expectsOutputToContain($sentence)->assertExitCode(2);
        }
        self::assertSame(1, Painter::query()->count());
    }
}
