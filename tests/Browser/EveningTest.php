<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Hands;
use Tests\Browser\Support\Studio;

/** Whole evenings at the bench, as painters have them: with wet hands, a telephone, and a second window left open. */
final class EveningTest extends TestCase
{
    private const WANTED = 12;

    private Studio $studio;

    private Hands $hands;

    protected function setUp(): void
    {
        $this->studio = new Studio();
        $this->hands = new Hands($this->studio);
        $this->studio->visit('/');
        $this->hands->press('Enter the sample workshop');
        $this->hands->see('Drying');
    }

    protected function tearDown(): void
    {
        $this->studio->close();
    }

    /** From Tonight to the end of the sitting with keys alone; in the middle the page is loaded again, and a second window paints along. */
    public function testTwelveStepsByKeysAloneThroughAReloadAndASecondWindow(): void
    {
        $id = $this->layOut();
        $this->tabTo('input[type=checkbox]');
        $this->hands->key(' ');
        $this->hands->until(fn (): bool => $this->sitting($id)['fetch'][0]['fetched'], 'the tick is not kept');
        $this->tabTo('.go');
        $this->hands->key(WebDriverKeys::ENTER);
        $this->hands->see('This device');

        $first = $this->studio->browser->getWindowHandle();
        for ($done = 0; $done < self::WANTED; $done = $this->done($id)) {
            if ($done === 8) {
                $this->paintsAlongInAnotherWindow($id, $first);
                continue;
            }
            for ($more = min(4, self::WANTED - $done); $more > 0; --$more) {
                $this->hands->key('a');
                $this->seeDone(++$done);
            }
            self::assertSame($done, $this->done($id), 'what the page shows is written down');
            $this->studio->browser->navigate()->refresh();
            $this->seeDone($done);
        }
        $entries = $this->json('/api/ledger')['entries'];
        $mine = array_filter($entries, static fn (array $e): bool => $e['company'] === 'Heron rider');
        self::assertCount(self::WANTED, $mine, 'each step once, whichever window wrote it');
        self::assertCount(self::WANTED, array_unique(array_map(static fn (array $e): string => $e['area'].$e['id'], $mine)));

        $this->tabTo('a[href$="/end"]');
        $this->hands->key(WebDriverKeys::ENTER);
        $this->hands->see('Wash and put away');
        self::assertTrue($this->sitting($id)['ended']);
        self::assertSame([], $this->hands->complaints());
    }

    /** The same on a telephone, with nothing but a thumb. */
    public function testTwelveStepsOnATelephoneByTouch(): void
    {
        $this->studio->resize(390, 844);
        $this->cdp('Emulation.setTouchEmulationEnabled', ['enabled' => true, 'maxTouchPoints' => 1]);
        $id = $this->layOut();
        $this->touch('.go');
        $this->hands->see('This device');
        for ($done = 1; $done <= self::WANTED; ++$done) {
            $all = $this->hands->ask("return [...document.querySelectorAll('.actions button')]"
                .".some((b) => b.textContent.trim() === 'All coats done');");
            $this->touch($all === true ? '.actions button:not(.first)' : '.actions .first');
            $this->seeDone($done);
        }
        self::assertSame(self::WANTED, $this->done($id), 'what the page shows is written down');
        $isWithin = $this->hands->ask('return document.documentElement.scrollWidth <= innerWidth;');
        self::assertTrue($isWithin, 'nothing is wider than the telephone');
        self::assertSame([], $this->hands->complaints());
    }

    /** A row of twelve, coat by coat, one of them otherwise, and then the others like that one. */
    public function testARowIsTickedFigureByFigureAndTheOthersFollowTheOneThatDiffers(): void
    {
        $this->studio->visit('/bench/1');
        $this->hands->see('All in a row');
        $this->turnTo('Sea boots');
        $this->hands->press('Done on figure 3');
        $this->hands->see('Done on the other 11');
        $this->hands->press('Different');
        $this->hands->type('Thinned, paint to thinner', '1:2');
        $this->hands->press('Save entry');
        $this->hands->see('done differently on figure 1');
        $this->hands->press('The others like this');
        $this->hands->seeNot('The others like this');
        $this->hands->see('1:2 with water');
        $this->hands->press('Done on the other 10');
        $this->hands->until(fn (): bool => $this->step('Sea boots')['left']['figures'] === [], 'the row is not done');
        self::assertSame([], $this->hands->complaints());
    }

    public function testTheDemoOpensInTheMiddleOfAnEvening(): void
    {
        $this->studio->artisan('kalokroma:demo', '--tonight');
        $this->studio->browser->navigate()->refresh();
        $this->hands->see('Go on: ');
        self::assertCount(3, $this->json('/api/tonight')['drying']);
        $this->hands->see('wash spilled on a neighbour');
        $this->hands->press('Mended', 'aside');
        $this->hands->seeNot('Not mended yet');
        $this->hands->press('Go on');
        $this->hands->see('2 of ');
        $this->hands->press('Slip');
        $this->hands->choose('What happened', 'Tide mark');
        $this->hands->type('Note', 'on the left sleeve');
        $this->hands->press('Put it on the list');
        $this->hands->see('“on the left sleeve”');
        $this->hands->press('Read the room’s air');
        $this->hands->see('Counted for ');
        $this->hands->seeNot('Counted for 20 °C and 50 %');
        $this->studio->visit('/tonight');
        $this->hands->see('“on the left sleeve”');
        self::assertSame([], $this->hands->complaints());
    }

    public function testAMixIsKeptInThePotAndAPictureBesideTheStep(): void
    {
        $this->studio->visit('/bench/1');
        $this->hands->see('All in a row');
        $this->turnTo('Belt and strap');
        $this->hands->press('Mixed');
        $this->hands->see('In the pot: about ');
        $before = $this->step('Belt and strap')['pot'];
        $this->hands->press('Wetter');
        $this->hands->until(fn (): bool => $this->step('Belt and strap')['pot']['drops'] === $before['drops'] + 1, 'it is no wetter');
        $this->hands->press('Into a jar');
        $this->hands->see('good in the jar until ');
        $this->hands->press('Thrown away');
        $this->hands->see('Not mixed yet.');

        $this->hands->click('//label[contains(., "It shows the light sketch")]/input', 'aside');
        $this->hands->upload(self::picture(), 'sketch.png');
        $this->hands->until(
            fn (): bool => $this->hands->ask("return document.querySelector('.looks img')?.naturalWidth ?? 0;") === 60,
            'the light sketch is not beside the step',
        );
        self::assertSame([], $this->hands->complaints());
    }

    /** The eight minutes of a coat pass at once in this page: the browser tells it through its worker when they are over. */
    public function testTheBrowserGivesNoticeWhenSomethingIsDry(): void
    {
        $this->cdp('Browser.grantPermissions', ['origin' => $this->studio->address, 'permissions' => ['notifications']]);
        $this->cdp('Page.addScriptToEvaluateOnNewDocument', ['source' => 'const wait = window.setTimeout; window.told = []; '
            .'window.setTimeout = (then, ms, ...more) => wait(then, ms > 400000 ? 20 : ms, ...more); '
            .'const worker = ServiceWorkerRegistration.prototype; const show = worker.showNotification; '
            .'worker.showNotification = async function (title, more) { await show.call(this, title, more); window.told.push(title); };']);
        $this->studio->visit('/bench/1');
        $this->hands->see('This device');
        $this->hands->click('//label[contains(., "Give notice")]/input', 'aside');
        $this->hands->until(
            fn (): bool => $this->hands->ask("return localStorage.getItem('kalokroma.bench.notice');") === 'yes',
            'notices are not wanted',
        );
        $this->hands->ask("return fetch('/api/companies/1/records', {method: 'POST', headers: {Accept: 'application/json', "
            ."'Content-Type': 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1])}, "
            ."body: JSON.stringify({area_id: null, step: null, stage: 'layer', figures: [1], real: {mix: [], technique: 'layer'}, "
            .'at: new Date().toISOString()})}).then((r) => r.status);');
        $this->studio->browser->navigate()->refresh();
        $this->hands->see('Whole figure, layer');
        $this->hands->until(
            fn (): bool => $this->hands->ask('return window.told[0] ?? "";') === 'Whole figure, layer: dry',
            'nothing is told',
        );
        self::assertSame([], $this->hands->complaints());
    }

    /** Lays a long sitting of the rider out, and goes to what is fetched for it. */
    private function layOut(): int
    {
        $id = $this->hands->ask("return fetch('/api/companies/2/sittings', {method: 'POST', headers: {Accept: 'application/json', "
            ."'Content-Type': 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1])}, "
            ."body: JSON.stringify({origin: 'minutes', minutes: 400})}).then((r) => r.json()).then((s) => s.id);");
        self::assertIsInt($id);
        self::assertGreaterThanOrEqual(self::WANTED, count($this->sitting($id)['steps']));
        $this->studio->visit('/sitting/'.$id);
        $this->hands->see('Fetch for');

        return $id;
    }

    private function paintsAlongInAnotherWindow(int $id, string $first): void
    {
        $this->studio->newWindow();
        $this->studio->visit('/bench/2');
        $this->seeDone(8);
        $this->hands->key('a');
        $this->seeDone(9);
        $this->studio->browser->switchTo()->window($first);
        // This window still shows the step that the other one has written down, unless it was quick to look again.
        $this->hands->key('a');
        $this->hands->until(fn (): bool => in_array($this->done($id), [9, 10], true), 'a step was lost');
        $this->seeDone($this->done($id));
    }

    /** Waits until the page itself says how far the sitting is: a key that is pressed before is lost. */
    private function seeDone(int $done): void
    {
        $this->hands->until(
            fn (): bool => preg_match('/(\d+) of \d+ steps done/', $this->hands->text(), $found) === 1 && (int) $found[1] === $done,
            "$done steps done is not on the page",
        );
        $this->hands->until(
            fn (): bool => $this->hands->ask("return document.querySelector('.actions .first')?.disabled !== true;") === true,
            'the page is still writing',
        );
    }

    /** Goes on with the Tab key until what this selects is in focus. */
    private function tabTo(string $selector): void
    {
        for ($i = 0; $i < 80; ++$i) {
            if ($this->hands->ask("return document.activeElement.matches('$selector');") === true) {
                return;
            }
            $this->hands->key(WebDriverKeys::TAB);
        }
        self::fail("The Tab key does not lead to $selector.");
    }

    /** Turns to the basecoat of an area with the arrow key. */
    private function turnTo(string $area): void
    {
        $wanted = 'Basecoat, '.mb_strtolower($area);
        for ($i = 0; $i < 60 && $this->hands->text('h1') !== $wanted; ++$i) {
            $this->hands->key(WebDriverKeys::ARROW_RIGHT);
            usleep(30_000);
        }
        $this->hands->see($wanted);
    }

    private function touch(string $selector): void
    {
        /** @var array{float, float} $at */
        $at = $this->hands->ask("const b = document.querySelector('$selector'); b.scrollIntoView({block: 'nearest'}); "
            .'const r = b.getBoundingClientRect(); return [r.x + r.width / 2, r.y + r.height / 2];');
        $this->cdp('Input.dispatchTouchEvent', ['type' => 'touchStart', 'touchPoints' => [['x' => $at[0], 'y' => $at[1]]]]);
        $this->cdp('Input.dispatchTouchEvent', ['type' => 'touchEnd', 'touchPoints' => []]);
    }

    /** @param array<string, mixed> $params */
    private function cdp(string $command, array $params): void
    {
        $this->studio->browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command,
            'params' => $params]);
    }

    private function done(int $id): int
    {
        return count(array_filter($this->sitting($id)['steps'], static fn (array $s): bool => $s['left'] === []));
    }

    /** @return array<string, mixed> */
    private function sitting(int $id): array
    {
        return $this->json('/api/sittings/'.$id);
    }

    /** @return array<string, mixed> the basecoat of an area of the lamplighters */
    private function step(string $area): array
    {
        foreach ($this->json('/api/companies/1/bench?by=row')['steps'] as $step) {
            if ($step['area'] === $area && $step['key'] === 'basecoat') {
                return $step;
            }
        }
        self::fail('There is no basecoat of '.$area);
    }

    /** @return array<string, mixed> */
    private function json(string $path): array
    {
        return (array) json_decode((string) $this->hands->ask("return fetch('$path').then((r) => r.text());"), true);
    }

    private static function picture(): string
    {
        $image = imagecreatetruecolor(60, 90);
        imagefill($image, 0, 0, 0x777777);
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }
}
