<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\SampleWorkshop;

/** What opens over a page, or in its place, is as reachable as the page. */
final class FormBarriersTest extends SampleWorkshop
{
    #[DataProvider('forms')]
    public function testNoBarrierIsFoundInForms(string $page, string $button, string $arrived): void
    {
        $this->open($page, '');
        $this->hands->press($button);
        $this->hands->see($arrived);
        $this->inLightAndDark(fn (string $surround) => self::assertSame([], $this->barriers(), $surround));
    }

    public function testNoBarrierIsFoundOnTheMapTheListAndTheSets(): void
    {
        $this->open('/shelf', 'Coats it takes');
        foreach (['Map' => 'Empty regions', 'List' => 'Certain to', 'Sets' => 'On the shelf'] as $mode => $arrived) {
            $this->hands->pressTab($mode);
            $this->hands->see($arrived);
            $this->inLightAndDark(fn (string $surround) => self::assertSame([], $this->barriers(), $mode.' '.$surround));
        }
    }

    /** The pages of an evening, one after the other. */
    public function testNoBarrierIsFoundFromFetchingToTheEnd(): void
    {
        $look = fn (string $page) => $this->inLightAndDark(
            fn (string $surround) => self::assertSame([], $this->barriers(), $page.' '.$surround),
        );
        $this->open('/recipe/4', 'Left out, and why');
        $this->hands->press('Paint this now');
        $this->hands->see('Fetch for');
        $look('fetch');
        $this->hands->pressBeginning('Start: ', 'main');
        $this->hands->see('End the sitting');
        $look('bench');
        $this->hands->press('End the sitting');
        $this->hands->see('Back to Tonight');
        $look('end');
        $this->hands->press('Back to Tonight');
        $this->hands->see('I have only');
        $look('tonight');
    }

    /** @return iterable<string, array{string, string, string}> address, what is pressed there, and a sentence that tells it is open */
    public static function forms(): iterable
    {
        yield '/add-paints, Fill in one paint' => ['/add-paints', 'Fill in one paintevery detail of it', 'Dry colour at full hide'];
        yield '/shelf, Import and export' => ['/shelf', 'Import and export', 'Import and export'];
        yield '/figures, Change areas' => ['/figures', 'Change areas', 'is shared out'];
        yield '/figures, Change the drawing' => ['/figures', 'Change the drawing', 'Every shape has its area'];
        yield '/scheme, Propose the other colours' => ['/scheme', 'Propose the other colours', 'Use this scheme'];
        yield '/scheme/2, Keep this as a trial' => ['/scheme/2', 'Keep this as a trial', 'As chosen now'];
        yield '/undercoat, Light sketch' => ['/undercoat', 'Light sketch', 'Angle over the horizontal'];
        yield '/recipe/4, Keep in the book' => ['/recipe/4', 'Keep in the book', 'Name in the book'];
        yield '/recipe/4, Why' => ['/recipe/4', 'Why', 'Everything later goes over'];
        yield '/recipe/4, Change' => ['/recipe/4', 'Change', 'Its place in the order'];
        yield '/recipe/4, Mishap' => ['/recipe/4', 'Mend', 'What went wrong here?'];
        yield '/bench, Slip' => ['/bench', 'Slip', 'Put it on the list'];
        yield '/bench, Different' => ['/bench', 'Different', 'What was done'];
        yield '/shelf/3, Measure a test swatch' => ['/shelf/3', 'Measure a test swatch', 'Bare white'];
        yield '/tables/match, a picture' => ['/tables/match', 'a picture', 'Picture, up to'];
        yield '/tables/glaze, the reader' => ['/tables/glaze', 'the reader', 'simulates a hand-held device'];
    }
}
