<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Hands;
use Tests\Browser\Support\Studio;

/**
 * From an empty installation to the first step done at the Bench, as a newcomer goes: every press, tick and choice is counted, and every
 * field that is filled in.
 */
final class FirstTenMinutesTest extends TestCase
{
    private const MOST_ACTIONS = 60;

    /** Twenty paints as somebody keeps them. */
    private const LIST = [
        'Deep Navy – opaque – navy blue', 'Sepia wash', 'Old Brass', 'Storm Lantern; opaque; dark warm red; 17 ml; half full',
        'Mussel; covers well; dark blue grey', 'Peat Brown', 'Shore Flesh', 'Gull Bone', 'Reed Green', 'Buoy Red', 'Lantern Yellow',
        'Boat Iron', 'Soot wash', 'Dune – sand', 'Cold Sky – pale sky blue', 'Kelp: dark olive green', 'Tar #26221f', 'Fog Grey, 18 ml',
        'Brown ground – primer – mid brown', 'Gloss varnish',
    ];

    private const TICKED = ['White', 'Black', 'Mid grey', 'Tan', 'Dark brown', 'Warm red', 'Mid blue', 'Steel', 'Brown wash',
        'Grey primer'];

    private Studio $studio;

    private Hands $hands;

    private int $actions = 0;

    protected function tearDown(): void
    {
        $this->studio->close();
    }

    #[TestWith([1280, 800])]
    #[TestWith([390, 844])]
    public function testFromNothingToTheFirstStepDone(int $width, int $height): void
    {
        $this->studio = new Studio(sample: false, width: $width, height: $height);
        $this->hands = new Hands($this->studio);
        $this->studio->resize($width, $height);
        $this->makesAWorkshop();
        $this->putsThirtyPaintsOnTheShelf();
        $this->describesAFigure();
        $this->coloursAndDraftsIt();
        $this->doesTheFirstStep();

        self::assertSame([], $this->hands->complaints());
        self::assertLessThanOrEqual(self::MOST_ACTIONS, $this->actions);
    }

    private function makesAWorkshop(): void
    {
        $this->studio->visit('/');
        $this->hands->see('Make your workshop');
        $this->types('Your name', 'Reed warden');
        $this->types('A password, 8 characters or more', 'short');
        $this->presses('Make my workshop');
        $this->hands->see('at least 8 are needed');
        $this->types('A password, 8 characters or more', 'long enough');
        $this->presses('Make my workshop');
        $this->hands->see('From an empty shelf to the first brush stroke');
        $this->hands->see('0 of 7 steps done');
    }

    private function putsThirtyPaintsOnTheShelf(): void
    {
        $this->presses('Add paints', 'main');
        $this->hands->see('Type or paste your paints');
        $this->types('Your paints, one a line', implode("\n", self::LIST));
        $this->hands->see('guessed from “navy blue”');
        $this->presses('Add 20 paints');
        $this->hands->see('20 paints added to your shelf.');
        $this->pressesBeginning('Tick common colours');
        foreach (self::TICKED as $name) {
            $box = $this->hands->element(sprintf('//label[normalize-space(.)="%s"]//input', $name));
            $this->studio->browser->executeScript('arguments[0].scrollIntoView({ block: "center" });', [$box]);
            $box->click();
            ++$this->actions;
        }
        $this->presses('Add 10 paints');
        $this->hands->see('10 paints added to your shelf.');
    }

    private function describesAFigure(): void
    {
        $this->presses('a figure', '.done');
        $this->hands->see('No figure yet');
        $this->presses('Add a figure', 'main');
        $this->types('Name', 'Reed warden');
        $this->hands->see('100 % of the surface is shared out');
        $this->presses('Save figure');
        $this->hands->see('Figure on foot, 30 mm high');
        self::assertGreaterThan(
            20,
            $this->hands->ask("return document.querySelectorAll('main svg[role=img] path').length;"),
            'it has a drawing at once',
        );
    }

    private function coloursAndDraftsIt(): void
    {
        $this->presses('Choose the colours');
        $this->hands->see('No colour yet');
        $this->presses('Propose colours');
        $this->pressesBeginning('Use this scheme 1');
        $this->hands->see('Does it read at a distance?');
        $this->presses('Draft all areas');
        $this->hands->see('10 areas drafted');
        $this->presses('Undo all');
        $this->hands->see('10 recipes undone.');
        $this->presses('Draft all areas');
        $this->hands->see('10 areas drafted');
    }

    private function doesTheFirstStep(): void
    {
        $this->presses('Paint at the Bench');
        $this->hands->see('Undercoat');
        $this->presses('Done on figure 1');
        $this->hands->see('Last entry: whole figure, undercoat');
        $this->studio->visit('/start');
        $this->hands->see('You have been all the way round');
    }

    private function presses(string $text, string $within = 'body'): void
    {
        $this->hands->press($text, $within);
        ++$this->actions;
    }

    private function pressesBeginning(string $text): void
    {
        $this->hands->pressBeginning($text);
        ++$this->actions;
    }

    private function types(string $label, string $text): void
    {
        $this->hands->type($label, $text);
        ++$this->actions;
    }
}
