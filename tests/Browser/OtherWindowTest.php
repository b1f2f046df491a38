<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\SampleWorkshop;

/** Two windows on one page: the later one shows both states, and either can be kept. */
final class OtherWindowTest extends SampleWorkshop
{
    private const CLASH = 'was changed in another window';

    public function testTheUndercoatPageKeepsEitherGroundAndUndoesIt(): void
    {
        $this->open('/undercoat/2', 'Undo');
        $seen = $this->other('GET', 'companies/2/undercoat');
        $black = array_values(array_filter($seen['primers'], static fn (array $p): bool => $p['name'] === 'Black Ground'))[0]['id'];
        $this->other('PUT', 'companies/2/undercoat', ['paint_id' => $black, 'version' => $seen['version']]);
        $this->hands->press('Use this undercoat: Ivory Ground');
        $this->hands->see('The undercoat '.self::CLASH);
        $this->hands->press('Keep what is there');
        $this->hands->see('Your undercoat: Black Ground');
        $this->hands->press('Use this undercoat: Ivory Ground');
        $this->hands->see('Your undercoat: Ivory Ground');
        $this->hands->press('Undo', 'main');
        $this->hands->see('Your undercoat: Black Ground');
        $this->hands->press('Redo', 'main');
        $this->hands->see('Your undercoat: Ivory Ground');
    }

    public function testTheUndercoatIsChangedAndUndoneOnARecipe(): void
    {
        $this->open('/recipe/5', 'Left out, and why');
        $this->hands->pressBeginning('Undercoat', 'main ol');
        $this->hands->see('The ground');
        $this->hands->ask('{ const b = document.querySelector("aside button[aria-label=\'One more\']"); b.click(); }');
        $this->hands->press('One more', 'aside');
        $this->hands->see('as computed, 2');
        $this->hands->seeNot(self::CLASH);
        $version = $this->other('GET', 'companies/1/undercoat')['version'];
        $this->other('POST', 'companies/1/undercoat/edits', ['key' => 'undercoat', 'coats' => 7, 'version' => $version]);
        $this->hands->press('One fewer', 'aside');
        $this->hands->see('The undercoat '.self::CLASH);
        $this->hands->press('Save mine');
        $this->hands->seeNot(self::CLASH);
        $this->hands->press('Undo', 'main .tools');
        $this->hands->until(
            fn (): bool => str_contains($this->hands->text('aside .controls'), '7'),
            'what the other window had laid is there again',
        );
    }

    public function testAColourOfTheScheme(): void
    {
        $this->open('/scheme/1', 'pairs of neighbours');
        $this->hands->pressBeginning('Rope', 'nav.rail');
        $this->hands->see('Leave it undecided');
        $rope = array_values(array_filter(
            (array) $this->other('GET', 'companies/1/scheme')['areas'],
            static fn (array $a): bool => $a['name'] === 'Rope',
        ))[0]['id'];
        $this->other('PUT', 'companies/1/scheme', ['areas' => [['area' => $rope, 'colour' => '#7a5c3a']]]);
        $this->hands->press('Leave it undecided', 'aside');
        $this->hands->see('The scheme '.self::CLASH);
        $this->hands->see('#7a5c3a');
        $this->hands->press('Save mine');
        $this->hands->seeNot(self::CLASH);
        $this->hands->see('1 area undecided');
    }

    public function testATrialIsThrownAwayWhileItIsJudged(): void
    {
        $this->other('POST', 'companies/2/trials', ['name' => 'cold feathers']);
        $this->open('/scheme/2', 'pairs of neighbours');
        $this->hands->pressBeginning('1 trial', 'aside');
        $this->hands->see('cold feathers');
        $trial = $this->other('GET', 'companies/2/scheme')['trials'][0]['id'];
        $this->other('PATCH', 'trials/'.$trial, ['verdict' => 'worked']);
        $this->hands->press('Delete');
        $this->hands->see('The trial '.self::CLASH);
        $this->hands->press('Save mine');
        $this->hands->seeNot('cold feathers');
    }

    public function testTheQuestionsKeepWhatTheOtherWindowAnswered(): void
    {
        $this->open('/figures/1', 'A few questions');
        $habits = (array) $this->other('GET', 'session')['painter'];
        $this->other('PUT', 'workshop', ['solvents' => !$habits['solvents']] + $habits);
        $this->hands->click('//fieldset[contains(., "A wet palette?")]//label[contains(., "no")]');
        $this->hands->see('What you own and like '.self::CLASH);
        $this->hands->press('Keep what is there');
        $this->hands->seeNot(self::CLASH);
        self::assertSame($habits['wet_palette'], $this->other('GET', 'session')['painter']['wet_palette']);
    }

    public function testABottleIsCountedTwice(): void
    {
        $this->open('/shelf/1', 'What is left');
        $this->hands->see('Nothing has moved yet');
        $this->other('POST', 'paints/1/movements', ['kind' => 'counted', 'ml' => 9]);
        $this->hands->type('ml', '4');
        $this->hands->press('Save');
        $this->hands->see('What is left of it '.self::CLASH);
        $this->hands->see('9.00 ml');
        $this->hands->press('Save mine');
        $this->hands->seeNot(self::CLASH);
        $this->hands->until(
            fn (): bool => (float) $this->other('GET', 'paints/1/movements')['left_ml'] === 4.0,
            'the later count is kept',
        );
    }

    public function testWhatIsSaidOfAPaint(): void
    {
        $this->open('/shelf/1', 'What is left');
        $name = $this->other('GET', 'paints/1')['paint']['name'];
        $this->hands->press('Change this paint');
        $this->hands->see('Colour known from');
        $this->other('PATCH', 'paints', ['ids' => [1], 'place' => 'top drawer']);
        $this->hands->type('Name', $name.' II');
        $this->hands->press('Save');
        $this->hands->until(fn (): bool => $this->hands->text('h1') === $name.' II', 'the new name is kept');
        $this->hands->see('top drawer');

        $this->hands->press('Change this paint');
        $this->hands->see('Colour known from');
        $this->other('PATCH', 'paints', ['ids' => [1], 'place' => 'left drawer']);
        $this->hands->type('Place', 'window sill');
        $this->hands->press('Save');
        $this->hands->see($name.' II '.self::CLASH);
        $this->hands->see('left drawer');
        $this->hands->press('Keep what is there');
        $this->hands->until(
            fn (): bool => $this->other('GET', 'paints/1')['paint']['place'] === 'left drawer',
            'the paint is as the other window left it',
        );
    }

    public function testLabelsOfTheBook(): void
    {
        $this->other('POST', 'book', ['area_id' => 4, 'name' => 'Winter oilskin']);
        $this->open('/book', 'Winter oilskin');
        $this->hands->pressBeginning('Winter oilskin', 'main');
        $this->hands->see('Use on a figure');
        $entry = $this->other('GET', 'book?q=winter')['recipes'][0];
        $this->other('PUT', 'book/'.$entry['id'], ['name' => $entry['name'], 'notes' => 'rub it thin']);
        $this->hands->click('//summary[starts-with(., "Name, tags, notes")]', 'aside');
        $this->hands->element('//label[starts-with(., "notes")]/textarea', 'aside')->sendKeys('stipple it');
        $this->hands->press('Save', 'aside');
        $this->hands->see('The recipe of the book '.self::CLASH);
        $this->hands->see('rub it thin');
        $this->hands->press('Keep what is there');
        $this->hands->seeNot(self::CLASH);
        $this->hands->until(
            fn (): bool => $this->hands->ask('return document.querySelector("aside textarea").value;') === 'rub it thin',
            'the fields are filled with what is there',
        );
        $this->hands->click('//summary[starts-with(., "Name, tags, notes")]', 'aside');
        $this->hands->element('//label[starts-with(., "notes")]/textarea', 'aside')->sendKeys(', or stipple it');
        $this->hands->press('Save', 'aside');
        $this->hands->seeNot(self::CLASH);
        $this->hands->until(
            fn (): bool => $this->other('GET', 'book?q=winter')['recipes'][0]['notes'] === 'rub it thin, or stipple it',
            'both are kept',
        );
    }

    public function testAShapeOfTheDrawing(): void
    {
        $this->open('/figures/1', 'Change the drawing');
        $this->hands->press('Change the drawing');
        $this->hands->see('The drawing of Lamplighters');
        $areas = (array) $this->other('GET', 'companies')['companies'][0]['areas'];
        $this->other('PUT', 'companies/1/plate', ['given' => [['shape' => 0, 'area' => $areas[0]['id'], 'tone' => 'plane']]]);
        $this->hands->ask('document.querySelectorAll("main input[type=checkbox]")[3].click();');
        $this->hands->press('Give 1 shape to it');
        $this->hands->see('The drawing '.self::CLASH);
        $this->hands->press('Save mine');
        $this->hands->seeNot(self::CLASH);
        $this->hands->until(function () use ($areas): bool {
            $shapes = (array) $this->other('GET', 'companies')['companies'][0]['plate']['shapes'];

            return [$shapes[0]['area'], $shapes[3]['area']] === [$areas[0]['id'], $areas[0]['id']];
        }, 'both hands count');
    }

    public function testAFigureThatGrewIsNotDeletedUnseen(): void
    {
        $this->open('/figures/3', 'Change areas');
        $barge = (array) $this->other('GET', 'companies')['companies'][2];
        $areas = array_map(static fn (array $a): array => array_diff_key($a, ['touches' => 1]), $barge['areas']);
        $this->other('PUT', 'companies/3', ['notes' => 'for the winter show', 'areas' => $areas] + $barge);
        $this->hands->ask('window.confirm = () => true;');
        $this->hands->press('Delete', 'main');
        $this->hands->see('Signal barge '.self::CLASH);
        $this->hands->press('Keep what is there');
        $this->hands->seeNot(self::CLASH);
        $this->hands->see('for the winter show');
    }

    /**
     * What another window asks or changes, behind the back of this one: whatever this one still asks for itself is answered before,
     * and it asks for nothing new until it has written.
     *
     * @param array<string, mixed> $body
     *
     * @return array<string, mixed> the answer
     */
    private function other(string $method, string $path, array $body = []): array
    {
        $this->hands->until(
            fn (): bool => $this->hands->ask('return window.isHeld === true || document.documentElement.dataset.asking === "0";') === true,
            'this window still asks',
        );
        $this->hands->ask(
            'window.asked ??= window.fetch; window.isHeld = true; window.fetch = (path, how) => { '
                .'window.isHeld &&= how.method === "GET"; return window.isHeld ? new Promise(() => {}) : window.asked(path, how); };',
        );
        $answer = self::$studio?->browser->executeAsyncScript(
            'const [method, path, body, done] = arguments; window.asked("/api/" + path, {method, body: method === "GET" ? null : body, '
                .'headers: {Accept: "application/json", "Content-Type": "application/json", '
                .'"X-XSRF-TOKEN": decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1])}})'
                .'.then((r) => r.json().then((answer) => done([r.ok, answer])));',
            [$method, $path, json_encode($body, JSON_THROW_ON_ERROR)],
        );
        self::assertIsArray($answer);
        self::assertTrue($answer[0], $path.': '.json_encode($answer[1]));

        return (array) $answer[1];
    }
}
