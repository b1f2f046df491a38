<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\SampleWorkshop;

/** Working on recipes in the browser: draft, edit, overrule, compare, follow, the book, somebody's recipe, paper and files. */
final class RecipeTest extends SampleWorkshop
{
    private const COAT = '/recipe/4';
    private const CAPE = '/recipe/8';

    /** On the bench of a figure. */
    private const MOST_STEPS = 60;

    public function testARecipeIsDraftedEditedAndUndone(): void
    {
        $this->open('/recipe/6', 'Left out, and why');
        $this->hands->pressBeginning('wanted', 'main');
        $this->hands->see('Which colour?');
        $this->hands->until(
            fn (): bool => (int) $this->hands->ask('return document.querySelectorAll(".draft button").length;') >= 3,
            'the steps are shown before drafting',
        );
        $shown = fn (): string => (string) $this->hands->ask(
            'return [...document.querySelectorAll(".draft button")].map((b) => b.getAttribute("aria-label")).join("; ");',
        );
        $before = $shown();
        $this->hands->choose('Contrast', 'strong');
        $this->hands->until(static fn (): bool => $before !== $shown(), 'the draft follows the contrast');
        $this->hands->choose('Way of painting', 'layers only');
        $this->hands->until(static fn (): bool => str_contains($shown(), 'shade layer'), 'and the way');
        $this->hands->choose('Highlights', '3');
        $this->hands->until(static fn (): bool => substr_count($shown(), 'edge highlight') === 3, 'and how many');
        $this->hands->choose('Highlights', 'as many as that asks');
        $this->hands->until(static fn (): bool => substr_count($shown(), 'edge highlight') < 3, 'or as the finish asks');
        $this->hands->press('Draft again');
        $this->hands->see('Shade layer');
        $this->hands->see('drafted layers only');

        $this->hands->pressBeginning('Basecoat', 'main ol');
        $this->hands->press('One more');
        $this->hands->see('coats of basecoat');
        $this->hands->choose('Kind of step to add', 'matt varnish');
        $this->hands->press('Add it');
        $this->hands->see('added matt varnish');
        $this->hands->press('Undo', 'main');
        $this->hands->press('Undo', 'main');
        $this->hands->seeNot('Matt Varnish');
        $this->hands->press('Redo', 'main');
        $this->hands->see('coats of basecoat');
        self::assertSame([], $this->hands->complaints());
    }

    public function testAHardRuleIsRefusedAndASoftOneIsOverruled(): void
    {
        $this->open(self::COAT, 'Left out, and why');
        $this->hands->pressBeginning('Wash all over', 'main ol');
        $this->hands->pressTab('Change', 'aside');
        $this->hands->press('Later', 'aside');
        $this->hands->see('easier to add than to remove');
        $this->hands->press('Undo', 'main');
        $this->hands->seeNot('easier to add than to remove');

        foreach (['marking', 'softener'] as $kind) {
            $this->hands->choose('Kind of step to add', $kind);
            $this->hands->press('Add it');
            $this->hands->see('added '.$kind);
        }
        $this->hands->pressBeginning('Softener', 'main ol');
        $this->hands->pressTab('Change', 'aside');
        $this->hands->press('Earlier', 'aside');
        $this->hands->see('That cannot be: marking');
        $this->hands->press('Undo', 'main');
        $this->hands->press('Undo', 'main');
        $this->hands->seeNot('added');

        $this->hands->pressBeginning('Layer', 'main ol');
        $this->hands->type('Paint to thinner', '3 parts water to 1 part paint');
        $this->hands->key("\t");
        $this->hands->see('1:3 is thinner than usual');
        $this->hands->see('1 against the rules');
        $this->hands->press('I do it my way', 'aside');
        $this->hands->see('Your way, against the rule');
        $this->hands->seeNot('1 against the rules');
        $this->hands->press('follow the rule again', 'aside');
        $this->hands->see('1 against the rules');
        $this->hands->press('Undo', 'main');
        $this->hands->press('Undo', 'main');
        $this->hands->press('Undo', 'main');
        $this->hands->seeNot('thinner than usual');

        $quickly = static fn (string $word): string => "{ const b = [...document.querySelectorAll('main button')]"
            .".find((e) => e.textContent.trim() === '$word'); b.click(); b.click(); b.click(); }";
        $this->hands->ask($quickly('Redo'));
        $this->hands->see('1 against the rules');
        $this->hands->element('//button[.="Redo"][@title="nothing to redo"]/../button[.="Undo"][not(@disabled)]', 'main');
        $this->hands->ask($quickly('Undo'));
        $this->hands->seeNot('thinner than usual');
    }

    public function testALoopAPlaceAndAMishap(): void
    {
        $this->open('/recipe/12', 'Left out, and why');
        $this->hands->pressBeginning('Drybrush', 'main ol');
        $this->hands->pressTab('Change', 'aside');
        $this->hands->click('//summary[starts-with(., "Go through steps again")]', 'aside');
        $this->hands->click('//summary[starts-with(., "Where")]', 'aside');
        $this->hands->press('Loop', 'aside');
        $this->hands->see('3 rounds');
        $this->hands->press('End the loop', 'aside');
        $this->hands->seeNot('3 rounds');
        $this->hands->choose('Part of the area', 'upper parts');
        $this->hands->press('Set', 'aside');
        $this->hands->see('· upper parts');
        $this->hands->choose('Direction of light', 'from the left');
        $this->hands->press('Set', 'aside');
        $this->hands->see('· upper parts, light from the left');
        $this->hands->press('Undo', 'main');
        $this->hands->press('Undo', 'main');

        $this->hands->pressBeginning('Wash all over', 'main ol');
        $this->hands->pressTab('Mend', 'aside');
        $this->hands->choose('What went wrong', 'tide mark');
        $this->hands->see('cannot be drawn out again');
        $this->hands->press('Add the repair to the recipe', 'aside');
        $this->hands->see('fixed: tide mark');
        $this->hands->choose('What went wrong', 'wash spilled on a neighbour');
        $this->hands->see('On which neighbour?');
        $this->hands->press('Undo', 'main');
    }

    public function testTwoDraftsAreCompared(): void
    {
        $this->open(self::CAPE, 'Left out, and why');
        $this->hands->press('Compare drafts');
        $this->hands->see('Drafts side by side');
        $this->hands->choose('Second: way', 'glazed blends');
        $this->hands->see('Glazed blends');
        $this->hands->see('coats more');
        $this->hands->choose('Second: way', 'as planned');
        $this->hands->see('it takes the same coats');
        $this->hands->choose('Second: ground', 'Black Ground');
        $this->hands->see('on Black Ground');
        $this->hands->pressBeginning('The whole figure', 'nav.rail');
        $this->hands->until(
            fn (): bool => (int) $this->hands->ask('return document.querySelectorAll("table.rows tbody tr").length;') === 12,
            'all twelve areas stand side by side',
        );
        self::assertSame([], $this->hands->complaints());
    }

    public function testARecipeFollowsAnotherExceptForItsOwnChanges(): void
    {
        $this->open('/recipe/21', 'except: feathered layer');
        $this->hands->see('As Oilskin coat of Lamplighters');
        $this->hands->see('is painted separately, in 8 areas');
        $this->open(self::COAT, 'Left out, and why');
        $this->hands->pressBeginning('Layer', 'main ol');
        $this->hands->press('One more');
        $this->hands->see('coats of layer');
        $coats = (string) $this->hands->ask('return document.querySelector("aside output").textContent;');
        $this->open('/recipe/21', 'except: feathered layer');
        $this->hands->pressBeginning('Layer', 'main ol');
        $this->hands->until(
            fn (): bool => $coats === $this->hands->ask('return document.querySelector("aside output").textContent;'),
            'the follower has as many coats as its model',
        );
        $this->open(self::COAT, 'Left out, and why');
        $this->hands->press('Undo', 'main');
        $this->hands->seeNot('coats of layer');
    }

    public function testTheBookKeepsAndGivesARecipe(): void
    {
        $this->open('/recipe/3', 'Left out, and why');
        $this->hands->press('Keep in the book');
        $this->hands->type('Name in the book', 'Grey beard');
        $this->hands->press('Keep it');
        $this->hands->seeNot('Name in the book');
        $this->open('/book', 'Grey beard');
        $this->hands->type('Search the book', 'beard');
        $this->hands->seeNot('Marsh ground');
        $this->hands->see('Use on a figure');
        $this->hands->choose('Area to use it on', 'Cargo canvas of Signal barge');
        $this->hands->press('Use on this area');
        $this->hands->see('Cargo canvas is painted like this now');
        $this->hands->press('Open its recipe');
        $this->hands->see('draft again');
        $this->hands->see('Drybrush');
        self::assertSame([], $this->hands->complaints());
    }

    /** Ten lines as they are spoken: read beside what was said, two of them mended, kept, and painted at the Bench. */
    public function testARecipeIsToldMendedThereAndPaintedAtTheBench(): void
    {
        $this->open('/recipe/36', 'Which colour?');
        $this->hands->type('The recipe, line by line', implode("\n", [
            'basecoat: dark rope brown and a little Chalk',
            'thin it like milk, two coats',
            'recesses only: Soot Wash, neat',
            'wait two hours',
            'drybrush Gull Grey from above',
            'again until bright enough, smaller each time, three times: Oyster White',
            'edges: glimmer',
            'on the upper two thirds a glaze of Berry Stain 1:6 with medium',
            'not sure what he said then',
            'matt varnish',
        ]));
        $this->hands->see('4 drops dark rope brown, a little Chalk');
        $this->hands->see('Says more of line 1.');
        $this->hands->see('3 rounds, smaller every time: bright enough');
        $this->hands->see('“glimmer”: a paint you do not own, or words?');
        $this->hands->press('just words');
        $this->hands->seeNot('a paint you do not own, or words?');
        $this->hands->press('Say it otherwise');
        $this->mend(7, 'edges: Pale Horizon');
        $this->hands->see('Edge highlight: Pale Horizon');
        $this->hands->pressBeginning('Use this recipe: 8 steps');
        $this->hands->see('Entered, with some guesses');
        $this->hands->see('not in stock: dark rope brown');
        $this->hands->see('smaller every time');
        $this->hands->press('replace by what I own');
        $this->hands->see('Replaced by what you own');
        $this->hands->see('all in stock');

        $this->open('/bench/3', 'Whole figure · step 1');
        for ($turned = 0; $turned < self::MOST_STEPS && !str_contains($this->hands->text('main'), 'Round 1 of 3'); ++$turned) {
            $this->hands->key(WebDriverKeys::ARROW_RIGHT);
        }
        foreach (['Oyster White', '3 rounds on 100, 65 and 42 % of it', 'bright enough', 'finished'] as $fact) {
            $this->hands->see($fact);
        }
        $this->hands->see('Round 1 of 3: bright enough?');
        $this->hands->press('Again');
        $this->hands->see('Round 2 of 3: bright enough?');
        self::assertSame([], $this->hands->complaints());
    }

    private function mend(int $line, string $said): void
    {
        $this->hands->type('Line '.$line.' as it was said', $said);
        $this->hands->key(WebDriverKeys::TAB);
    }

    public function testAnAddressOfNothingSaysSo(): void
    {
        foreach (['/scheme/9999', '/figures/9999', '/undercoat/9999', '/compare/9999'] as $page) {
            $this->open($page, 'There is no such figure');
            self::assertStringNotContainsString('Lamplighters', $this->hands->text('main'));
        }
        foreach (['/recipe/9999', '/bench/9999'] as $page) {
            $this->open($page, 'There is no such thing in your workshop');
        }
    }

    public function testTwoWindowsOnOneRecipe(): void
    {
        $this->open('/recipe/7', 'Left out, and why');
        $this->hands->pressBeginning('Basecoat', 'main ol');
        $this->hands->press('One more');
        $this->hands->see('coats of basecoat');
        // Another window goes on meanwhile; this one does not know.
        $version = $this->hands->ask("return fetch('/api/areas/7/recipe').then((r) => r.json()).then((r) => r.version);");
        $edit = ['kind' => 'change', 'key' => 'highlight', 'coats' => 3, 'version' => $version];
        self::assertSame(200, $this->hands->ask($this->post('/api/areas/7/recipe/edits', $edit)));
        $this->hands->pressBeginning('Wash all over', 'main ol');
        $this->hands->click('//label[contains(@class, "omit")]/input');
        $this->hands->see('Two versions of this recipe');
        $this->hands->see('leaving out of wash all over');
        $this->hands->press('Keep this one');
        $this->hands->seeNot('Two versions of this recipe');
    }

    public function testPaperAndFiles(): void
    {
        self::$studio?->browser->get(self::$studio->address.'/api/companies/1/card');
        $this->hands->see('Print this page');
        self::assertSame(12, (int) $this->hands->ask('return document.querySelectorAll("section").length;'));
        self::assertSame(12, $this->printedPages(), 'one page for each area');
        self::$studio?->browser->get(self::$studio->address.'/api/companies/1/card?as=table');
        $this->hands->see('Oilskin coat');
        self::assertLessThanOrEqual(4, $this->printedPages());

        $this->open('/book', 'From a file');
        $json = (string) $this->hands->ask('return fetch("/api/companies/2/file?as=json").then((r) => r.text());');
        self::assertStringContainsString('kalokroma.company', $json);
        $this->hands->upload($json, 'heron.json');
        $this->hands->see('Heron rider (2) is among your figures now: 16 areas, 16 with a recipe.');
        $this->hands->upload('{"kind": "kalokroma.recipe", "version": 1}', 'bad.json');
        $this->hands->see('Nothing was taken.');
        self::assertSame([], $this->hands->complaints());
    }

    private function printedPages(): int
    {
        $answer = self::$studio?->browser->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute',
            'POST',
            ['cmd' => 'Page.printToPDF', 'params' => ['preferCSSPageSize' => true, 'printBackground' => true]],
        );
        self::assertIsArray($answer);

        return (int) preg_match_all('~/Type\s*/Page\b(?!s)~', (string) base64_decode((string) $answer['data'], true));
    }

    /** @param array<string, mixed> $body */
    private function post(string $path, array $body): string
    {
        return sprintf(
            'return fetch(%s, {method: "POST", headers: {Accept: "application/json", "Content-Type": '
                .'"application/json", "X-XSRF-TOKEN": '
                    .'decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1])}, body: %s}).then((r) => r.status);',
            json_encode($path),
            json_encode(json_encode($body)),
        );
    }
}
