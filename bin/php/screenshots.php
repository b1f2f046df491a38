<?php

declare(strict_types=1);

use Tests\Browser\Support\Hands;
use Tests\Browser\Support\Studio;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$pictures = [
    'shelf' => ['/shelf', 'light', 'Coats it takes', "document.querySelectorAll('section button')[20].click()"],
    'buy' => ['/buy', 'light', 'The cheapest', ''],
    'figures' => ['/figures/1', 'light', 'A few questions', ''],
    'scheme' => ['/scheme/1', 'light', 'Colours side by side', ''],
    'undercoat' => ['/undercoat/1', 'light', 'Before you start', ''],
    'recipe' => ['/recipe/4', 'light', 'Left out, and why', ''],
    'compare' => ['/compare/1?area=8&b%5Bway%5D=glazes', 'light', 'Difference on the plane', ''],
    'told' => [
        '/recipe/29',
        'light',
        'Type it in your own words',
        "const t = document.querySelector('textarea'); t.value = ['base of Harbour Grey, two thin coats', "
            ."'Squall Blue 1:3 with medium in the recesses', 'let it dry', "
            ."'Harbour Grey again on the raised parts, about 70 %', 'Harbour Grey and Fog Grey 2:1, the upper edges of the folds', "
            ."'the same mix with 2 more drops Fog Grey', 'edge with Pale Horizon, thin line', "
            ."'glaze Squall Blue 1:8 into the lower third', 'Pale Horizon dots on the corners only', "
            ."'matt varnish, two light coats'].join('\\n'); "
            ."t.dispatchEvent(new Event('input', {bubbles: true})); "
            ."setTimeout(() => { const o = document.querySelector('ol[aria-label=\"As it is read\"]'); o?.scrollIntoView(); "
            .'window.scrollBy(0, -130); }, 1100);',
    ],
    'list' => [
        '/add-paints/words',
        'light',
        'Type or paste your paints',
        "const t = document.querySelector('textarea'); t.value = ['Black primer spray', 'Purple spray', "
            ."'Sepia wash (half full, drawer 2)', 'Navy 17ml x2', 'Rust Enamel Wash - rust brown', 'gun metal, silver, copper', "
            ."'Decal fixer - setting fluid', "
            ."'the good brown, lid cracked', 'glaze medium 60ml'].join('\\n'); t.dispatchEvent(new Event('input', {bubbles: true}));",
    ],
    'recipe-book' => ['/book', 'light', 'Use on a figure', ''],
    'running-order' => ['/order/1', 'light', 'colour of a block', "document.querySelectorAll('details').forEach((d) => (d.open = false))"],
    'bench' => ['/bench/1/4', 'dark', 'This device', 'window.scrollTo(0, 0);'],
    'paint' => ['/shelf/PAINT', 'light', 'Its colour was', ''],
    'tables-match' => ['/tables/match?colour=%234a626c&paints=3', 'light', 'looked through', ''],
    'ledger' => ['/ledger', 'light', 'Painting log', ''],
    // In the middle of an evening, which is put there before the first of them.
    'tonight' => ['/tonight', 'light', 'Not mended yet', ''],
    'fetch' => ['SITTING', 'light', 'Fetch for', ''],
    'row' => ['/bench/1', 'dark', 'This device', ''],
];
$folder = dirname(__DIR__, 2).'/docs/screenshots';
if (!is_dir($folder)) {
    mkdir($folder, recursive: true);
}
$studio = new Studio();
$hands = new Hands($studio);
try {
    $studio->visit('/');
    $hands->press('Enter the sample workshop');
    $hands->see('Drying');
    $ids = (string) $hands->ask(
        "return fetch('/api/shelf').then((r) => r.json()).then((s) => ['Wet Slate', 'Signal Orange', 'Chalk'].map((n) "
            ."=> s.paints.find((p) => p.name === n).id).join(','));",
    );
    $hands->ask(
        "return fetch('/api/prices', "
            ."{method: 'POST', headers: {Accept: 'application/json', "
        ."'X-XSRF-TOKEN': decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1])}}).then((r) => r.status);",
    );
    [$slate, $orange, $chalk] = explode(',', $ids);
    $pictures['paint'][0] = '/shelf/'.$orange;
    $studio->visit('/shelf/'.$orange);
    $hands->press('Measure a test swatch');
    $hands->type('Paint over black', '44 31 44');
    $hands->type('Paint over white', '60 46 71');
    $hands->press('Work it out');
    $hands->see('Its colour was');
    foreach ([[$slate, 'clearly', 'duller'], [$chalk, 'a little', 'yellower']] as [$other, $degree, $direction]) {
        $studio->visit("/tables/thin?mix=$orange*1%2B$other*1");
        $hands->press('How did it come out?');
        $hands->choose('It is', $degree);
        $hands->choose('Which way', $direction);
        $hands->press('Learn from it');
        $hands->see('Learned: it was');
    }
    foreach ($pictures as $name => [$page, $surround, $arrived, $script]) {
        $studio->browser->executeScript(
            "localStorage.setItem('kalokroma.surround', '$surround'); localStorage.setItem('kalokroma.surround.bench', '$surround');",
        );
        if ($name === 'tonight') {
            $studio->artisan('kalokroma:demo', '--tonight');
        }
        if ($page === 'SITTING') {
            $page = '/sitting/'.$hands->ask("return fetch('/api/tonight').then((r) => r.json()).then((t) => t.sitting.id);");
        }
        $studio->browser->get('about:blank');
        $studio->visit($page);
        $hands->see($arrived);
        if ($script !== '') {
            $hands->ask($script);
        }
        usleep(['told' => 2_500_000, 'list' => 2_500_000][$name] ?? 1_500_000);
        $studio->browser->takeScreenshot("$folder/$name.png");
        echo "docs/screenshots/$name.png\n";
    }
    firstTenMinutes($studio, $hands, $folder);
} finally {
    $studio->close();
}

/** A workshop of one's own, from an empty shelf to recipes for a whole figure. */
function firstTenMinutes(Studio $studio, Hands $hands, string $folder): void
{
    $studio->browser->executeScript("localStorage.setItem('kalokroma.surround', 'light');");
    $studio->visit('/shelf');
    $hands->press('Sign out');
    $hands->see('Make your workshop');
    $hands->type('Your name', 'Reed warden');
    $hands->type('A password, 8 characters or more', 'long enough');
    $hands->press('Make my workshop');
    $hands->see('From an empty shelf');
    $studio->visit('/add-paints/common');
    $hands->see('Browns and skin');
    $hands->ask("document.querySelectorAll('main input[type=checkbox]').forEach((box) => box.click()); return 1;");
    $hands->press('Add 40 paints');
    $hands->see('40 paints added');
    $studio->visit('/figures');
    $hands->press('Add a figure', 'main');
    $hands->type('Name', 'Reed warden');
    $hands->see('100 % of the surface is shared out');
    $hands->press('Save figure');
    $hands->see('Use your own drawing');
    $hands->press('Yes, add a lining');
    $hands->press('Yes, add a gem');
    $hands->press('Choose the colours');
    $hands->press('Propose colours');
    $hands->pressBeginning('Use this scheme 2');
    $hands->press('Draft all areas', 'aside');
    $hands->see('12 areas drafted');
    usleep(1_500_000);
    $studio->browser->takeScreenshot($folder.'/all-drafted.png');
    echo "docs/screenshots/all-drafted.png\n";
}
