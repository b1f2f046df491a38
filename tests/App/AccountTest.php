<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Painter;
use App\Models\RecipeRow;
use App\Workshop\Account\Accounts;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\HttpFoundation\Response;

/** Workshops are made, joined and kept safe from the pages. */
final class AccountTest extends TestCase
{
    private const NEW = ['name' => 'Reed cutter', 'password' => 'marsh lights'];

    public function testAFreshInstallationIsFoundedByWhoeverComesFirst(): void
    {
        self::assertTrue($this->getJson('/api/session')->json('fresh'));
        $made = $this->postJson('/api/session/workshop', self::NEW)->assertOk();

        $this->assertAnswers('session', $made);
        self::assertSame('Reed cutter', $made->json('painter.name'));
        self::assertSame([], $this->getJson('/api/shelf')->assertOk()->json('paints'));
        Auth::logout();
        self::assertFalse($this->getJson('/api/session')->json('fresh'));
        $this->assertRefused(
            422,
            'There is a workshop here already',
            $this->postJson('/api/session/workshop', ['name' => 'Second', 'password' => 'long enough']),
        );
        self::assertSame(1, Painter::query()->count());
    }

    public function testTheSampleWorkshopIsNobodysOwn(): void
    {
        $this->artisan('kalokroma:demo')->assertSuccessful();
        self::assertTrue($this->getJson('/api/session')->json('fresh'));
        $this->postJson('/api/session/workshop', self::NEW)->assertOk();
        self::assertTrue($this->getJson('/api/account')->assertOk()->json('first'));
    }

    public function testWhatWillNotDoIsSaidAndNobodyIsMade(): void
    {
        foreach ([['', 'long enough', 'Choose a name'], ['A', 'short', 'at least 8'], [str_repeat('a', 81), 'long enough',
            'Choose a name']] as [
                $name, $password, $sentence,
            ]) {
            $this->assertRefused(422, $sentence, $this->postJson('/api/session/workshop', ['name' => $name, 'password' => $password]));
        }
        self::assertSame(0, Painter::query()->count());
        $this->assertGuest();
    }

    public function testTheFirstPainterInvitesOthersEachOnce(): void
    {
        $this->postJson('/api/session/workshop', self::NEW)->assertOk();
        $invited = $this->postJson('/api/account/invitations')->assertCreated();
        $this->assertAnswers('invited', $invited);
        $secret = (string) $invited->json('secret');
        self::assertStringNotContainsString($secret, (string) $this->getJson('/api/account')->getContent(), 'it is told only once');
        Auth::logout();

        $this->assertAnswers('invitation', $asked = $this->getJson('/api/session/invitations/'.$secret)->assertOk());
        self::assertSame('Reed cutter', $asked->json('by'));
        $join = fn (string $name): TestResponse =>
            $this->postJson('/api/session/workshop', ['name' => $name, 'password' => 'long enough', 'invitation' => $secret]);
        $this->assertRefused(422, 'There is a painter called reed CUTTER already', $join('reed CUTTER'));
        $join('Ferry woman')->assertOk();
        self::assertFalse($this->getJson('/api/account')->json('first'));
        $this->postJson('/api/account/invitations')->assertNotFound();
        Auth::logout();
        $this->assertRefused(422, 'was used already', $join('Third'));
        $this->getJson('/api/session/invitations/'.$secret)->assertNotFound();
    }

    #[Group('days')]
    public function testAnInvitationCanBeTakenBackAndGrowsOld(): void
    {
        $this->postJson('/api/session/workshop', self::NEW)->assertOk();
        $one = (string) $this->postJson('/api/account/invitations')->json('secret');
        $id = (int) $this->getJson('/api/account')->json('invitations.0.id');
        $this->assertAnswers('account', $this->deleteJson('/api/account/invitations/'.$id)->assertOk());
        self::assertNull(Accounts::invitation($one));
        $two = (string) $this->postJson('/api/account/invitations')->json('secret');
        self::assertNotNull(Accounts::invitation($two));
        $this->travelTo(CarbonImmutable::now()->addDays(Accounts::DAYS)->addMinute());
        self::assertNull(Accounts::invitation($two));
    }

    public function testAPasswordIsChangedByWhoeverKnowsIt(): void
    {
        $painter = $this->signIn();
        $change = fn (string $current, string $new): TestResponse =>
            $this->putJson('/api/account/password', ['current' => $current, 'password' => $new]);

        $this->assertRefused(422, 'not your present password', $change('wrong', 'long enough'));
        $this->assertRefused(422, '8 to 200 characters', $change('marsh lights', 'short'));
        $this->assertAnswers('account', $change('marsh lights', 'long enough')->assertOk());
        self::assertTrue(Hash::check('long enough', (string) $painter->refresh()->password));
    }

    /** Two browsers, each with a session of its own: one changes the password or signs the others out, the other is out. */
    public function testOtherDevicesAreSignedOut(): void
    {
        $this->painter();
        foreach (['others' => ['POST', '/api/account/others', []], 'password' => ['PUT', '/api/account/password',
            ['password' => 'marsh lights']]] as [
                $method, $path, $more,
            ]) {
            $there = $this->device();
            $here = $this->device();
            self::assertSame(200, $this->by($there, 'GET', '/api/shelf')->getStatusCode());
            self::assertSame(200, $this->by($here, $method, $path, ['current' => 'marsh lights', ...$more])->getStatusCode());
            self::assertSame(200, $this->by($here, 'GET', '/api/shelf')->getStatusCode(), 'this one stays');
            self::assertSame(401, $this->by($there, 'GET', '/api/shelf')->getStatusCode(), 'the other is out');
        }
    }

    public function testAForgottenPasswordIsResetByTheCommand(): void
    {
        $painter = $this->painter();
        $reset = fn (string $name, string $password) =>
            $this->artisan('kalokroma:painter', ['name' => $name, '--password' => $password, '--reset' => true]);

        $reset('Reed cutter', 'a new one now')->expectsOutputToContain('signs in with the new password')->assertExitCode(0);
        self::assertTrue(Hash::check('a new one now', (string) $painter->refresh()->password));
        $reset('Nobody', 'a new one now')->expectsOutputToContain('no painter called Nobody')->assertExitCode(2);
        $reset('Reed cutter', 'short')->expectsOutputToContain('at least 8')->assertExitCode(2);
    }

    /** What is there and what is missing follows what the painter has: the next open step is the one to go to. */
    public function testThePathSaysWhatIsThereAndWhatIsMissing(): void
    {
        $this->postJson('/api/session/workshop', self::NEW)->assertOk();
        $answer = $this->getJson('/api/start')->assertOk();
        $this->assertAnswers('first_steps', $answer);
        self::assertSame(['shelf', 'figure', 'colours', 'undercoat', 'recipes', 'order', 'bench'], $answer->json('steps.*.id'));
        self::assertSame('shelf', $answer->json('next'));
        self::assertSame([false], array_values(array_unique($answer->json('steps.*.done'))));

        $text = "Black\nWhite\nRed\nBlue\nGreen\nYellow\nBrown\nBone";
        $fields = $this->postJson('/api/shelf/typed', ['text' => $text])->json('paints.*.fields');
        $this->postJson('/api/paints/many', ['paints' => $fields])->assertCreated();
        $answer = $this->getJson('/api/start');
        self::assertSame(['figure', '8 paints'], [$answer->json('next'), $answer->json('steps.0.there')]);
        self::assertStringContainsString('No primer yet', (string) $answer->json('steps.0.missing'));
        Auth::logout();

        $this->signIn('Second painter');
        $answer = $this->getJson('/api/start');
        self::assertSame('Ferrymen: 3 figures, 2 areas', $answer->json('steps.1.there'));
        self::assertSame('bench', $answer->json('next'));
        RecipeRow::query()->orderBy('id')->firstOrFail()->delete();
        $answer = $this->getJson('/api/start');
        self::assertSame('recipes', $answer->json('next'));
        self::assertStringContainsString('No recipe yet: Coat.', (string) $answer->json('steps.4.missing'));
        self::assertFalse($answer->json('walked'));
    }

    /** @return array<string, string> cookies of a browser that signed in */
    private function device(): array
    {
        $jar = [];
        $this->by($jar, 'POST', '/api/session', ['name' => 'Reed cutter', 'password' => 'marsh lights']);

        return $jar;
    }

    /**
     * @param array<string, string> $jar cookies, by name
     * @param array<string, mixed> $body
     *
     * @return TestResponse<Response>
     */
    private function by(array &$jar, string $method, string $path, array $body = []): TestResponse
    {
        $this->app['auth']->forgetGuards();
        $this->app['session']->forgetDrivers();
        config(['session.driver' => 'file']);
        $this->defaultCookies = $this->unencryptedCookies = [];
        $answer = $this->withUnencryptedCookies($jar)->withCredentials()->json($method, $path, $body);
        foreach ($answer->headers->getCookies() as $cookie) {
            $jar[$cookie->getName()] = (string) $cookie->getValue();
        }

        return $answer;
    }
}
