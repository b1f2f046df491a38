<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Technique;

use Kalokroma\Film\Application;
use Kalokroma\Film\Finish;

/**
 * The usual figures of every technique, one row each, with its units: {@see TechniqueFacts}. Minutes are hands-on, drying
 * holds at 20 °C and 50 % humidity. Where the craft gives no figure, the starting value is our own and marked so.
 */
final class Vocabulary
{
    private const COVERING = ['opaque', 'semi-opaque'];
    private const THIN = ['wash', 'stain', 'ink', 'opaque', 'semi-opaque'];

    /** @var array<string, array<string, mixed>> what a row does not say stands in {@see self::USUAL} */
    private const ROWS = [
        'undercoat' => ['words' => 'undercoat', 'stage' => 'undercoat', 'lies' => 'spray', 'minutes' => ['cm2', 1.0], 'dry' => 20, 'tool' => 'airbrush', 'takes' => ['primer'], 'phase' => 0,
            'where' => 'The whole figure, in short passes that start and end beside it.'],
        'undercoat-repair' => ['words' => 'undercoat repair', 'stage' => 'undercoat', 'lies' => 'coat', 'use' => 'basecoat', 'minutes' => ['once', 2.0], 'dry' => 8, 'tool' => 'detail-brush', 'takes' => ['primer', 'opaque', 'semi-opaque'], 'phase' => 2,
            'where' => 'Only the gaps where bare material shows, feathered into the ground around them.', 'watch' => 'A spray and a bottle of the same name seldom match: go over the whole face, not only the gap.'],
        'stepping-stone' => ['words' => 'stepping-stone coat', 'stage' => 'basecoat', 'lies' => 'coat', 'use' => 'basecoat', 'counts' => true, 'minutes' => ['cm2', 1.0], 'dry' => 8, 'tool' => 'brush', 'takes' => self::COVERING, 'phase' => 10,
            'where' => 'The whole area, fast and even: it will not be seen, it only lifts the ground.', 'watch' => 'Streaks may stay, ridges may not.'],
        'basecoat' => ['words' => 'basecoat', 'stage' => 'basecoat', 'lies' => 'coat', 'use' => 'basecoat', 'counts' => true, 'minutes' => ['cm2', 1.0], 'dry' => 8, 'tool' => 'brush', 'takes' => self::COVERING, 'phase' => 20,
            'where' => 'The whole area. The first coat may look streaky: leave it, never go back into half-dry paint.', 'watch' => 'Streaky is fine, ridged is not.'],
        'further-coat' => ['words' => 'further coat', 'stage' => 'basecoat', 'lies' => 'coat', 'use' => 'basecoat', 'counts' => true, 'minutes' => ['cm2', 0.7], 'dry' => 8, 'tool' => 'brush', 'takes' => self::COVERING, 'phase' => 20,
            'where' => 'The whole area again; a small brush fills the gaps of the first coat.'],
        'block-in' => ['words' => 'block-in', 'stage' => 'basecoat', 'lies' => 'coat', 'use' => 'basecoat', 'counts' => true, 'minutes' => ['cm2', 0.7], 'dry' => 8, 'tool' => 'brush', 'takes' => self::COVERING, 'phase' => 20,
            'where' => 'Fast and over the lines: what runs over is tidied later.', 'watch' => 'Let no edge dry thick on the neighbour.'],
        'airbrush-coat' => ['words' => 'airbrush coat', 'stage' => 'basecoat', 'lies' => 'spray', 'use' => 'airbrush', 'counts' => true, 'minutes' => ['cm2', 0.15], 'dry' => 8, 'tool' => 'airbrush', 'takes' => self::COVERING, 'phase' => 20, 'needs' => ['airbrush'],
            'where' => 'The whole area before its neighbours are painted, from 5–8 cm at about 1.2 bar; mask what is finished.', 'watch' => 'Let each mist coat turn dull before the next.'],
        'metal-coat' => ['words' => 'metal basecoat', 'stage' => 'basecoat', 'lies' => 'coat', 'use' => 'metallic', 'counts' => true, 'minutes' => ['cm2', 1.0], 'dry' => 8, 'tool' => 'metal-brush', 'takes' => ['metallic'], 'phase' => 20,
            'where' => 'The whole area, with the brush and water kept for metal: flakes wander into other paint.', 'watch' => 'Stir it again every few minutes: the flakes sink.'],
        'painted-metal' => ['words' => 'painted metal', 'stage' => 'layer', 'lies' => 'layer', 'use' => 'layer', 'counts' => true, 'minutes' => ['cm2', 1.5], 'dry' => 8, 'tool' => 'fine', 'takes' => self::COVERING, 'phase' => 45, 'level' => 'finished',
            'where' => 'In bands along the form, dark and light side by side: metal without flakes lives on hard contrasts.', 'watch' => 'Keep the darkest beside the lightest; a soft passage reads as cloth.'],
        'lining' => ['words' => 'lining', 'stage' => 'wash', 'lies' => 'line', 'use' => 'lining', 'face' => 'recess', 'minutes' => ['edge', 0.6], 'dry' => 8, 'tool' => 'detail-brush', 'takes' => ['opaque', 'semi-opaque', 'ink', 'wash'], 'phase' => 30,
            'where' => 'A thin dark line where plates and areas meet; early, so that later colours cut it back.', 'watch' => 'Paint with the tip, pull toward you.'],
        'wash-all-over' => ['words' => 'wash all over', 'stage' => 'wash', 'lies' => 'wash', 'use' => 'wash', 'minutes' => ['cm2', 0.4], 'dry' => 40, 'tool' => 'round', 'takes' => self::THIN, 'phase' => 30,
            'where' => 'The whole area at once; draw pools off the raised parts with a clean, damp brush.', 'watch' => 'No second touch while it dries: it would leave a tide mark.'],
        'recess-line' => ['words' => 'recess line', 'stage' => 'wash', 'lies' => 'recess-line', 'use' => 'wash', 'face' => 'recess', 'minutes' => ['edge', 0.6], 'dry' => 40, 'tool' => 'detail-brush', 'takes' => self::THIN, 'phase' => 30,
            'where' => 'Only along the recesses: touch the line, let it run, wipe the slips at once.'],
        'pin-wash' => ['words' => 'pin wash', 'stage' => 'wash', 'lies' => 'recess-line', 'use' => 'wash', 'face' => 'recess', 'minutes' => ['edge', 0.4], 'dry' => 40, 'tool' => 'detail-brush', 'takes' => self::THIN, 'phase' => 30,
            'where' => 'A drop at each rivet and corner; the recess draws it along.', 'watch' => 'On matt paint it spreads: a gloss or satin surface lets it run.'],
        'stain' => ['words' => 'stain', 'stage' => 'basecoat', 'lies' => 'stain', 'use' => 'stain', 'minutes' => ['cm2', 0.6], 'dry' => 40, 'tool' => 'brush', 'takes' => self::THIN, 'phase' => 20,
            'where' => 'One wet coat over all of it, upper parts last; lift pools off broad faces before they set.', 'watch' => 'Easier to add than to remove: begin thin.'],
        'shade-layer' => ['words' => 'shade layer', 'stage' => 'layer', 'lies' => 'shade', 'use' => 'layer', 'face' => 'recess', 'counts' => true, 'minutes' => ['cm2', 1.5], 'dry' => 8, 'tool' => 'fine', 'takes' => self::COVERING, 'phase' => 32,
            'where' => 'The recesses only, feathered out toward the plane.'],
        'layer' => ['words' => 'layer', 'stage' => 'layer', 'lies' => 'layer', 'use' => 'layer', 'counts' => true, 'minutes' => ['cm2', 1.5], 'dry' => 8, 'tool' => 'fine', 'takes' => self::COVERING, 'phase' => 45, 'level' => 'finished',
            'where' => 'Planes and ridges; leave the recess and about a fifth of the plane beside it.', 'watch' => 'A sliver of the half-covered tone left between two makes the passage softer.'],
        'feathered-layer' => ['words' => 'feathered layer', 'stage' => 'highlight', 'lies' => 'upper-layer', 'use' => 'layer', 'face' => 'ridge', 'counts' => true, 'minutes' => ['cm2', 1.5], 'dry' => 8, 'tool' => 'fine', 'takes' => self::COVERING, 'phase' => 60, 'level' => 'finished',
            'where' => 'The upper parts and ridges; pull each stroke toward the shadow with a clean, damp brush.'],
        'airbrush-fade' => ['words' => 'airbrush fade', 'stage' => 'layer', 'lies' => 'spray-fade', 'use' => 'airbrush', 'counts' => true, 'minutes' => ['cm2', 0.15], 'dry' => 8, 'tool' => 'airbrush', 'takes' => self::COVERING, 'phase' => 40, 'level' => 'finished', 'needs' => ['airbrush'], 'face' => 'ridge',
            'where' => 'From above and a little to the side, 3–5 cm away at about 1 bar, so that the lower parts keep the darker tone.', 'watch' => 'Stop before it looks enough: mist builds up late.'],
        'glaze' => ['words' => 'glaze', 'stage' => 'layer', 'lies' => 'glaze', 'use' => 'glaze', 'minutes' => ['cm2', 0.7], 'dry' => 5, 'tool' => 'fine', 'takes' => self::THIN, 'phase' => 50, 'level' => 'finished',
            'where' => 'Drawn out with a wiped brush; end each stroke where the colour should be strongest.', 'watch' => 'Let every layer dry: a second one into the wet lifts the first.', 'exit' => 'again until it stands strong enough where the strokes end'],
        'filter' => ['words' => 'filter', 'stage' => 'finish', 'lies' => 'filter', 'use' => 'filter', 'minutes' => ['cm2', 0.4], 'dry' => 5, 'tool' => 'brush', 'takes' => self::THIN, 'phase' => 52, 'level' => 'finished',
            'where' => 'One very thin veil over everything, so that different tones draw together.', 'watch' => 'No pools: it tints, it does not shade.'],
        'wet-blend' => ['words' => 'wet blend', 'stage' => 'layer', 'lies' => 'layer', 'use' => 'layer', 'minutes' => ['cm2', 1.5], 'dry' => 8, 'latest' => 5, 'tool' => 'brush', 'takes' => self::COVERING, 'phase' => 45, 'level' => 'finished',
            'where' => 'Two patches side by side, joined at once with a clean, damp brush, then left alone.', 'watch' => 'Join within about five minutes, and stop: worked on, it lifts.'],
        'stipple' => ['words' => 'stipple', 'stage' => 'layer', 'lies' => 'stipple', 'use' => 'layer', 'minutes' => ['cm2', 1.2], 'dry' => 8, 'tool' => 'old-brush', 'takes' => self::COVERING, 'phase' => 55, 'level' => 'finished', 'exit' => 'again, smaller, until bright enough',
            'where' => 'With the tips of the bristles, denser toward the light.'],
        'drybrush' => ['words' => 'drybrush', 'stage' => 'drybrush', 'lies' => 'drybrush', 'use' => 'drybrush', 'face' => 'ridge', 'minutes' => ['cm2', 0.5], 'dry' => 8, 'tool' => 'drybrush', 'takes' => ['opaque', 'semi-opaque', 'metallic'], 'phase' => 40, 'level' => 'finished', 'exit' => 'again, smaller, until bright enough',
            'where' => 'From above over the raised grain, brush nearly dry: wipe nearly all off and test on the base first.', 'watch' => 'Before its neighbours are finished: the dust flies.'],
        'edge-highlight' => ['words' => 'edge highlight', 'stage' => 'highlight', 'lies' => 'edge', 'use' => 'layer', 'face' => 'ridge', 'counts' => true, 'minutes' => ['edge', 0.6], 'dry' => 8, 'tool' => 'detail-brush', 'takes' => ['opaque', 'semi-opaque', 'metallic'], 'phase' => 60, 'level' => 'finished',
            'where' => 'Only the edges that catch light, with the side of the brush; edges first, so that a slip can be covered.'],
        'dot' => ['words' => 'dot of light', 'stage' => 'highlight', 'lies' => 'dot', 'use' => 'layer', 'face' => 'ridge', 'minutes' => ['each', 2.0], 'dry' => 8, 'tool' => 'detail-brush', 'takes' => ['opaque', 'semi-opaque', 'metallic'], 'phase' => 65, 'level' => 'finished',
            'where' => 'One small dot, opposite the glow.'],
        'freehand' => ['words' => 'freehand', 'stage' => 'detail', 'lies' => 'pattern', 'use' => 'lining', 'minutes' => ['cm2', 6.0], 'dry' => 8, 'tool' => 'detail-brush', 'takes' => ['opaque', 'semi-opaque', 'ink', 'metallic'], 'phase' => 65, 'level' => 'showpiece',
            'where' => 'Map the pattern in a dark thin line, fill it, lighten it as the cloth below is lit.', 'watch' => 'Keep the ground colour wet on the palette for slips.'],
        'tidy-up' => ['words' => 'tidy-up', 'stage' => 'detail', 'lies' => 'pattern', 'use' => 'basecoat', 'minutes' => ['edge', 0.3], 'dry' => 8, 'tool' => 'detail-brush', 'takes' => ['opaque', 'semi-opaque', 'metallic'], 'phase' => 66,
            'where' => 'Only the slips over the line, in the colour of the area.', 'watch' => 'As soon as it is dry: later it is forgotten.'],
        'effect-paint' => ['words' => 'effect paint', 'stage' => 'finish', 'lies' => 'stipple', 'use' => 'drybrush', 'minutes' => ['cm2', 0.6], 'dry' => 40, 'tool' => 'old-brush', 'takes' => ['effect', 'texture', 'opaque', 'semi-opaque', 'wash'], 'phase' => 70, 'level' => 'finished',
            'where' => 'In the corners where water stands, dabbed on, more below than above.', 'watch' => 'Less than you think; another dab is always possible.'],
        'chipping-fluid' => ['words' => 'chipping fluid', 'stage' => 'basecoat', 'use' => 'drybrush', 'minutes' => ['cm2', 0.5], 'dry' => 20, 'tool' => 'brush', 'takes' => ['effect'], 'phase' => 22, 'level' => 'finished',
            'where' => 'One thin coat over the colour that shall show through.', 'watch' => 'A varnish under it keeps the water off what lies below.'],
        'chipping-top-coat' => ['words' => 'top coat', 'stage' => 'basecoat', 'lies' => 'coat', 'use' => 'basecoat', 'counts' => true, 'minutes' => ['cm2', 1.0], 'dry' => 15, 'latest' => 60, 'tool' => 'brush', 'takes' => self::COVERING, 'phase' => 24,
            'where' => 'Thin, over the fluid, in one sitting with what follows.', 'watch' => 'Once it has cured it no longer opens.'],
        'chipping-opening' => ['words' => 'opening the chips', 'stage' => 'finish', 'minutes' => ['cm2', 0.8], 'dry' => 8, 'tool' => 'old-brush', 'phase' => 26, 'level' => 'finished', 'reveals' => ['chipping-top-coat'], 'removed' => [0.0, 0.1, 0.35],
            'where' => 'Water on the edges, wait a minute, lift the top coat with a stiff brush.', 'watch' => 'Stop early; it goes on opening while it is wet.'],
        'chips' => ['words' => 'painted chips', 'stage' => 'finish', 'lies' => 'chips', 'use' => 'lining', 'face' => 'ridge', 'minutes' => ['edge', 0.4], 'dry' => 8, 'tool' => 'detail-brush', 'takes' => ['opaque', 'semi-opaque', 'metallic'], 'phase' => 68, 'level' => 'finished',
            'where' => 'Small, uneven marks along edges that knock; a light line below each makes it a hole.'],
        'gloss-varnish' => ['words' => 'gloss varnish', 'stage' => 'finish', 'minutes' => ['cm2', 0.3], 'dry' => 1440, 'tool' => 'flat-brush', 'takes' => ['varnish'], 'phase' => 80, 'level' => 'finished', 'finish' => 'gloss', 'use' => 'drybrush',
            'where' => 'All over, in a thin, even coat: what comes next glides on it.', 'watch' => 'It cures a day before anything goes on it.'],
        'satin-varnish' => ['words' => 'satin varnish', 'stage' => 'finish', 'minutes' => ['cm2', 0.3], 'dry' => 60, 'tool' => 'flat-brush', 'takes' => ['varnish'], 'phase' => 92, 'finish' => 'satin', 'use' => 'drybrush',
            'where' => 'All over, in a thin, even coat.'],
        'matt-varnish' => ['words' => 'matt varnish', 'stage' => 'finish', 'minutes' => ['cm2', 0.3], 'dry' => 60, 'tool' => 'flat-brush', 'takes' => ['varnish'], 'phase' => 92, 'finish' => 'matt', 'use' => 'drybrush',
            'where' => 'All over, in a thin, even coat, after all that has to stick.', 'watch' => 'Damp air frosts it: wait for a dry day.'],
        'gloss-spot' => ['words' => 'gloss spot', 'stage' => 'finish', 'minutes' => ['each', 1.0], 'dry' => 60, 'tool' => 'detail-brush', 'takes' => ['varnish'], 'phase' => 94, 'level' => 'finished', 'finish' => 'gloss', 'use' => 'drybrush',
            'where' => 'Only on what is wet or glass: eye, lens, gem, blood.', 'watch' => 'After the matt varnish, or it is gone again.'],
        'marking' => ['words' => 'marking', 'stage' => 'detail', 'minutes' => ['each', 6.0], 'dry' => 30, 'tool' => 'tweezers', 'phase' => 82, 'level' => 'finished', 'doing' => ['blade'],
            'where' => 'Soaked, slid into place on a drop of setting fluid, pressed out from the middle.', 'watch' => 'On gloss, or air stays under it and shines.'],
        'softener' => ['words' => 'softener', 'stage' => 'detail', 'minutes' => ['each', 1.0], 'dry' => 15, 'tool' => 'small-brush', 'phase' => 83, 'level' => 'finished', 'exit' => 'again until it lies in every line',
            'where' => 'Over the marking; it wrinkles, then draws flat by itself.', 'watch' => 'Hands off while it is wrinkled.'],
        'enamel-wash' => ['words' => 'enamel wash', 'stage' => 'finish', 'lies' => 'wash', 'use' => 'solvent', 'minutes' => ['cm2', 0.4], 'dry' => 60, 'latest' => 120, 'tool' => 'brush', 'takes' => ['enamel'], 'phase' => 85, 'level' => 'finished', 'needs' => ['solvents'], 'doing' => ['solvent'],
            'where' => 'Over the gloss, into lines and corners; it stays workable for hours.', 'watch' => 'It rests one to two hours, then it is wiped.'],
        'oil-wash' => ['words' => 'oil wash', 'stage' => 'finish', 'lies' => 'wash', 'use' => 'solvent', 'minutes' => ['cm2', 0.4], 'dry' => 60, 'latest' => 120, 'tool' => 'brush', 'takes' => ['oil'], 'phase' => 85, 'level' => 'finished', 'needs' => ['solvents'], 'doing' => ['solvent'],
            'where' => 'Over the gloss, into lines and corners; it stays workable for a day.', 'watch' => 'It rests one to two hours, then it is wiped; a day until it is dry.'],
        'wiping' => ['words' => 'wiping', 'stage' => 'finish', 'minutes' => ['cm2', 0.4], 'dry' => 1440, 'tool' => 'swab', 'phase' => 86, 'level' => 'finished', 'reveals' => ['enamel-wash', 'oil-wash'], 'removed' => [0.1, 0.85, 0.95], 'needs' => ['solvents'], 'doing' => ['solvent'],
            'where' => 'A swab hardly damp with solvent, downward along the form, leaving it in the lines.', 'watch' => 'A day before varnish goes over it.'],
        'streak' => ['words' => 'streak', 'stage' => 'finish', 'lies' => 'streak', 'use' => 'drybrush', 'minutes' => ['cm2', 0.2], 'dry' => 10, 'latest' => 60, 'tool' => 'detail-brush', 'takes' => ['oil', 'enamel', 'opaque', 'semi-opaque', 'wash'], 'phase' => 87, 'level' => 'finished',
            'where' => 'Thin lines straight down from edges and rivets.', 'watch' => 'About ten minutes, then blend them.'],
        'streak-blend' => ['words' => 'streaks blended', 'stage' => 'finish', 'minutes' => ['cm2', 0.2], 'dry' => 1440, 'tool' => 'flat-brush', 'phase' => 88, 'level' => 'finished', 'reveals' => ['streak'], 'removed' => [0.2, 0.6, 0.6],
            'where' => 'A clean brush, hardly damp with its thinner, drawn straight down over each streak.'],
        'pigment-powder' => ['words' => 'pigment powder', 'stage' => 'finish', 'lies' => 'dust', 'minutes' => ['cm2', 0.3], 'dry' => 0, 'tool' => 'old-brush', 'takes' => ['pigment'], 'phase' => 93, 'level' => 'finished',
            'where' => 'Dabbed on the lower parts and into corners; fix it with a drop of fixer, or leave it.', 'watch' => 'Varnish swallows it: it comes after the matt coat.'],
        'texture-paste' => ['words' => 'texture paste', 'stage' => 'base', 'lies' => 'paste', 'minutes' => ['cm2', 0.5], 'dry' => 180, 'tool' => 'spatula', 'takes' => ['texture'], 'phase' => 10,
            'where' => 'Spread over the base up to the rim, pressed round the feet.', 'watch' => 'Thick paste dries slowly and sinks: two thin layers beat one.'],
        'grit' => ['words' => 'grit', 'stage' => 'base', 'minutes' => ['cm2', 0.3], 'dry' => 60, 'tool' => 'hands', 'phase' => 11, 'doing' => ['glue'],
            'where' => 'Into thinned glue, pressed, shaken off, sealed with thinned glue when dry.'],
        'tuft' => ['words' => 'tufts', 'stage' => 'base', 'minutes' => ['each', 1.0], 'dry' => 5, 'tool' => 'tweezers', 'phase' => 96, 'doing' => ['glue'],
            'where' => 'In odd numbers, beside stones and in corners, never in the middle.'],
        'rim' => ['words' => 'base rim', 'stage' => 'base', 'lies' => 'edge', 'use' => 'basecoat', 'face' => 'ridge', 'counts' => true, 'minutes' => ['once', 2.0], 'dry' => 8, 'tool' => 'flat-brush', 'takes' => self::COVERING, 'phase' => 99,
            'where' => 'Round the rim in one go, the last paint on the figure.'],
        'gluing' => ['words' => 'gluing the part', 'stage' => 'finish', 'minutes' => ['once', 2.0], 'dry' => 5, 'tool' => 'hands', 'phase' => 90, 'doing' => ['glue'],
            'where' => 'When both sides are done: scrape the paint off the joint, a drop, hold still.'],
        'waiting' => ['words' => 'waiting', 'stage' => 'finish', 'minutes' => ['once', 0.0], 'dry' => 60, 'tool' => 'hands', 'phase' => 50,
            'where' => 'Hands off: work on something else.'],
    ];

    private const USUAL = [
        'lies' => null, 'use' => '', 'face' => 'plane', 'counts' => false, 'latest' => null, 'takes' => [], 'level' => 'fieldable', 'watch' => '', 'exit' => '',
        'reveals' => [], 'removed' => [0.0, 0.0, 0.0], 'finish' => null, 'needs' => [], 'doing' => [],
    ];

    /** @var array<string, TechniqueFacts> */
    private static array $made = [];

    public static function of(Technique $technique): TechniqueFacts
    {
        return self::$made[$technique->value] ??= self::make($technique->value);
    }

    private static function make(string $technique): TechniqueFacts
    {
        /** @var array{words: string, stage: string, where: string, lies: string|null, use: string, face: string, counts: bool, minutes: array{string, float}, dry: int, latest: int|null, tool: string, takes: list<string>, phase: int, level: string, watch: string, exit: string, reveals: list<string>, removed: array{float, float, float}, finish: string|null, needs: list<string>, doing: list<string>} $row */
        $row = [...self::USUAL, ...self::ROWS[$technique]];

        return new TechniqueFacts(
            $row['words'],
            Stage::from($row['stage']),
            $row['where'],
            $row['lies'] === null ? null : Application::from($row['lies']),
            $row['use'],
            $row['face'],
            $row['counts'],
            $row['minutes'],
            $row['dry'],
            $row['latest'],
            $row['tool'],
            $row['takes'],
            $row['phase'],
            Level::from($row['level']),
            $row['watch'],
            $row['exit'],
            $row['reveals'],
            $row['removed'],
            $row['finish'] === null ? null : Finish::from($row['finish']),
            $row['needs'],
            $row['doing'],
        );
    }
}
