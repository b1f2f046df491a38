<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Hands;
use Tests\Browser\Support\Studio;

/** A painter of their own goes from sign-in to the ledger, with the mistakes people make on the way. */
final class JourneyTest extends TestCase
{
    private const SHELF = [
        'name,line,behaviour,colour,bottle_ml,left_ml,where I bought it',
        'Soot,Ferry range,opaque,#1d1c1b,15,9,',
        'Sailcloth,Ferry range,opaque,#e2d8bd,15,9,harbour',
        'Deep mud,Ferry range,opaque,#4b3524,15,9,',
        'Reed,Ferry range,opaque,#a8842a,15,9,',
        'Kelp,Ferry range,opaque,#4b5a32,15,9,',
        'Lichen,Ferry range,opaque,#a9ae7e,15,9,',
        'Slate,Ferry range,opaque,#3d4b52,15,9,',
        'Mud wash,Ferry range,wash,#8b6a49,20,15,',
        'Grey ground can,Ferry range,primer,#868686,30,20,',
        'Odd one,Ferry range,opaque,#12,15,9,',
    ];

    private Studio $studio;

    private Hands $hands;

    protected function setUp(): void
    {
        $this->studio = new Studio(sample: false);
        $this->hands = new Hands($this->studio);
    }

    protected function tearDown(): void
    {
        $this->studio->close();
    }

    public function testFromSignInToTheLedger(): void
    {
        $this->studio->artisan('kalokroma:painter', 'Ferry woman', '--password=long enough');
        $this->signsIn();
        $this->bringsTheShelfIn();
        $this->addsAndMendsAPaint();
        $this->describesAFigure();
        $this->answersTheThreeQuestions();
        $this->draftsAndChangesARecipe();
        $this->paintsAtTheBench();
        $this->readsTheLedgerAfterARestart();
        self::assertSame([], $this->hands->complaints());
    }

    private function signsIn(): void
    {
        $this->studio->visit('/');
        $this->hands->see('No workshop yet, or password forgotten?');
        $this->hands->type('Name', 'Ferry woman');
        $this->hands->type('Password', 'not this one');
        $this->hands->press('Sign in');
        $this->hands->see('No painter signs in with this name and password.');
        $this->hands->type('Password', 'long enough');
        $this->hands->press('Sign in');
        $this->hands->see('Your paints will be here');
    }

    private function bringsTheShelfIn(): void
    {
        $this->hands->press('Import a file');
        $this->hands->see('Import and export');
        $this->hands->upload(implode("\n", [...array_slice(self::SHELF, 0, 4), '"Reed,Ferry range,opaque,#a8842a,15,9,']));
        $this->hands->press('Check the file');
        $this->hands->see('A quote opened on line 5 is never closed. Nothing was taken.');
        $this->hands->upload(implode("\r\n", self::SHELF));
        $this->hands->press('Check the file');
        $this->hands->see('9 paints new');
        self::assertStringNotContainsString('Lichen', $this->fetched('/api/shelf/file'), 'nothing is written yet');
        $this->hands->press('Import 9 paints');
        $this->hands->see('9 paints imported');
        $this->hands->see('"#12" is not a colour');
        $this->hands->press('Close', '.is-visible');
        $this->hands->see('Nine paints');
        $this->hands->seeNot('9 paints imported');
        $this->hands->type('Name, range, behaviour, family, place or note', 'wash');
        $this->hands->see('Mud wash');
        $this->hands->seeNot('Lichen');
        $this->hands->type('Name, range, behaviour, family, place or note', '');
        self::assertStringContainsString('harbour', $this->fetched('/api/shelf/file'), 'unknown columns go out again');
    }

    private function addsAndMendsAPaint(): void
    {
        $this->studio->visit('/shelf?open=paint');
        $this->hands->type('Name', 'Lamp flame');
        $this->hands->type('Dry colour at full hide', '#f0b42');
        $this->hands->type('Left, ml', '-2');
        $this->hands->press('Add to shelf');
        $this->hands->see('"#f0b42" is not a colour');
        $this->hands->see('cannot hold less than 0 ml');
        $this->hands->type('Dry colour at full hide', '#f0b42c');
        $this->hands->type('Left, ml', '6');
        $this->hands->press('Add to shelf');
        $this->hands->see('Ten paints');
        $this->hands->see('Coats it takes');
        $this->hands->press('Change this paint');
        $this->hands->type('Place', 'drawer 3');
        $this->hands->press('Save');
        $this->hands->see('drawer 3');
    }

    private function describesAFigure(): void
    {
        $this->hands->press('Figures');
        $this->hands->see('No figure yet');
        $this->hands->press('Add a figure', 'main');
        $this->hands->type('Name', 'Mud crab');
        $this->hands->type('Figures painted alike', '2');
        $this->hands->type('Height, mm', '40');
        $this->hands->press('Start without areas');
        $this->hands->type('Name of area 1', 'Shell');
        $this->hands->type('Share of area 1, percent', '80');
        $this->hands->choose('Relief of area 1', 'raised texture');
        $this->hands->type('Colour of area 1', '#4b5a32');
        $this->hands->press('Add an area');
        $this->hands->type('Name of area 2', 'Claws');
        $this->hands->type('Share of area 2, percent', '30');
        $this->hands->see('110 % of the surface is shared out: that is more than there is');
        $this->hands->press('Save figure');
        $this->hands->see('The areas cover 110 % of the surface together');
        $this->hands->type('Share of area 2, percent', '20');
        $this->hands->press('Save figure');
        $this->hands->see('2 figures, 40 mm high, 28.4 cm² of surface each');
    }

    private function answersTheThreeQuestions(): void
    {
        $this->hands->click('//fieldset[contains(., "spray cans")]//label[contains(., "yes")]');
        $this->hands->until(fn (): bool => str_contains($this->fetched('/api/session'), '"spray_cans":true'), 'The answer was not kept');
    }

    private function draftsAndChangesARecipe(): void
    {
        $this->hands->press('Recipe for shell');
        $this->hands->see('Which colour?');
        $this->hands->press('Kelp', 'main');
        $this->hands->see('the colour of Kelp');
        $this->hands->press('Draft the recipe');
        $this->hands->see('Left out, and why');
        $this->hands->see('the drybrush does the layering');
        $this->hands->see('spray can');
        $before = $this->lookOfBasecoat();
        $this->hands->press('One more');
        $this->hands->see('as computed');
        $this->hands->type('Paint to thinner', '8 parts water to 1 part paint');
        $this->hands->key(WebDriverKeys::TAB);
        $this->hands->until(fn (): bool => $this->lookOfBasecoat() !== $before, 'The prediction did not follow the thinning');
        $this->hands->pressTab('Why', 'aside');
        $this->hands->see('You thin it 1:8; 2:1 was proposed');
        $this->hands->pressTab('Shelf', 'aside');
        $this->hands->click('//summary[.="Use another mix"]', 'aside');
        $this->hands->choose('Paint', 'Slate');
        $this->hands->press('Load this', 'aside');
        $this->hands->pressTab('Why', 'aside');
        $this->hands->see('Your own choice, Slate, is');
        $this->hands->pressTab('Shelf', 'aside');
        $this->hands->press('Use Kelp');
        $this->hands->pressBeginning('Drybrush · highlight');
        $this->hands->click('//label[contains(., "leave this step out")]/input');
        $this->hands->see('left out by you');
    }

    private function paintsAtTheBench(): void
    {
        $this->hands->press('Bench');
        $this->hands->see('Undercoat, all over');
        $this->hands->see('mask for organic vapours');
        $this->hands->key(WebDriverKeys::ENTER);
        $this->hands->see('Basecoat, shell');
        $this->hands->see('Whole figure, undercoat');
        $this->hands->press('Different');
        $this->hands->type('Paint used', 'Borrowed green');
        $this->hands->type('Thinned, paint to thinner', 'like milk');
        $this->hands->press('Save entry');
        $this->hands->see('"like milk" is not a thinning');
        $this->hands->type('Thinned, paint to thinner', '1:1');
        $this->hands->type('Note: how it looked, what went wrong, what to keep', 'Kelp was empty after all.');
        $this->hands->press('all');
        $this->hands->press('Save entry');
        $this->hands->see('Recess line, shell');
        $this->hands->pressBeginning('Done on all 2');
        $this->hands->see('Drybrush, shell');
        $this->hands->press('Something else');
        $this->hands->choose('Area', 'Claws');
        $this->hands->choose('What was done', 'Edge highlight');
        $this->hands->press('Save entry');
        $this->hands->see('Last entry: claws, edge highlight, figure 1.');
        $this->hands->press('Undo', 'aside');
        $this->hands->see('Last entry: shell, recess line, figures 1–2.');
    }

    private function readsTheLedgerAfterARestart(): void
    {
        $this->hands->press('Ledger');
        $this->hands->see('3 entries · 1 differs from the plan');
        $this->studio->restart();
        $this->studio->visit('/ledger');
        $this->hands->see('3 entries · 1 differs from the plan');
        $this->hands->press('Sign out');
        $this->hands->see('No workshop yet, or password forgotten?');
        $this->hands->type('Name', 'Ferry woman');
        $this->hands->type('Password', 'long enough');
        $this->hands->press('Sign in');
        $this->hands->press('Ledger');
        $this->hands->see('Borrowed green instead of Kelp');
        $this->hands->see('thinned 1:1 instead of 1:8');
        $this->hands->see('Kelp was empty after all.');
        $this->hands->see('figures 1–2');
    }

    private function lookOfBasecoat(): string
    {
        return (string) $this->hands->ask('return document.querySelector("[aria-label^=\'After basecoat\']").getAttribute("aria-label");');
    }

    private function fetched(string $path): string
    {
        return (string) $this->studio->browser->executeAsyncScript(
            'fetch(arguments[0]).then((r) => r.text()).then(arguments[1]);',
            [$path],
        );
    }
}
