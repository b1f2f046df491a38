<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Technique;

use Kalokroma\Film\Application;
use Kalokroma\Film\Face;
use Kalokroma\Film\Sheen;
use Kalokroma\Shelf\Behaviour;

/**
 * The usual figures of every technique, one row each, with its units: {@see TechniqueFacts}. Minutes are hands-on, drying
 * holds at 20 °C and 50 % humidity. Where the craft gives no figure, the starting value is our own.
 *
 * @phpstan-type Row array{
 *   words: string, stage: Stage, at: Position, where: string, effort: array{string, float}, dry: int, tool: string,
 *   level?: Level, lies?: Application, use?: string, face?: Face, counts?: bool, sheen?: Sheen, latest?: int,
 *   takes?: list<Behaviour>, watch?: string, exit?: string, reveals?: list<Technique>, removed?: array{float, float, float},
 *   needs?: list<string>, doing?: list<string>,
 * }
 */
final class Vocabulary
{
    private const COVERING = [Behaviour::Opaque, Behaviour::SemiOpaque];
    private const COVERING_OR_METALLIC = [...self::COVERING, Behaviour::Metallic];
    private const THIN = [Behaviour::Wash, Behaviour::Stain, Behaviour::Ink, ...self::COVERING];

    /** What a row does not say is as in {@see TechniqueFacts}. */
    private const ROWS = [
        'undercoat' => [
            'words' => 'undercoat', 'stage' => Stage::Undercoat, 'at' => Position::Undercoat,
            'lies' => Application::Spray,
            'effort' => ['cm2', 1.0], 'dry' => 20, 'tool' => 'airbrush', 'takes' => [Behaviour::Primer],
            'where' => 'The whole figure, in short passes that start and end beside it.',
        ],
        'undercoat-repair' => [
            'words' => 'undercoat repair', 'stage' => Stage::Undercoat, 'at' => Position::Repair,
            'lies' => Application::Coat, 'use' => 'basecoat',
            'effort' => ['once', 2.0], 'dry' => 8, 'tool' => 'detail-brush',
            'takes' => [Behaviour::Primer, Behaviour::Opaque, Behaviour::SemiOpaque],
            'where' => 'Only the gaps where bare material shows, feathered into the ground around them.',
            'watch' => 'A spray and a bottle of the same name seldom match: go over the whole face, not only the gap.',
        ],
        'stepping-stone' => [
            'words' => 'stepping-stone coat', 'stage' => Stage::Basecoat, 'at' => Position::SteppingStone,
            'lies' => Application::Coat, 'use' => 'basecoat', 'counts' => true,
            'effort' => ['cm2', 1.0], 'dry' => 8, 'tool' => 'brush', 'takes' => self::COVERING,
            'where' => 'The whole area, fast and even: it will not be seen, it only lifts the ground.',
            'watch' => 'Streaks may stay, ridges may not.',
        ],
        'basecoat' => [
            'words' => 'basecoat', 'stage' => Stage::Basecoat, 'at' => Position::Base,
            'lies' => Application::Coat, 'use' => 'basecoat', 'counts' => true,
            'effort' => ['cm2', 1.0], 'dry' => 8, 'tool' => 'brush', 'takes' => self::COVERING,
            'where' => 'The whole area. The first coat may look streaky: leave it, never go back into half-dry paint.',
            'watch' => 'Streaky is fine, ridged is not.',
        ],
        'further-coat' => [
            'words' => 'further coat', 'stage' => Stage::Basecoat, 'at' => Position::FurtherCoat,
            'lies' => Application::Coat, 'use' => 'basecoat', 'counts' => true,
            'effort' => ['cm2', 0.7], 'dry' => 8, 'tool' => 'brush', 'takes' => self::COVERING,
            'where' => 'The whole area again; a small brush fills the gaps of the first coat.',
        ],
        'block-in' => [
            'words' => 'block-in', 'stage' => Stage::Basecoat, 'at' => Position::Base,
            'lies' => Application::Coat, 'use' => 'basecoat', 'counts' => true,
            'effort' => ['cm2', 0.7], 'dry' => 8, 'tool' => 'brush', 'takes' => self::COVERING,
            'where' => 'Fast and over the lines: what runs over is tidied later.',
            'watch' => 'Let no edge dry thick on the neighbour.',
        ],
        'airbrush-coat' => [
            'words' => 'airbrush coat', 'stage' => Stage::Basecoat, 'at' => Position::Base,
            'lies' => Application::Spray, 'use' => 'airbrush', 'counts' => true,
            'effort' => ['cm2', Defaults::SPRAY_MINUTES_PER_CM2], 'dry' => 8, 'tool' => 'airbrush', 'takes' => self::COVERING,
            'needs' => ['airbrush'],
            'where' => 'The whole area before its neighbours are painted, from 5–8 cm at about 1.2 bar; mask what is finished.',
            'watch' => 'Let each mist coat turn dull before the next.',
        ],
        'metal-coat' => [
            'words' => 'metal basecoat', 'stage' => Stage::Basecoat, 'at' => Position::Base,
            'lies' => Application::Coat, 'use' => 'metallic', 'counts' => true,
            'effort' => ['cm2', 1.0], 'dry' => 8, 'tool' => 'metal-brush', 'takes' => [Behaviour::Metallic],
            'where' => 'The whole area, with the brush and water kept for metal: flakes wander into other paint.',
            'watch' => 'Stir it again every few minutes: the flakes sink.',
        ],
        'painted-metal' => [
            'words' => 'painted metal', 'stage' => Stage::Layer, 'at' => Position::Layer, 'level' => Level::Finished,
            'lies' => Application::Layer, 'use' => 'layer', 'counts' => true, 'most' => 3,
            'effort' => ['cm2', 1.5], 'dry' => 8, 'tool' => 'fine', 'takes' => self::COVERING,
            'where' => 'In bands along the form, dark and light side by side: metal without flakes lives on hard contrasts.',
            'watch' => 'Keep the darkest beside the lightest; a soft change reads as cloth.',
        ],
        'lining' => [
            'words' => 'lining', 'stage' => Stage::Wash, 'at' => Position::Line,
            'lies' => Application::Line, 'use' => 'lining', 'face' => Face::Recess,
            'effort' => ['edge', 0.6], 'dry' => 8, 'tool' => 'detail-brush',
            'takes' => [Behaviour::Opaque, Behaviour::SemiOpaque, Behaviour::Ink, Behaviour::Wash],
            'where' => 'A thin dark line where plates and areas meet; early, so that later colours cut it back.',
            'watch' => 'Paint with the tip, pull toward you.',
        ],
        'wash-all-over' => [
            'words' => 'wash all over', 'stage' => Stage::Wash, 'at' => Position::Wash,
            'lies' => Application::Wash, 'use' => 'wash',
            'effort' => ['cm2', 0.4], 'dry' => 40, 'tool' => 'round', 'takes' => self::THIN,
            'where' => 'The whole area at once; draw pools off the raised parts with a clean, damp brush.',
            'watch' => 'No second touch while it dries: it would leave a tide mark.',
        ],
        'recess-line' => [
            'words' => 'recess line', 'stage' => Stage::Wash, 'at' => Position::Wash,
            'lies' => Application::RecessLine, 'use' => 'wash', 'face' => Face::Recess,
            'effort' => ['edge', 0.6], 'dry' => 40, 'tool' => 'detail-brush', 'takes' => self::THIN,
            'where' => 'Only along the recesses: touch the line, let it run, wipe the slips at once.',
        ],
        'pin-wash' => [
            'words' => 'pin wash', 'stage' => Stage::Wash, 'at' => Position::Pin,
            'lies' => Application::RecessLine, 'use' => 'wash', 'face' => Face::Recess,
            'effort' => ['edge', 0.4], 'dry' => 40, 'tool' => 'detail-brush', 'takes' => self::THIN,
            'where' => 'A drop at each rivet and corner; the recess draws it along.',
            'watch' => 'On matt paint it spreads: a gloss or satin surface lets it run.',
        ],
        'stain' => [
            'words' => 'stain', 'stage' => Stage::Basecoat, 'at' => Position::Base,
            'lies' => Application::Stain, 'use' => 'stain',
            'effort' => ['cm2', 0.6], 'dry' => 40, 'tool' => 'brush', 'takes' => self::THIN,
            'where' => 'One wet coat over all of it, upper parts last; lift pools off broad faces before they set.',
            'watch' => 'Easier to add than to remove: begin thin.',
        ],
        'shade-layer' => [
            'words' => 'shade layer', 'stage' => Stage::Layer, 'at' => Position::ShadeLayer,
            'lies' => Application::Shade, 'use' => 'layer', 'face' => Face::Recess, 'counts' => true, 'most' => 3,
            'effort' => ['cm2', 1.5], 'dry' => 8, 'tool' => 'fine', 'takes' => self::COVERING,
            'where' => 'The recesses only, feathered out toward the plane.',
        ],
        'layer' => [
            'words' => 'layer', 'stage' => Stage::Layer, 'at' => Position::Layer, 'level' => Level::Finished,
            'lies' => Application::Layer, 'use' => 'layer', 'counts' => true, 'most' => 3,
            'effort' => ['cm2', 1.5], 'dry' => 8, 'tool' => 'fine', 'takes' => self::COVERING,
            'where' => 'Planes and ridges; leave the recess and about a fifth of the plane beside it.',
            'watch' => 'Leave a sliver of the half-covered tone between the two: the change looks softer.',
        ],
        'feathered-layer' => [
            'words' => 'feathered layer', 'stage' => Stage::Highlight, 'at' => Position::Highlight, 'level' => Level::Finished,
            'lies' => Application::UpperLayer, 'use' => 'layer', 'face' => Face::Ridge, 'counts' => true, 'most' => 2,
            'effort' => ['cm2', 1.5], 'dry' => 8, 'tool' => 'fine', 'takes' => self::COVERING,
            'where' => 'The upper parts and ridges; pull each stroke toward the shadow with a clean, damp brush.',
        ],
        'airbrush-fade' => [
            'words' => 'airbrush fade', 'stage' => Stage::Layer, 'at' => Position::Fade, 'level' => Level::Finished,
            'lies' => Application::SprayFade, 'use' => 'airbrush', 'face' => Face::Ridge, 'counts' => true, 'most' => 3,
            'effort' => ['cm2', Defaults::SPRAY_MINUTES_PER_CM2], 'dry' => 8, 'tool' => 'airbrush', 'takes' => self::COVERING,
            'needs' => ['airbrush'],
            'where' => 'From above and a little to the side, 3–5 cm away at about 1 bar, so that the lower '
                .'parts keep the darker tone.',
            'watch' => 'Stop before it looks enough: mist builds up late.',
        ],
        'glaze' => [
            'words' => 'glaze', 'stage' => Stage::Layer, 'at' => Position::Glaze, 'level' => Level::Finished,
            'lies' => Application::Glaze, 'use' => 'glaze',
            'effort' => ['cm2', 0.7], 'dry' => 5, 'tool' => 'fine', 'takes' => self::THIN,
            'where' => 'Drawn out with a wiped brush; end each stroke where the colour should be strongest.',
            'watch' => 'Let every layer dry: a second one into the wet lifts the first.',
            'exit' => 'again until it is strong enough where the strokes end',
        ],
        'filter' => [
            'words' => 'filter', 'stage' => Stage::Finish, 'at' => Position::Filter, 'level' => Level::Finished,
            'lies' => Application::Filter, 'use' => 'filter',
            'effort' => ['cm2', 0.4], 'dry' => 5, 'tool' => 'brush', 'takes' => self::THIN,
            'where' => 'One very thin veil over everything, so that different tones draw together.',
            'watch' => 'No pools: it tints, it does not shade.',
        ],
        'wet-blend' => [
            'words' => 'wet blend', 'stage' => Stage::Layer, 'at' => Position::Layer, 'level' => Level::Finished,
            'lies' => Application::Layer, 'use' => 'layer',
            'effort' => ['cm2', 1.5], 'dry' => 8, 'latest' => 5, 'tool' => 'brush', 'takes' => self::COVERING,
            'where' => 'Two patches side by side, joined at once with a clean, damp brush, then left alone.',
            'watch' => 'Join within about five minutes, and stop: worked on, it lifts.',
        ],
        'stipple' => [
            'words' => 'stipple', 'stage' => Stage::Layer, 'at' => Position::Stipple, 'level' => Level::Finished,
            'lies' => Application::Stipple, 'use' => 'layer',
            'effort' => ['cm2', 1.2], 'dry' => 8, 'tool' => 'old-brush', 'takes' => self::COVERING,
            'where' => 'With the tips of the bristles, denser toward the light.',
            'exit' => 'again, smaller, until bright enough',
        ],
        'drybrush' => [
            'words' => 'drybrush', 'stage' => Stage::Drybrush, 'at' => Position::Drybrush, 'level' => Level::Finished,
            'lies' => Application::Drybrush, 'use' => 'drybrush', 'face' => Face::Ridge,
            'effort' => ['cm2', 0.5], 'dry' => 8, 'tool' => 'drybrush', 'takes' => self::COVERING_OR_METALLIC,
            'where' => 'From above over the raised grain, brush nearly dry: wipe nearly all off and test on the base first.',
            'watch' => 'Before its neighbours are finished: the dust flies.',
            'exit' => 'again, smaller, until bright enough',
        ],
        'edge-highlight' => [
            'words' => 'edge highlight', 'stage' => Stage::Highlight, 'at' => Position::Edge, 'level' => Level::Finished,
            'lies' => Application::Edge, 'use' => 'layer', 'face' => Face::Ridge, 'counts' => true, 'most' => 2,
            'effort' => ['edge', 0.6], 'dry' => 8, 'tool' => 'detail-brush', 'takes' => self::COVERING_OR_METALLIC,
            'where' => 'Only the edges that catch light, with the side of the brush; edges first, so that a slip can be covered.',
        ],
        'dot' => [
            'words' => 'dot of light', 'stage' => Stage::Highlight, 'at' => Position::Dot, 'level' => Level::Finished,
            'lies' => Application::Dot, 'use' => 'layer', 'face' => Face::Ridge,
            'effort' => ['each', 2.0], 'dry' => 8, 'tool' => 'detail-brush', 'takes' => self::COVERING_OR_METALLIC,
            'where' => 'One small dot, opposite the glow.',
        ],
        'freehand' => [
            'words' => 'freehand', 'stage' => Stage::Detail, 'at' => Position::Freehand, 'level' => Level::Showpiece,
            'lies' => Application::Pattern, 'use' => 'lining',
            'effort' => ['cm2', 6.0], 'dry' => 8, 'tool' => 'detail-brush',
            'takes' => [Behaviour::Opaque, Behaviour::SemiOpaque, Behaviour::Ink, Behaviour::Metallic],
            'where' => 'Map the pattern in a dark thin line, fill it, lighten it as the cloth below is lit.',
            'watch' => 'Keep the ground colour wet on the palette for slips.',
        ],
        'tidy-up' => [
            'words' => 'tidy-up', 'stage' => Stage::Detail, 'at' => Position::TidyUp,
            'lies' => Application::Pattern, 'use' => 'basecoat', 'counts' => true,
            'effort' => ['edge', 0.3], 'dry' => 8, 'tool' => 'detail-brush', 'takes' => self::COVERING_OR_METALLIC,
            'where' => 'Only the slips over the line, in the colour of the area.',
            'watch' => 'As soon as it is dry: later it is forgotten.',
        ],
        'effect-paint' => [
            'words' => 'effect paint', 'stage' => Stage::Finish, 'at' => Position::Effect, 'level' => Level::Finished,
            'lies' => Application::Stipple, 'use' => 'drybrush',
            'effort' => ['cm2', 0.6], 'dry' => 40, 'tool' => 'old-brush',
            'takes' => [Behaviour::Effect, Behaviour::Texture, Behaviour::Opaque, Behaviour::SemiOpaque, Behaviour::Wash],
            'where' => 'In the corners where water stands, dabbed on, more below than above.',
            'watch' => 'Less than you think; another dab is always possible.',
        ],
        'chipping-fluid' => [
            'words' => 'chipping fluid', 'stage' => Stage::Basecoat, 'at' => Position::ChippingFluid, 'level' => Level::Finished,
            'use' => 'drybrush',
            'effort' => ['cm2', 0.5], 'dry' => 20, 'tool' => 'brush', 'takes' => [Behaviour::Effect],
            'where' => 'One thin coat over the colour that will show through.',
            'watch' => 'A varnish under it keeps the water off what is below.',
        ],
        'chipping-top-coat' => [
            'words' => 'top coat', 'stage' => Stage::Basecoat, 'at' => Position::TopCoat,
            'lies' => Application::Coat, 'use' => 'basecoat', 'counts' => true,
            'effort' => ['cm2', 1.0], 'dry' => 15, 'latest' => 60, 'tool' => 'brush', 'takes' => self::COVERING,
            'where' => 'Thin, over the fluid, in one sitting with what follows.',
            'watch' => 'Once it has cured it no longer opens.',
        ],
        'chipping-opening' => [
            'words' => 'opening the chips', 'stage' => Stage::Finish, 'at' => Position::Opening, 'level' => Level::Finished,
            'effort' => ['cm2', 0.8], 'dry' => 8, 'tool' => 'old-brush',
            'reveals' => [Technique::ChippingTopCoat], 'removed' => [0.0, 0.1, 0.35],
            'where' => 'Water on the edges, wait a minute, lift the top coat with a stiff brush.',
            'watch' => 'Stop early; it goes on opening while it is wet.',
        ],
        'chips' => [
            'words' => 'painted chips', 'stage' => Stage::Finish, 'at' => Position::Chips, 'level' => Level::Finished,
            'lies' => Application::Chips, 'use' => 'lining', 'face' => Face::Ridge,
            'effort' => ['edge', 0.4], 'dry' => 8, 'tool' => 'detail-brush', 'takes' => self::COVERING_OR_METALLIC,
            'where' => 'Small, uneven marks along edges that knock; a light line below each makes it a hole.',
        ],
        'gloss-varnish' => [
            'words' => 'gloss varnish', 'stage' => Stage::Finish, 'at' => Position::Gloss, 'level' => Level::Finished,
            'use' => 'drybrush', 'sheen' => Sheen::Gloss,
            'effort' => ['cm2', 0.3], 'dry' => 1440, 'tool' => 'flat-brush', 'takes' => [Behaviour::Varnish],
            'where' => 'All over, in a thin, even coat: what comes next glides on it.',
            'watch' => 'It cures a day before anything goes on it.',
        ],
        'satin-varnish' => [
            'words' => 'satin varnish', 'stage' => Stage::Finish, 'at' => Position::Satin,
            'use' => 'drybrush', 'sheen' => Sheen::Satin,
            'effort' => ['cm2', 0.3], 'dry' => 60, 'tool' => 'flat-brush', 'takes' => [Behaviour::Varnish],
            'where' => 'All over, in a thin, even coat.',
        ],
        'matt-varnish' => [
            'words' => 'matt varnish', 'stage' => Stage::Finish, 'at' => Position::Matt,
            'use' => 'drybrush', 'sheen' => Sheen::Matt,
            'effort' => ['cm2', 0.3], 'dry' => 60, 'tool' => 'flat-brush', 'takes' => [Behaviour::Varnish],
            'where' => 'All over, in a thin, even coat, after all that has to stick.',
            'watch' => 'Damp air frosts it: wait for a dry day.',
        ],
        'gloss-spot' => [
            'words' => 'gloss spot', 'stage' => Stage::Finish, 'at' => Position::GlossSpot, 'level' => Level::Finished,
            'use' => 'drybrush', 'sheen' => Sheen::Gloss,
            'effort' => ['each', 1.0], 'dry' => 60, 'tool' => 'detail-brush', 'takes' => [Behaviour::Varnish],
            'where' => 'Only on what is wet or glass: eye, lens, gem, blood.',
            'watch' => 'After the matt varnish, or it is gone again.',
        ],
        'marking' => [
            'words' => 'marking', 'stage' => Stage::Detail, 'at' => Position::Marking, 'level' => Level::Finished,
            'effort' => ['each', 6.0], 'dry' => 30, 'tool' => 'tweezers',
            'doing' => ['blade'],
            'where' => 'Soaked, slid into place on a drop of setting fluid, pressed out from the middle.',
            'watch' => 'On gloss, or air stays under it and shines.',
        ],
        'softener' => [
            'words' => 'softener', 'stage' => Stage::Detail, 'at' => Position::Softener, 'level' => Level::Finished,
            'effort' => ['each', 1.0], 'dry' => 15, 'tool' => 'small-brush',
            'where' => 'Over the marking; it wrinkles, then draws flat by itself.',
            'watch' => 'Hands off while it is wrinkled.',
            'exit' => 'again until it is in every line',
        ],
        'enamel-wash' => [
            'words' => 'enamel wash', 'stage' => Stage::Finish, 'at' => Position::SolventWash, 'level' => Level::Finished,
            'lies' => Application::Wash, 'use' => 'solvent',
            'effort' => ['cm2', 0.05], 'dry' => 60, 'latest' => 120, 'tool' => 'brush', 'takes' => [Behaviour::Enamel],
            'needs' => ['solvents'], 'doing' => ['solvent'],
            'where' => 'Over the gloss, into lines and corners; it stays workable for hours.',
            'watch' => 'It rests one to two hours, then it is wiped.',
        ],
        'oil-wash' => [
            'words' => 'oil wash', 'stage' => Stage::Finish, 'at' => Position::SolventWash, 'level' => Level::Finished,
            'lies' => Application::Wash, 'use' => 'solvent',
            'effort' => ['cm2', 0.05], 'dry' => 60, 'latest' => 120, 'tool' => 'brush', 'takes' => [Behaviour::Oil],
            'needs' => ['solvents'], 'doing' => ['solvent'],
            'where' => 'Over the gloss, into lines and corners; it stays workable for a day.',
            'watch' => 'It rests one to two hours, then it is wiped; a day until it is dry.',
        ],
        'wiping' => [
            'words' => 'wiping', 'stage' => Stage::Finish, 'at' => Position::Wiping, 'level' => Level::Finished,
            'effort' => ['cm2', 0.1], 'dry' => 1440, 'tool' => 'swab',
            'reveals' => [Technique::EnamelWash, Technique::OilWash], 'removed' => [0.1, 0.85, 0.95],
            'needs' => ['solvents'], 'doing' => ['solvent'],
            'where' => 'A swab hardly damp with solvent, downward along the form, leaving it in the lines.',
            'watch' => 'A day before varnish goes over it.',
        ],
        'streak' => [
            'words' => 'streak', 'stage' => Stage::Finish, 'at' => Position::Streak, 'level' => Level::Finished,
            'lies' => Application::Streak, 'use' => 'drybrush',
            'effort' => ['cm2', 0.2], 'dry' => 10, 'latest' => 60, 'tool' => 'detail-brush',
            'takes' => [Behaviour::Oil, Behaviour::Enamel, Behaviour::Opaque, Behaviour::SemiOpaque, Behaviour::Wash],
            'where' => 'Thin lines straight down from edges and rivets.',
            'watch' => 'About ten minutes, then blend them.',
        ],
        'streak-blend' => [
            'words' => 'streaks blended', 'stage' => Stage::Finish, 'at' => Position::StreakBlend, 'level' => Level::Finished,
            'effort' => ['cm2', 0.2], 'dry' => 1440, 'tool' => 'flat-brush',
            'reveals' => [Technique::Streak], 'removed' => [0.2, 0.6, 0.6], 'doing' => ['solvent'],
            'where' => 'A clean brush, hardly damp with its thinner, drawn straight down over each streak.',
        ],
        'pigment-powder' => [
            'words' => 'pigment powder', 'stage' => Stage::Finish, 'at' => Position::Powder, 'level' => Level::Finished,
            'lies' => Application::Dust,
            'effort' => ['cm2', 0.3], 'dry' => 0, 'tool' => 'old-brush', 'takes' => [Behaviour::Pigment],
            'where' => 'Dabbed on the lower parts and into corners; fix it with a drop of fixer, or leave it.',
            'watch' => 'Varnish swallows it: it comes after the matt coat.',
        ],
        'texture-paste' => [
            'words' => 'texture paste', 'stage' => Stage::Base, 'at' => Position::Paste,
            'lies' => Application::Paste,
            'effort' => ['cm2', 0.5], 'dry' => 180, 'tool' => 'spatula', 'takes' => [Behaviour::Texture],
            'where' => 'Spread over the base up to the rim, pressed round the feet.',
            'watch' => 'Thick paste dries slowly and sinks: two thin layers beat one.',
        ],
        'grit' => [
            'words' => 'grit', 'stage' => Stage::Base, 'at' => Position::Grit,
            'effort' => ['cm2', 0.3], 'dry' => 60, 'tool' => 'hands',
            'doing' => ['glue'],
            'where' => 'Into thinned glue, pressed, shaken off, sealed with thinned glue when dry.',
        ],
        'tuft' => [
            'words' => 'tufts', 'stage' => Stage::Base, 'at' => Position::Tuft,
            'effort' => ['each', 1.0], 'dry' => 5, 'tool' => 'tweezers',
            'doing' => ['glue'],
            'where' => 'In odd numbers, beside stones and in corners, never in the middle.',
        ],
        'rim' => [
            'words' => 'base rim', 'stage' => Stage::Base, 'at' => Position::Rim,
            'lies' => Application::Edge, 'use' => 'basecoat', 'face' => Face::Ridge, 'counts' => true, 'most' => 2,
            'effort' => ['once', 2.0], 'dry' => 8, 'tool' => 'flat-brush', 'takes' => self::COVERING,
            'where' => 'Round the rim in one go, the last paint on the figure.',
        ],
        'gluing' => [
            'words' => 'gluing the part', 'stage' => Stage::Finish, 'at' => Position::Gluing,
            'effort' => ['once', 2.0], 'dry' => 5, 'tool' => 'hands',
            'doing' => ['glue'],
            'where' => 'When both sides are done: scrape the paint off the joint, a drop, hold still.',
        ],
        'waiting' => [
            'words' => 'waiting', 'stage' => Stage::Finish, 'at' => Position::Waiting,
            'effort' => ['once', 0.0], 'dry' => 60, 'tool' => 'hands',
            'where' => 'Hands off: work on something else.',
        ],
        'stripping' => [
            'words' => 'stripping', 'stage' => Stage::Undercoat, 'at' => Position::Stripping,
            'effort' => ['once', 20.0], 'dry' => 720, 'tool' => 'old-brush', 'doing' => ['strip'],
            'where' => 'All paint off, down to the bare figure: soak, brush, rinse, and begin again.',
            'watch' => 'Try the stripper on a sprue or the underside of the base first: some soften resin and plastic.',
        ],
        'preparing' => [
            'words' => 'preparing', 'stage' => Stage::Undercoat, 'at' => Position::Preparing,
            'effort' => ['cm2', 0.3], 'dry' => 30, 'tool' => 'hands', 'doing' => ['blade', 'sand'],
            'where' => 'Mould lines off, gaps filled, washed with a drop of soap, left to dry.',
        ],
        'testing' => [
            'words' => 'test', 'stage' => Stage::Basecoat, 'at' => Position::Testing,
            'effort' => ['once', 2.0], 'dry' => 5, 'tool' => 'small-brush',
            'where' => 'On a thumbnail, a scrap or the underside of the base: look at it when it is dry, before the figure is touched.',
            'exit' => 'again until the dry stroke is the colour you want',
        ],
        'masking' => [
            'words' => 'masking', 'stage' => Stage::Basecoat, 'at' => Position::Mask, 'level' => Level::Finished,
            'effort' => ['each', 5.0], 'dry' => 0, 'tool' => 'tweezers', 'doing' => ['blade'],
            'where' => 'Film, foil or putty over what is to stay as it is, edges rubbed down.',
            'watch' => 'A soft ground lifts with the mask: what is below has cured for a day, and the film has lost tack on your skin '
                .'first.',
        ],
        'unmasking' => [
            'words' => 'unmasking', 'stage' => Stage::Layer, 'at' => Position::Unmask, 'level' => Level::Finished,
            'effort' => ['each', 2.0], 'dry' => 0, 'tool' => 'tweezers',
            'where' => 'Pulled back flat over itself, as soon as the paint is touch dry.',
            'watch' => 'Left on for days it takes paint along. Touch the edge up at once where it bled.',
        ],
        'blotting' => [
            'words' => 'blotting', 'stage' => Stage::Wash, 'at' => Position::Blot,
            'effort' => ['cm2', 0.2], 'dry' => 20, 'latest' => 5, 'tool' => 'swab',
            'reveals' => [Technique::WashAllOver, Technique::Stain, Technique::RecessLine, Technique::PinWash],
            'removed' => [0.0, 0.6, 0.85],
            'where' => 'A clean damp brush or a twist of paper lifts the wash off the planes while it is wet.',
            'watch' => 'Within five minutes: once its edge is dry it leaves a tide mark.',
        ],
        'line-tidying' => [
            'words' => 'tidying the line', 'stage' => Stage::Detail, 'at' => Position::LineTidying,
            'lies' => Application::Line, 'use' => 'lining', 'face' => Face::Recess,
            'effort' => ['edge', 0.4], 'dry' => 8, 'tool' => 'detail-brush', 'takes' => [...self::COVERING, Behaviour::Ink],
            'where' => 'Along the border of two areas, where one has run over the dark line between them.',
        ],
    ];

    /** @var array<string, TechniqueFacts> */
    private static array $made = [];

    public static function of(Technique $technique): TechniqueFacts
    {
        return self::$made[$technique->value] ??= self::made(self::ROWS[$technique->value]);
    }

    /** @param Row $row */
    private static function made(array $row): TechniqueFacts
    {
        return new TechniqueFacts(...$row);
    }
}
