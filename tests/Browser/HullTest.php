<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Hands;
use Tests\Browser\Support\Studio;

/** What has to follow in time, in evenings that are too short for all of it at once. */
final class HullTest extends TestCase
{
    private const SEND = 'const send = (how, path, body) => fetch("/api/" + path, {method: how, body: JSON.stringify(body), headers: '
        .'{Accept: "application/json", "Content-Type": "application/json", '
        .'"X-XSRF-TOKEN": decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1])}}).then((r) => r.json()); ';

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

    /** Two enamel washes over 600 cm² in evenings of 2 h 30: panel by panel, nothing left over, and each panel is ticked off by itself. */
    public function testAHullWithTwoWashesInShortEvenings(): void
    {
        $company = $this->company('Salt hull', 1, 600, 'gloss varnish\nenamel wash: Tide Line Grime in the recesses\n'
            .'enamel wash: Tide Line Grime all over\nwiping\nmatt varnish');
        $this->studio->browser->get('about:blank');
        $this->studio->visit('/order/'.$company);
        $this->hands->see('sittings: Salt hull');
        $this->hands->see('Hull: gloss varnish, panel 1 of 2');
        $this->hands->seeNot('Left over');
        $this->hands->seeNot('cannot');

        $this->hands->press('Start at the Bench');
        $this->hands->see('gloss varnish, panel 1 of 2');
        $this->hands->press('Start: Undercoat');
        $this->hands->press('Done on figure 1');
        $this->hands->see('Panel 1 done on figure 1');
        $this->hands->pressBeginning('Panel 1 done on figure 1');
        $this->hands->until(fn (): bool => $this->passes($company) === 2, 'the first panel is not written down');
        self::assertSame([], $this->hands->complaints());
    }

    /** Five soldiers with chipping fluid: as many at a time as are opened while they can be. */
    public function testFiveSoldiersChipped(): void
    {
        $company = $this->company('Marsh soldiers', 5, 18, 'basecoat Wet Slate\nchipping fluid\nSignal Orange\n'
            .'open the chips');
        $this->studio->browser->get('about:blank');
        $this->studio->visit('/order/'.$company);
        $this->hands->see('sitting');
        $this->hands->ask("document.querySelectorAll('details').forEach((each) => (each.open = true)); return 1;");
        $this->hands->see('opening the chips');
        $this->hands->seeNot('Left over');
        $this->hands->seeNot('too late');
        self::assertSame([], $this->hands->complaints());
    }

    /** @return int id of a company of one area, with this recipe, and evenings of 2 h 30 */
    private function company(string $name, int $count, int $cm2, string $told): int
    {
        $days = '["monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"]';

        return (int) $this->hands->ask(self::SEND.'return (async () => { '
            ."const made = await send('POST', 'companies', {name: '$name', count: $count, leaders: 0, height_mm: 60, surface_cm2: $cm2, "
            ."areas: [{name: 'Hull', material: 'lacquered-metal', relief: 'plate', share: 100, depth: 1, weight: 'leading', "
            ."colour: '#4a626c'}]}); "
            ."await send('POST', `areas/\${made.areas[0].id}/recipe/told`, {text: '$told'}); "
            .'const order = await fetch(`/api/companies/${made.id}/order?first=1`).then((r) => r.json()); '
            ."await send('PUT', `companies/\${made.id}/order`, {version: order.version, "
            ."free: {zone: 'Europe/Lisbon', weekly: [{days: $days, from: '19:00', to: '21:30'}]}}); return made.id; })();");
    }

    /** Which panel of the varnish is next at the Bench; 0 where it is over. */
    private function passes(int $company): int
    {
        return (int) $this->hands->ask("return fetch('/api/companies/$company/bench').then((r) => r.json()).then((bench) => "
            ."bench.steps.find((step) => step.key === 'gloss-varnish').pass.number);");
    }
}
