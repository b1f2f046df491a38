<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\SampleWorkshop;

/** From a bare figure to a colour for every area and a ground below them, meeting what goes wrong on the way. */
final class SchemeTest extends SampleWorkshop
{
    /** The sample's barge, of which nothing is decided. */
    public function testANewcomerTakesTheBargeToASchemeAndAnUndercoat(): void
    {
        $this->open('/figures/3', 'No area has a colour yet');
        $this->hands->press('Yes, add weed and stains');
        $this->hands->see('Nothing overlooked');
        $this->hands->press('Choose the colours');
        $this->hands->see('Choose an area at the left and give it a colour');
        $this->hands->pressBeginning('Hull planks', 'nav');
        $this->hands->press('any colour', 'aside .sources');
        $this->hands->type('Colour of hull planks', 'grey');
        $this->hands->see('Write # and six hexadecimal digits');
        $this->hands->press('a paint', 'aside .sources');
        $this->hands->press('Pale Driftwood', 'aside');
        $this->hands->see('Pale Driftwood · kept');
        $this->hands->press('Propose the other colours');
        $this->hands->see('Which scheme for the rest?');
        $this->hands->until(
            fn (): bool => (int) $this->hands->ask('return document.querySelectorAll("main ol > li").length;') >= 5,
            'Less than five schemes',
        );
        $this->hands->choose('Harmony', 'one warm against one cold');
        $this->hands->see('One warm against one cold: hull planks');
        $this->hands->pressBeginning('Use this scheme 1');
        $this->hands->see('Does it read at a distance?');
        $this->hands->seeNot('undecided');
        $this->hands->press('Choose the undercoat');
        $this->hands->see('for undercoat and base coats over');
        $this->hands->pressBeginning('Use this undercoat: Black Ground');
        $this->hands->see('Your undercoat: Black Ground');
        $this->hands->see('Black Ground is your own choice');
        $this->hands->press('Go on to the recipes');
        $this->hands->see('Which colour?');
        self::assertSame([], $this->hands->complaints());
    }

    public function testTheirOwnFigureBeginsWithATemplateAndAFileIsRefused(): void
    {
        $this->open('/figures', 'A few questions');
        $this->hands->press('Add a figure');
        $this->hands->type('Name', 'Eel catcher');
        $this->hands->see('100 % of the surface is shared out');
        $this->hands->type('Share of area 5, percent', '60');
        $this->hands->see('that is more than there is');
        $this->hands->press('Save figure');
        $this->hands->see('The areas cover 126 % of the surface together');
        $this->hands->click('//label[contains(., "Scale the shares to 100 %")]');
        $this->hands->press('Save figure');
        $this->hands->see('Figure on foot, 30 mm high');
        $this->hands->see('Look again');

        $this->hands->press('Use your own drawing or photograph');
        $this->hands->upload(
            '<!DOCTYPE svg [<!ENTITY a "ha">]><svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><path d="M0 0L9 0L9 9Z"/></svg>',
            'evil.svg',
        );
        $this->hands->see('declares entities of its own');
        $this->hands->upload(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 90 90"><script>alert(1)</script><path id="coat" '
                .'d="M0 0L60 0L60 90Z"/><path d="M60 0L90 0L90 90Z"/></svg>',
            'eel.svg',
        );
        $this->hands->see('1 shape without an area');
        $this->hands->see('1 × script');
        $this->hands->choose('Area', 'Boots');
        $this->hands->click('//li//label[contains(., "shape 2")]//input');
        $this->hands->press('Give 1 shape to it');
        $this->hands->see('Every shape has its area');
        $this->hands->press('Done');
        $this->hands->see('Change the drawing');
        self::assertSame([], $this->hands->complaints());
    }

    public function testAReferencePictureIsRefusedOrGivesItsColours(): void
    {
        $this->open('/scheme/2', 'To fix');
        $this->hands->pressBeginning('Crest plumes', 'nav');
        $this->hands->press('a picture', 'aside .sources');
        $this->hands->upload('not a picture', 'notes.png');
        $this->hands->see('use PNG or JPEG');
        $image = imagecreatetruecolor(60, 60);
        imagefill($image, 0, 0, 0x2F5A7E);
        imagefilledrectangle($image, 0, 0, 59, 19, 0xF0B42C);
        ob_start();
        imagepng($image);
        $this->hands->upload((string) ob_get_clean(), 'reference.png');
        $this->hands->see('67 % of the picture');
        $this->hands->pressBeginning('Match it');
        $this->hands->see('or the nearest your shelf can make');
        $this->hands->pressBeginning('Use Open Water', 'aside li');
        $this->hands->see('Open Water');
        $this->hands->press('Back to what to fix');
        $this->hands->see('To fix');
    }

    public function testRunTogetherColoursAreMendedFromADistance(): void
    {
        $this->open('/scheme/1', 'pairs of neighbours');
        $clear = fn (): int => count(
            array_filter(
                (array) json_decode(
                    (string) $this->hands->ask('return fetch("/api/companies/1/scheme").then((r) => r.text());'),
                    true,
                )['pairs'],
                static fn (array $p): bool => $p['verdict'] === 'clear',
            ),
        );
        $before = $clear();
        $this->hands->pressBeginning('Use this for', 'aside');
        $this->hands->until(static fn (): bool => $clear() > $before, 'The pair was not mended');
        $this->hands->choose('Viewing distance', '3 m');
        $this->hands->see('from 3 m');
        $this->hands->choose('Seen as', 'without the green cones');
        $this->hands->press('Keep this as a trial');
        $this->hands->press('Keep the scheme as a trial');
        $this->hands->see('Give the trial a name');
        $this->hands->type('Name of the trial', 'before the storm');
        $this->hands->press('Keep the scheme as a trial');
        $this->hands->choose('How before the storm went', 'it failed');
        $this->hands->press('Use this', 'main');
        $this->hands->see('before the storm');
    }

    public function testTheWeatherIsReadOrTypedWhenTheSensorFails(): void
    {
        $this->open('/undercoat/1', 'Before you start');
        $this->hands->press('Spray weather', 'nav');
        $this->hands->see('Can it be sprayed now?');
        $this->pretends('sensor', 'broken');
        $this->hands->press('Read the climate sensor');
        $this->hands->see('gave nothing usable in 8 tries');
        $this->pretends('sensor', 'cellar');
        $this->hands->press('Read the climate sensor');
        $this->hands->see('The simulated sensor:');
        $this->hands->type('Temperature, °C', 'warm');
        $this->hands->see('Write the temperature as a number');
        $this->hands->type('Temperature, °C', '20');
        $this->hands->type('Humidity, %', '45');
        $this->hands->see('nothing speaks against it');
    }

    public function testTheAngleOfALightSketchChangesWhatIsSeen(): void
    {
        $this->open('/undercoat/1', 'Before you start');
        $this->hands->press('Light sketch', 'nav');
        $this->hands->see('Angle of the light');
        $this->hands->see('% of the light tone');
        $sideways = fn (): string => (string) $this->hands->ask('return document.querySelectorAll(".facings p")[1]?.innerText ?? "";');
        $steep = $sideways();
        $this->hands->ask(
            'const r = document.querySelector("input[type=range]"); r.value = 20; r.dispatchEvent(new Event("input", { bubbles: true }));',
        );
        $this->hands->until(static fn (): bool => $sideways() !== $steep && $sideways() !== '', 'The sides did not change');
        $this->hands->choose('from above', 'Black Ground');
        $this->hands->see('is given for both');
        $this->hands->choose('from above', 'Ivory Ground');
        $this->hands->press('Use this sketch');
        $this->hands->press('Which ground', 'nav');
        $this->hands->see('Your undercoat: Black Ground, then Ivory Ground from 20° above');
    }
}
