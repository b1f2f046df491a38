<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\SampleWorkshop;

/** Pages of the sample workshop: what can be done there, with mouse and keys, wide and narrow. */
final class PagesTest extends SampleWorkshop
{
    public function testTheTwoColoursOfAMatchFillANarrowScreen(): void
    {
        $this->fit(390, 844);
        $this->open('/tables/match', 'looked through');

        self::assertGreaterThan(
            150,
            $this->hands->ask('return Math.min(...[...document.querySelectorAll(".swatch")].map((e) => e.clientWidth));'),
        );
    }

    public function testTheMapIsWalkedWithTheArrowKeys(): void
    {
        $this->open('/shelf', 'Coats it takes');
        $this->hands->pressTab('Map');
        $this->hands->see('Empty regions');
        $this->hands->ask("document.querySelector('circle[tabindex=\"0\"]').focus();");
        $first = $this->hands->text('aside h2');
        $this->hands->key(WebDriverKeys::ARROW_RIGHT);
        $this->hands->until(fn (): bool => $this->hands->text('aside h2') !== $first, 'The arrow did not move on the map');
        $this->hands->type('Name, range, behaviour, family, place or note', 'wash');
        $this->hands->until(
            fn (): bool => (int) $this->hands->ask("return document.querySelectorAll('circle[role=button]').length;") < 20,
            'The search does not narrow the map',
        );
    }

    public function testManyPaintsAreChangedTakenOffAndPutBack(): void
    {
        $this->open('/shelf', 'Coats it takes');
        $this->hands->pressTab('List');
        $this->hands->type('Name, range, behaviour, family, place or note', 'varnish');
        $this->hands->until(
            fn (): bool => (int) $this->hands->ask("return document.querySelectorAll('tbody tr').length;") === 3,
            'Three varnishes',
        );
        $this->hands->ask("document.querySelector('th.pick input').click();");
        $this->hands->see('3 paints chosen');
        $this->hands->choose('Change', 'behaviour');
        $this->hands->choose('to', 'opaque');
        $this->hands->press('Change them all');
        $this->hands->see('A paint that is opaque needs its colour');
        $this->hands->choose('Change', 'place');
        $this->hands->type('to', 'top shelf');
        $this->hands->press('Change them all');
        $this->hands->see('top shelf');
        $this->hands->seeNot('3 paints chosen');
        $this->hands->ask("document.querySelector('th.pick input').click();");
        $this->hands->press('Take off the shelf');
        $this->hands->see('3 paints taken off the shelf');
        $this->hands->see('Ninety-two paints');
        $this->hands->press('Put them back');
        $this->hands->see('Ninety-five paints');
    }

    public function testAPaintThatAnotherWindowChangedIsNotSavedOverUnseen(): void
    {
        $this->open('/shelf', 'Coats it takes');
        $this->hands->press('Change this paint');
        $this->hands->see('Dry colour at full hide');
        $name = $this->hands->ask("return document.querySelector('#paint-name').value;");
        $before = (float) $this->elsewhere($name, 'GET', '', 'null')['paint']['left_ml'];
        $this->elsewhere($name, 'POST', '/movements', "{kind: 'used', ml: '0.1'}");
        $this->hands->type('Place', 'top drawer');
        $this->hands->press('Save');
        $this->hands->seeNot('Dry colour at full hide');
        $paint = $this->elsewhere($name, 'GET', '', 'null')['paint'];
        self::assertSame('top drawer', $paint['place']);
        self::assertEqualsWithDelta($before - 0.1, $paint['left_ml'], 1e-6, 'what was used elsewhere is not put back');

        $this->hands->press('Change this paint');
        $this->hands->see('Dry colour at full hide');
        $this->elsewhere($name, 'POST', '/movements', "{kind: 'used', ml: '0.1'}");
        $this->hands->type('Left, ml', '5');
        $this->hands->press('Save');
        $this->hands->see($name.' was changed in another window');
        self::assertStringContainsString('Left, ml', $this->hands->text('section[role=alert]'));
        self::assertStringNotContainsString('Place', $this->hands->text('section[role=alert]'), 'only what both touched');
        $this->hands->press('Save mine');
        $this->hands->seeNot('Dry colour at full hide');
        self::assertEqualsWithDelta(5.0, $this->elsewhere($name, 'GET', '', 'null')['paint']['left_ml'], 1e-6);
    }

    public function testAnOlderFormOfAFigureNeverDeletesAnAreaItDidNotKnow(): void
    {
        $this->open('/figures/2', 'A few questions');
        $this->hands->press('Change areas');
        $this->hands->see('is shared out');
        $this->hands->type('Notes', 'mine');
        $this->hands->ask(
            "return fetch('/api/companies').then((r) => r.json()).then((s) => { const c = s.companies[1]; c.areas[0].share -= 1; "
                .'c.areas.forEach((a) => delete a.touches); '
                ."c.areas.push({name: 'Lining', material: 'cloth', relief: 'tight', share: 1, depth: 2, weight: 'minor'}); "
                ."return fetch('/api/companies/' + c.id, {method: 'PUT', headers: {Accept: 'application/json', "
                ."'Content-Type': 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1])}, "
                .'body: JSON.stringify(c)}); }).then((r) => r.status);',
        );
        $this->hands->press('Save figure');
        $this->hands->see('Area Lining');
        $this->hands->press('Save mine');
        $this->hands->until(fn (): bool => $this->hands->ask(
            "return fetch('/api/companies').then((r) => r.json()).then((s) => s.companies[1]).then((c) => c.areas.some((a) => "
                ."a.name === 'Lining') && (c.notes === 'mine' || document.body.innerText.includes('more than')));",
        ) === true, 'The lining is gone');
    }

    /** @return array<string, mixed> what another window is answered about a paint */
    private function elsewhere(string $name, string $method, string $path, string $body): array
    {
        return (array) $this->hands->ask(
            "return fetch('/api/shelf').then((r) => r.json()).then((s) => s.paints.find((p) => p.name === '$name').id)"
                .".then((id) => fetch('/api/paints/' + id + '$path', {method: '$method', headers: {Accept: 'application/json', "
                ."'Content-Type': 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1])}, "
                ."body: $body === null ? undefined : JSON.stringify($body)})).then((r) => r.json());",
        );
    }

    public function testAPaintIsTakenOffTheShelfFromItsPageAndPutBack(): void
    {
        $this->open('/shelf/9', 'Nearest relatives');
        $name = $this->hands->text('h1');
        $this->hands->press('Take it off the shelf');
        $this->hands->see('1 paint taken off the shelf');
        $this->hands->press('Put it back');
        $this->hands->seeNot('taken off the shelf');
        $this->open('/shelf/9', $name);
    }

    public function testWhatIsMissingLeadsToASubstituteOrToAPurchase(): void
    {
        $this->open('/recipe/8', 'not in stock: Squall Blue');
        $this->hands->ask("[...document.querySelectorAll('ol button')].find((b) => b.textContent.includes('Squall Blue')).click();");
        $this->hands->see('Without Squall Blue');
        $this->hands->ask("document.querySelector('.offer .link-button').click();");
        $this->hands->see('Stands in for');
        $this->hands->press('Undo', 'main');
        $this->hands->press('what to buy');
        $this->hands->see('No price list yet.');
        $this->pretends('shop', 'garbled');
        $this->hands->press('Ask the shop for its prices');
        $this->hands->see('cannot be read');
        $this->pretends('shop', 'open');
        $this->hands->press('Ask the shop for its prices');
        $this->hands->see('The ferry shop, list of');
        $this->hands->see('The cheapest');
        $this->hands->see('no purchase costs less');
        $this->hands->press('Bought: add to my shelf');
        $this->hands->see('on your shelf now');
        $this->hands->seeNot('Hemp, not in stock');
    }

    public function testABottleIsWeighedEvenWhereTheScaleFails(): void
    {
        $this->open('/shelf/6', 'What is left');
        $this->hands->type('Empty bottle, g', 'heavy');
        $this->hands->press('Weigh the bottle');
        $this->hands->see('write grams as in 14.2');
        $this->hands->type('Empty bottle, g', '');
        for ($tries = 0; $tries < 4 && !str_contains($this->hands->text(), 'g of bottle at'); ++$tries) {
            $this->hands->press('Weigh the bottle');
            usleep(900_000);
        }
        $this->hands->see('g of bottle at');
        $this->hands->pressBeginning('Use ', 'aside section:nth-of-type(3)');
        $this->hands->see('Counted, weighed');
    }

    public function testThePagesAreReachedFromTheKeyboard(): void
    {
        $this->open('/recipe', 'Left out, and why');
        $this->hands->ask('document.querySelector("ol button").focus();');
        $this->hands->key(WebDriverKeys::ENTER);
        $this->hands->until(
            fn (): bool => $this->hands->ask('return document.querySelector("ol button").getAttribute("aria-pressed");') === 'true',
            'Enter did not choose the step',
        );
        $this->open('/bench', 'Next after this');
        $first = $this->hands->text('h1');
        $this->hands->key(WebDriverKeys::ARROW_RIGHT);
        $this->hands->until(fn (): bool => $this->hands->text('h1') !== $first, 'The arrow did not turn to another step');
        $this->hands->key('d');
        $this->hands->see('What was done:');
        $this->hands->press('Cancel');
        $this->hands->key('u');
        $this->hands->see('Something else: what was done?');
        $this->hands->press('Cancel');
    }

    public function testAnotherGroundChangesEveryArea(): void
    {
        $this->open('/recipe', 'Left out, and why');
        $this->hands->pressBeginning('Undercoat', 'ol');
        $this->hands->see('Grounds on your shelf');
        $this->hands->press('Use Black Ground');
        $this->hands->pressTab('Why', 'aside');
        $this->hands->see('Black Ground is your own choice');
        $this->hands->pressBeginning('Rope', '.rail');
        $this->hands->see('undercoat Black Ground');
    }

    public function testATableAnswersTheQuestionInItsAddress(): void
    {
        $this->open('/tables/match?colour=%233d4b52&paints=1', 'Wet Slate');
        $this->hands->see('0.0 on paper');
        $this->hands->type('Colour wanted', '#12');
        $this->hands->see('Write # and six hexadecimal digits');
        $this->hands->type('Colour wanted', '#efb439');
        $this->hands->see('Lantern Yellow');
        $this->hands->until(
            fn (): bool => str_contains((string) $this->hands->ask('return location.hash;'), 'efb439'),
            'The address does not hold the question',
        );
        $this->open('/tables/coats?paints=999999', 'Paint 999999 is not on this shelf.');
        $this->open('/tables/coats?over=%231c1b1a&thin=1:1', 'hidden after');
        $before = $this->hands->text('section');
        $this->hands->press('light ivory');
        $this->hands->until(fn (): bool => $this->hands->text('section') !== $before, 'The coats did not follow the ground');
    }

    public function testAPaintIsMeasuredWithTheReaderAndForgotten(): void
    {
        $this->open('/shelf/6', 'typed in: to ±2.0');
        $before = $this->hands->text('.stairs');
        $this->hands->press('Measure a test swatch');
        $this->hands->press('Work it out');
        $this->hands->see('The reading over black is missing');
        $this->hands->type('Paint over black', '20 0 0');
        $this->hands->type('Paint over white', 'very pale');
        $this->hands->press('Work it out');
        $this->hands->see('"very pale" is not a colour');
        for ($field = 1; $field <= 4; ++$field) {
            $this->hands->ask("[...document.querySelectorAll('.row button')][$field - 1].click();");
            $this->hands->until(fn (): bool => substr_count($this->hands->text(), 'readings kept') === $field, "Field $field was not read");
        }
        $this->hands->press('Work it out');
        $this->hands->see('measured from a test swatch: to ±0.8');
        $this->hands->see('Its colour was');
        self::assertNotSame($before, $this->hands->text('.stairs'));
        $this->hands->press('Forget it');
        $this->hands->see('typed in: to ±2.0');
        self::assertSame($before, $this->hands->text('.stairs'));
    }

    public function testAColourIsTakenFromAPictureAndFromTheReader(): void
    {
        $image = imagecreatetruecolor(300, 200);
        imagefilledrectangle($image, 0, 0, 299, 199, 0x3D4B52);
        imagefilledrectangle($image, 200, 0, 299, 199, 0xEFB439);
        ob_start();
        imagepng($image);
        $this->open('/tables/match', 'looked through');
        $this->hands->press('a picture');
        $this->hands->upload((string) ob_get_clean(), 'marsh.png');
        $this->hands->see('#3d4b52');
        $this->hands->ask("document.querySelector('.frame').focus();");
        for ($i = 0; $i < 7; ++$i) {
            $this->hands->key(WebDriverKeys::SHIFT.WebDriverKeys::ARROW_RIGHT);
        }
        $this->hands->see('#efb439');
        $this->hands->press('Use this colour');
        $this->hands->until(
            fn (): bool => str_contains((string) $this->hands->ask('return location.hash;'), 'efb439'),
            'The colour was not taken',
        );
        $this->hands->press('a picture');
        $this->hands->upload('no picture at all', 'notes.png');
        $this->hands->see('not a picture that can be shown');
        $this->hands->press('Cancel');
        $this->hands->press('the reader');
        $this->hands->press('an old brass button');
        $this->hands->see('readings kept');
        $this->hands->press('Use this colour');
        $this->hands->until(
            fn (): bool => !str_contains((string) $this->hands->ask('return location.hash;'), 'efb439'),
            'The reading was not taken',
        );
    }

    public function testTheTablesFollowWhatIsAsked(): void
    {
        $this->open('/tables/thin', 'Under varnish');
        $this->hands->type('Thinned', '1 part water to 3 parts paint');
        $this->hands->see('thinned 3:1, that is 75 % paint');
        $this->hands->type('Thinned', '3 : ?');
        $this->hands->see('an amount is unknown');
        $this->hands->type('Thinned', '30 %');
        $this->hands->see('of what? Say 70 % paint or 30 % thinner.');
        $this->open('/tables/glaze?from=%23202020&to=%23f0f0f0', 'off to begin with');
        $this->open('/tables/between?count=4', 'Equal drops instead');
        self::assertSame(4, $this->hands->ask("return document.querySelectorAll('ol li').length;"));
        $this->open('/tables/match?kinds=metallic', 'metallic');
        $this->hands->see('Old Brass');
        $this->hands->pressBeginning('without');
        $this->hands->see('use it again');
    }

    public function testAPageThatIsNotThereSaysWhereToGo(): void
    {
        $this->open('/no-such-page', 'There is no such page');
        $this->hands->press('your shelf');
        $this->hands->see('Ninety-five paints');
        $this->open('/bench/1/99', 'Lamplighters has figures 1 to 12: there is no figure 99.');
        $this->open('/recipe/424242', 'There is no such thing in your workshop.');
    }
}
