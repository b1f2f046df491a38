<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Hands;
use Tests\Browser\Support\Studio;

/** Dabs on paper, photographed under a yellow lamp: a click on the paper, then a click and a name for each paint. */
final class PaintsFromPictureTest extends TestCase
{
    private Studio $studio;

    private Hands $hands;

    protected function setUp(): void
    {
        $this->studio = new Studio(true);
        $this->hands = new Hands($this->studio);
    }

    protected function tearDown(): void
    {
        $this->studio->close();
    }

    public function testWhitePaperSetsTheLightAndNamesFollowEachOther(): void
    {
        $this->studio->visit('/');
        $this->hands->press('Enter the sample workshop');
        $this->hands->see('Drying');
        $this->studio->visit('/add-paints/picture');
        $this->hands->upload($this->dabs(), 'dabs.png');
        $this->hands->see('First click on white paper');
        $this->click(0.05, 0.1);
        $this->hands->see('White is set');
        $this->point(0.25, 0.5);
        $this->studio->browser->getKeyboard()->sendKeys('Grey dab'.WebDriverKeys::ENTER);
        $this->point(0.75, 0.5);
        $this->studio->browser->getKeyboard()->sendKeys('Rust dab');
        $this->hands->press('Add 2 paints');
        $this->hands->see('2 paints added');

        [$grey, $rust] = [$this->colourOf('Grey dab'), $this->colourOf('Rust dab')];
        self::assertLessThan(9, max($grey) - min($grey), 'the yellow of the lamp is gone: '.implode(' ', $grey));
        self::assertTrue($rust[0] > $rust[1] + 40 && $rust[1] > $rust[2], 'and the rust is rust: '.implode(' ', $rust));
        self::assertSame([], $this->hands->complaints());
    }

    public function testWhatIsNoPictureIsToldAndNothingElseChanges(): void
    {
        $this->studio->visit('/');
        $this->hands->press('Enter the sample workshop');
        $this->hands->see('Drying');
        $this->studio->visit('/add-paints/picture');
        $this->hands->upload('no picture at all', 'dabs.png');
        $this->hands->see('This file is not a picture that can be shown');
        $this->hands->upload($this->dabs(), 'dabs.png');
        $this->hands->see('First click on white paper');
        $this->hands->seeNot('This file is not a picture');
    }

    /** A grey dab and a rust one; all is multiplied by the colour of the lamp. */
    private function dabs(): string
    {
        $image = imagecreatetruecolor(400, 200);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 240, 222, 180));
        imagefilledellipse($image, 100, 100, 120, 120, (int) imagecolorallocate($image, 128, 118, 96));
        imagefilledellipse($image, 300, 100, 120, 120, (int) imagecolorallocate($image, 150, 78, 30));
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }

    /** A click that takes a paint: its name can be typed once the field is there. */
    private function point(float $across, float $down): void
    {
        $this->click($across, $down);
        $this->hands->until(
            fn (): bool => $this->hands->ask('return document.activeElement.tagName === "INPUT" && document.activeElement.value === "";')
                === true,
            'The name of the paint cannot be typed',
        );
    }

    private function click(float $across, float $down): void
    {
        $frame = $this->studio->browser->findElement(WebDriverBy::cssSelector('.frame'));
        [$width, $height] = [$frame->getSize()->getWidth(), $frame->getSize()->getHeight()];
        (new WebDriverActions($this->studio->browser))
            ->moveToElement($frame, (int) (($across - 0.5) * $width), (int) (($down - 0.5) * $height))
            ->click()
            ->perform();
        usleep(500_000);
    }

    /** @return array{int, int, int} red, green and blue of a paint, 0 to 255 */
    private function colourOf(string $name): array
    {
        $hex = $this->studio->browser->executeAsyncScript(
            'const done = arguments[1]; fetch("/api/shelf", {headers: {Accept: "application/json"}}).then((r) => r.json())'
            .'.then((shelf) => done(shelf.paints.find((p) => p.name === arguments[0]).colour), (thrown) => done(String(thrown)));',
            [$name],
        );
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/i', (string) $hex);

        [$red, $green, $blue] = array_map(hexdec(...), str_split(substr((string) $hex, 1), 2));

        return [(int) $red, (int) $green, (int) $blue];
    }
}
