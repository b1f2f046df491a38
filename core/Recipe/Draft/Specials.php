<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Face;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Ladder\Dark;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\Scope;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\Swallowed;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Precedence;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Purpose;
use Kalokroma\Word\Finding;

/**
 * Starts for what is painted in a way of its own. A row says its steps with their colours relative to the painter's: a
 * rung of the ladder; `times` f of the intended lightness; `pale` f of the way to white; `turned` by degrees at a multiple
 * of lightness; or a `tone` of its own (OKLCh) where the thing itself has one. Paints are found on the shelf.
 *
 * @phpstan-type StartStep array{
 *   0: string, 1: string, 2: list<string|float>|null, 3: string,
 *   4?: array{face?: string, part?: string, light?: string, share?: float, coats?: int,
 *     loop?: array{string, int, string}, level?: string, metal?: bool, tints?: bool, ground?: float},
 * }
 * @phpstan-type Start array{
 *   id: string, words: string, why: string, materials: list<string>, reliefs: list<string>, adds: bool, steps: list<StartStep>,
 * }
 */
final class Specials
{
    /** @var list<Start> */
    private const STARTS = [
        ['id' => 'gem', 'words' => 'gem', 'why' => 'A gem is dark where the light enters and glows '
            .'opposite.', 'materials' => ['glass'], 'reliefs' => ['orb'], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['times', 0.5], 'The dark side first, over all of it.'],
            [
                'glow',
                'layer',
                ['rung', 'layer'],
                'The colour itself, from the middle to the side away from the light.',
                ['part' => 'the side away from the light'],
            ],
            [
                'highlight',
                'feathered-layer',
                ['rung', 'highlight'],
                'The brightest crescent is opposite the dot.',
                ['face' => 'plane', 'part' => 'the side away from the light', 'share' => 0.25],
            ],
            ['dot', 'dot', ['tone', 0.98, 0.005, 95.0], 'One dot in the dark side makes it round.', ['part' => 'the side of the light']],
            ['gloss', 'gloss-spot', null, 'Gloss is what makes it wet.'],
        ]],
        ['id' => 'lens', 'words' => 'lens', 'why' => 'A lens is nearly black, with one coloured '
            .'crescent below.', 'materials' => ['glass'], 'reliefs' => ['orb'], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['times', 0.28], 'Nearly black, tinted with the colour of the glass.'],
            ['crescent', 'layer', ['rung', 'layer'], 'A crescent along the lower rim.', ['face' => 'plane', 'part' => 'the rims']],
            [
                'highlight',
                'feathered-layer',
                ['rung', 'highlight'],
                'A thinner line inside the crescent.',
                ['face' => 'plane', 'part' => 'the rims', 'share' => 0.1],
            ],
            [
                'dot',
                'dot',
                ['tone', 0.98, 0.005, 95.0],
                'One reflection above, opposite the crescent.',
                ['part' => 'the side of the light'],
            ],
            ['gloss', 'gloss-spot', null, 'Glass shines.'],
        ]],
        ['id' => 'eye', 'words' => 'eye', 'why' => 'The look tells the story: dark, a light line, '
            .'the pupil.', 'materials' => ['skin'], 'reliefs' => ['orb'], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['tone', 0.26, 0.03, 45.0], 'The socket dark: its edge stays as the lid.'],
            ['white', 'layer', ['ball', 0.88, 0.015, 85.0], 'A light line, off-white: pure white stares.', ['part' => 'the middle']],
            [
                'pupil',
                'freehand',
                ['times', 0.35],
                'The pupil touches the upper lid; both eyes look the same way.',
                ['face' => 'plane', 'part' => 'a few spots', 'level' => 'finished'],
            ],
            [
                'dot',
                'dot',
                ['tone', 0.98, 0.005, 95.0],
                'A catch light on the side of the light.',
                ['part' => 'the side of the light', 'level' => 'showpiece'],
            ],
        ]],
        ['id' => 'bone', 'words' => 'bone and horn', 'why' => 'Strokes run from base to tip, and the tip is '
            .'lightest.', 'materials' => ['bone'], 'reliefs' => [], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['rung', 'layer'], 'The bone itself as the ground for the strokes.'],
            ['wash', 'wash-all-over', ['times', 0.5], 'It runs into the cracks and warms the root.'],
            ['layer', 'layer', ['rung', 'layer'], 'Strokes from base to tip: the bone comes back.'],
            ['highlight', 'feathered-layer', ['rung', 'highlight'], 'Shorter strokes toward the tip.'],
            ['tip', 'edge-highlight', ['rung', 'accent'], 'The tip alone.', ['part' => 'a few spots', 'level' => 'showpiece']],
        ]],
        ['id' => 'leather', 'words' => 'worn leather', 'why' => 'Leather is warm and light where hands and '
            .'edges rub it.', 'materials' => ['leather'], 'reliefs' => [], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['rung', 'base'], 'The middle tone.'],
            ['wash', 'recess-line', ['times', 0.5], 'Seams and folds.'],
            ['stipple', 'stipple', ['turned', 8.0, 1.14], 'Stippled wear, warmer than the base.', ['share' => 0.6]],
            ['highlight', 'edge-highlight', ['turned', 16.0, 1.4], 'Worn edges are light and warm.'],
            ['scratches', 'chips', ['turned', 20.0, 1.55], 'A few short scratches, no two alike.', ['level' => 'showpiece']],
        ]],
        ['id' => 'fur', 'words' => 'fur', 'why' => 'The grain does the work: wash into it, '
            .'drybrush over it.', 'materials' => ['fur', 'hair'], 'reliefs' => ['texture'], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['rung', 'layer'], 'The colour itself.'],
            ['wash', 'wash-all-over', ['rung', 'shade'], 'Between the hairs.'],
            ['drybrush', 'drybrush', ['grain', 0.0], 'Across the grain: the colour comes back.'],
            ['highlight', 'drybrush', ['rung', 'highlight'], 'Lighter and only on the tips.', ['part' => 'upper parts']],
            [
                'patches',
                'glaze',
                ['turned', -20.0, 0.8],
                'Patches of another hue keep a hide alive.',
                ['part' => 'a few spots', 'level' => 'showpiece', 'coats' => 3, 'tints' => true],
            ],
        ]],
        ['id' => 'feathers', 'words' => 'feathers', 'why' => 'Each feather ends in a lighter, tinted edge; strokes '
            .'run along it.', 'materials' => ['feather'], 'reliefs' => [], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['times', 0.85], 'The dark of the feather.'],
            ['wash', 'recess-line', ['times', 0.35], 'Between the feathers.'],
            ['layer', 'layer', ['rung', 'layer'], 'Strokes along each feather, to its edge.'],
            ['highlight', 'edge-highlight', ['rung', 'highlight'], 'The edges, tinted.'],
            [
                'tint',
                'glaze',
                ['turned', 25.0, 1.05],
                'A second hue glazed toward the tips.',
                ['face' => 'plane', 'part' => 'lower parts', 'level' => 'showpiece', 'coats' => 2, 'tints' => true],
            ],
        ]],
        ['id' => 'painted-metal', 'words' => 'painted metal', 'why' => 'Without flakes metal lives on hard contrasts: '
            .'dark beside light, and one pale glint.', 'materials' => ['metal'], 'reliefs' => [], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['times', 0.75], 'The middle tone of the metal.'],
            ['dark', 'painted-metal', ['times', 0.35], 'Dark bands where the form turns away.', ['face' => 'plane', 'share' => 0.35]],
            ['light', 'painted-metal', ['rung', 'highlight'], 'Light bands hard beside the dark.', ['face' => 'plane', 'share' => 0.3]],
            ['highlight', 'edge-highlight', ['pale', 0.75], 'Every edge, nearly white.'],
            ['dot', 'dot', ['tone', 0.98, 0.005, 95.0], 'One pale glint where the edges meet.'],
        ]],
        ['id' => 'true-metal', 'words' => 'true metal, worn', 'why' => 'Drybrush and wash in turn, three or four '
            .'times, wear metal as years do.', 'materials' => ['metal'], 'reliefs' => [], 'adds' => false, 'steps' => [
            ['basecoat', 'metal-coat', ['times', 0.64], 'A dark metal as the ground.'],
            ['wash', 'wash-all-over', ['times', 0.5], 'Dirt into the corners.'],
            [
                'drybrush',
                'drybrush',
                ['rung', 'layer'],
                'Metal again over the raised parts.',
                ['metal' => true, 'loop' => ['wash', 3, 'again, three or four times, until it looks used']],
            ],
            ['highlight', 'edge-highlight', ['rung', 'highlight'], 'A bright edge; a cold one on brass.', ['metal' => true]],
        ]],
        ['id' => 'verdigris', 'words' => 'verdigris', 'why' => 'It grows where water stands, and fades toward what '
            .'is rubbed.', 'materials' => ['metal'], 'reliefs' => [], 'adds' => true, 'steps' => [
            ['brown', 'pin-wash', ['tone', 0.3, 0.04, 55.0], 'A brown pin wash under it: verdigris on clean metal looks painted on.'],
            [
                'verdigris',
                'effect-paint',
                ['tone', 0.74, 0.08, 180.0],
                'A pale blue-green in recesses and under rivets.',
                ['face' => 'recess', 'share' => 0.7],
            ],
            ['rubbed', 'edge-highlight', ['rung', 'highlight'], 'Edges that are handled stay bare.', ['metal' => true]],
        ]],
        ['id' => 'rust', 'words' => 'rust', 'why' => 'Old rust is dark and wide, new rust orange '
            .'and small.', 'materials' => ['metal'], 'reliefs' => [], 'adds' => true, 'steps' => [
            ['old-rust', 'stipple', ['tone', 0.36, 0.07, 45.0], 'Old rust, wide.', ['part' => 'lower parts']],
            ['new-rust', 'stipple', ['tone', 0.6, 0.14, 52.0], 'New rust, in spots inside the old.', ['part' => 'a few spots']],
            [
                'powder',
                'pigment-powder',
                ['tone', 0.55, 0.12, 50.0],
                'Powder where it runs off.',
                ['part' => 'lower parts', 'level' => 'showpiece'],
            ],
        ]],
        ['id' => 'glow', 'words' => 'glow', 'why' => 'Light ground, saturated rings, lighter core; painted before '
            .'what surrounds it.', 'materials' => ['glass'], 'reliefs' => ['orb'], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['tone', 0.95, 0.015, 95.0], 'A light ground: a glow has no dark under it.', ['coats' => 3]],
            ['ring', 'further-coat', ['rung', 'layer'], 'The saturated colour, thin over the light: it shines through.', ['coats' => 2]],
            ['outer', 'glaze', ['turned', -18.0, 0.8], 'A deeper ring outside.', ['part' => 'the rims']],
            ['core', 'layer', ['pale', 0.8], 'The core lighter than everything round it.', ['part' => 'the middle', 'share' => 0.2]],
        ]],
        ['id' => 'two-lights', 'words' => 'two-colour light', 'why' => 'Two lights from two sides, in thin glazes; '
            .'where they meet, neither rules.', 'materials' => [], 'reliefs' => [], 'adds' => true, 'steps' => [
            [
                'cold-light',
                'glaze',
                ['tone', 0.65, 0.12, 235.0],
                'A cold light from one side.',
                ['part' => 'the side away from the light', 'light' => 'from the left', 'coats' => 3, 'tints' => true],
            ],
            [
                'warm-light',
                'glaze',
                ['tone', 0.72, 0.14, 65.0],
                'A warm one from the other.',
                ['part' => 'the side of the light', 'light' => 'from the right', 'coats' => 3, 'tints' => true],
            ],
            ['rim-light', 'edge-highlight', ['tone', 0.88, 0.06, 75.0], 'The warm edge, where it hits first.', ['part' => 'a few spots']],
        ]],
        ['id' => 'black-armour', 'words' => 'black armour', 'why' => 'Black is shown by what it reflects: tinted '
            .'edges, not grey planes.', 'materials' => ['metal', 'leather'], 'reliefs' => ['plate'], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['tone', 0.24, 0.02, 245.0], 'A tinted black: two blacks of one figure need two tints.'],
            ['wash', 'recess-line', ['tone', 0.15, 0.01, 250.0], 'The lines blacker than the plates.'],
            ['highlight', 'edge-highlight', ['edge', 0.48, 0.035, 240.0], 'A tinted grey along the edges.'],
            ['corners', 'edge-highlight', ['edge', 0.72, 0.03, 235.0], 'Lighter only where two edges meet.', ['part' => 'a few spots']],
        ]],
        ['id' => 'white-cool', 'words' => 'white cloth, cool', 'why' => 'Cool white leans to blue-grey in its folds; '
            .'white itself comes last and least.', 'materials' => ['cloth'], 'reliefs' => ['broad', 'tight'], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['tone', 0.85, 0.014, 245.0], 'A pale blue-grey leaves room above.'],
            ['shade', 'glaze', ['tone', 0.68, 0.03, 250.0], 'Blue-grey drawn into the folds.', ['face' => 'recess', 'coats' => 3]],
            ['layer', 'layer', ['white', 0.93, 0.01, 235.0], 'The white of the area on the planes.', ['coats' => 3]],
            ['highlight', 'feathered-layer', ['tone', 0.99, 0.002, 95.0], 'White as the last touch only.', ['coats' => 2]],
        ]],
        ['id' => 'white-warm', 'words' => 'white cloth, warm', 'why' => 'Warm white leans to brown in its folds; a '
            .'step too far and it reads as brown.', 'materials' => ['cloth'], 'reliefs' => ['broad', 'tight'], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['tone', 0.85, 0.022, 80.0], 'A pale warm grey leaves room above.'],
            ['shade', 'glaze', ['tone', 0.68, 0.04, 65.0], 'A warm brown-grey drawn into the folds.', ['face' => 'recess', 'coats' => 3]],
            ['layer', 'layer', ['white', 0.935, 0.016, 88.0], 'The ivory of the area on the planes.', ['coats' => 3]],
            ['highlight', 'feathered-layer', ['tone', 0.985, 0.006, 95.0], 'White as the last touch only.', ['coats' => 2]],
        ]],
        ['id' => 'yellow-magenta', 'words' => 'yellow over magenta-brown', 'why' => 'The warm dark glows through the '
            .'stippled yellow.', 'materials' => [], 'reliefs' => [], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['tone', 0.42, 0.1, 15.0], 'Magenta-brown covers any ground in two coats.'],
            [
                'stipple',
                'stipple',
                ['tone', 0.66, 0.13, 62.0],
                'Orange-brown stippled over it, leaving the folds.',
                ['face' => 'plane', 'coats' => 3],
            ],
            [
                'pale',
                'stipple',
                ['tone', 0.87, 0.06, 85.0],
                'Pale warm dots where the light falls: yellow is weak over orange.',
                ['face' => 'plane', 'coats' => 3],
            ],
            ['layer', 'stipple', ['rung', 'layer'], 'Yellow in small dots, denser toward the light.', ['face' => 'plane', 'coats' => 3]],
            ['ridges', 'feathered-layer', ['rung', 'layer'], 'Yellow along the ridges.'],
            ['highlight', 'feathered-layer', ['rung', 'highlight'], 'Pale yellow where they stand out.', ['share' => 0.6]],
        ]],
        ['id' => 'yellow-orange', 'words' => 'yellow over orange-brown', 'why' => 'A light sketch in warm tones, then '
            .'thin yellow over it.', 'materials' => [], 'reliefs' => [], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['tone', 0.55, 0.11, 58.0], 'Orange-brown as the dark of the sketch.'],
            [
                'sketch',
                'layer',
                ['tone', 0.95, 0.03, 92.0],
                'Ivory from above: a light sketch by brush.',
                ['face' => 'plane', 'coats' => 3],
            ],
            ['ridges', 'feathered-layer', ['tone', 0.96, 0.02, 95.0], 'The ridges lighter still.'],
            ['tint', 'glaze', ['rung', 'layer'], 'Yellow glazed over the sketch.', ['coats' => 5, 'tints' => true]],
        ]],
        ['id' => 'yellow-flat', 'words' => 'yellow flat over white', 'why' => 'Over white yellow hides after few '
            .'coats and stays pure.', 'materials' => [], 'reliefs' => [], 'adds' => false, 'steps' => [
            ['stone', 'stepping-stone', ['tone', 0.96, 0.006, 95.0], 'White first: yellow hides little.', ['coats' => 2, 'ground' => 85.0]],
            ['basecoat', 'basecoat', ['rung', 'layer'], 'The yellow itself.'],
            ['shade', 'recess-line', ['turned', -30.0, 0.6], 'Brown into the lines, since black would turn it green.'],
            ['highlight', 'edge-highlight', ['rung', 'highlight'], 'Pale cream edges.'],
        ]],
        [
            'id' => 'red-clay', 'words' => 'red of clay', 'why' => 'Aged red is lightened with pale flesh.',
            'materials' => [], 'reliefs' => [], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['times', 0.85], 'A brownish red.'],
            ['wash', 'wash-all-over', ['times', 0.45], 'Dark brown into the folds.'],
            ['layer', 'layer', ['rung', 'layer'], 'The red itself on planes.'],
            ['highlight', 'feathered-layer', ['tone', 0.70, 0.10, 54.0], 'Red with pale flesh: dusty, not pink.'],
        ]],
        ['id' => 'red-fire', 'words' => 'red of fire', 'why' => 'Burning red is lightened with orange.',
            'materials' => [], 'reliefs' => [], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['rung', 'base'], 'The red, a little dark.'],
            ['shade', 'shade-layer', ['turned', -12.0, 0.6], 'Wine into the folds.'],
            ['layer', 'layer', ['rung', 'layer'], 'The red itself on the planes.'],
            ['highlight', 'feathered-layer', ['turned', 16.0, 1.16], 'Toward orange on the ridges.'],
            ['fire', 'feathered-layer', ['turned', 30.0, 1.35], 'Orange where it burns.', ['share' => 0.5]],
        ]],
        ['id' => 'red-glazed', 'words' => 'red glazed to the utmost', 'why' => 'Red over a light sketch in many thin '
            .'glazes is stronger than any single paint.', 'materials' => [], 'reliefs' => [], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['tone', 0.8, 0.07, 50.0], 'A pale flesh ground: the light that the glazes let through.'],
            ['sketch', 'feathered-layer', ['tone', 0.93, 0.035, 70.0], 'Paler flesh on the ridges as the light.'],
            ['tint', 'glaze', ['rung', 'layer'], 'Red ink or stain, glaze upon glaze.', ['coats' => 8, 'tints' => true]],
            ['shade', 'glaze', ['turned', -15.0, 0.55], 'Wine into the folds.', ['face' => 'recess', 'coats' => 4]],
        ]],
        ['id' => 'chipped', 'words' => 'chipped coat', 'why' => 'Two coats with fluid between them: what is lifted '
            .'shows the lower one.', 'materials' => ['wood', 'metal'], 'reliefs' => ['plate'], 'adds' => false, 'steps' => [
            ['basecoat', 'basecoat', ['tone', 0.36, 0.06, 48.0], 'What will show through.'],
            ['seal', 'satin-varnish', null, 'Varnish keeps the water off it.'],
            ['fluid', 'chipping-fluid', null, 'The fluid dissolves under the top coat.'],
            ['top', 'chipping-top-coat', ['rung', 'layer'], 'The colour of the area, thin.', ['coats' => 2]],
            ['open', 'chipping-opening', null, 'Water and a stiff brush, along edges.'],
            ['highlight', 'edge-highlight', ['rung', 'highlight'], 'A light line under the larger chips.', ['part' => 'a few spots']],
        ]],
        ['id' => 'weathering', 'words' => 'weathering', 'why' => 'Gloss, markings, wash, streaks, matt: each goes on '
            .'what holds it.', 'materials' => [], 'reliefs' => ['plate'], 'adds' => true, 'steps' => [
            ['gloss', 'gloss-varnish', null, 'What comes next glides on gloss.'],
            ['marking', 'marking', null, 'On gloss no air stays under it.'],
            [
                'softener',
                'softener',
                null,
                'Until it is in every line.',
                ['loop' => ['softener', 2, 'again until it is in every line']],
            ],
            ['dirt', 'enamel-wash', ['tone', 0.3, 0.03, 60.0], 'Dark dirt into lines and corners.'],
            ['wiped', 'wiping', null, 'What is on the planes comes off again.'],
            ['streaks', 'streak', ['tone', 0.4, 0.05, 60.0], 'Streaks run down from edges.'],
            ['blended', 'streak-blend', null, 'Blended, they look old.'],
            ['matt', 'matt-varnish', null, 'The matt coat draws all together and protects it.'],
        ]],
        ['id' => 'base', 'words' => 'base', 'why' => 'Paste and grit, sealed, washed, three drybrushes, '
            .'tufts, rim.', 'materials' => ['ground', 'stone'], 'reliefs' => ['texture'], 'adds' => false, 'steps' => [
            ['paste', 'texture-paste', ['rung', 'base'], 'The ground itself.'],
            ['grit', 'grit', null, 'A few coarser grains.'],
            ['basecoat', 'basecoat', ['rung', 'base'], 'One colour over paste and grit.'],
            ['wash', 'wash-all-over', ['rung', 'shade'], 'Into every hollow.'],
            ['drybrush', 'drybrush', ['rung', 'layer'], 'First drybrush, wide.'],
            ['drybrush-2', 'drybrush', ['rung', 'drybrush'], 'Second, lighter.'],
            ['highlight', 'drybrush', ['rung', 'highlight'], 'Third, lightest, only the tips.', ['part' => 'upper parts']],
            ['tufts', 'tuft', null, 'In odd numbers, beside stones.'],
            ['rim', 'rim', ['times', 0.5], 'The rim last.'],
        ]],
    ];

    /**
     * A chipped coat where no fluid stands on the shelf: the chips are dabbed on with sponge and brush.
     *
     * @var list<StartStep>
     */
    private const CHIPPED_BY_HAND = [
        ['basecoat', 'basecoat', ['rung', 'layer'], 'The colour of the area: you have no chipping fluid, so the chips come on top.'],
        ['wash', 'recess-line', ['rung', 'shade'], 'Lines and corners, before the wear.'],
        ['highlight', 'edge-highlight', ['rung', 'highlight'], 'Every edge: the chips will break it up.'],
        ['chips', 'chips', ['tone', 0.36, 0.06, 48.0], 'Torn sponge and a fine brush: many small ones along edges, few on the flat.'],
        ['below-chips', 'edge-highlight', ['rung', 'accent'], 'A light line under the larger chips.', ['part' => 'a few spots']],
    ];

    /** Pale reds lean toward orange (degrees of OKLCh): straight toward white they are pink. */
    private const PALE_RED_HUE = 62.0;

    /** An eye of this lightness (OKLCh) or more is a ball of that colour; a darker one is the iris on an off-white. */
    private const LIGHT_EYE = 0.62;

    /** From this lightness on, up to this chroma (both OKLCh), the colour of an area is a white of its own. */
    private const WHITISH = [0.85, 0.045];

    /** Planes of a white stay so much below it (OKLCh lightness), that its edges have somewhere to go. */
    private const ROOM_ABOVE_WHITE = 0.022;

    /** Below this chroma (OKLCh) a colour has no hue to speak of. */
    private const NEUTRAL_BELOW = 0.02;

    /** What takes the place of a technique that needs equipment the painter has not. */
    private const WITHOUT_SOLVENTS = ['enamel-wash' => 'pin-wash', 'oil-wash' => 'pin-wash', 'wiping' => null];

    /** @return list<array{id: string, words: string, why: string, adds: bool, suits: bool}> those that suit the area first */
    public static function offered(Area $area): array
    {
        $suits = $words = [];
        foreach (self::STARTS as $i => $start) {
            $suits[$i] = (
                in_array($area->material->value, $start['materials'], true)
                ? 2 : 0
            ) + (in_array($area->relief->value, $start['reliefs'], true) ? 1 : 0);
        }
        arsort($suits);
        foreach ($suits as $i => $fit) {
            $start = self::STARTS[$i];
            $words[] = [
                'id' => $start['id'],
                'words' => $start['words'],
                'why' => $start['why'],
                'adds' => $start['adds'],
                'suits' => $fit > 1,
            ];
        }

        return $words;
    }

    /**
     * @param Plan|null $plan to which a start that only adds is added
     *
     * @throws RecipeProblem where there is no such start
     */
    public static function draft(string $id, Brief $brief, ?Plan $plan = null): Plan
    {
        $start = self::start($id);
        $palette = $brief->palette ?? new Palette($brief->shelf);
        $maker = new StepMaker($palette);
        $ladder = new Ladder($brief->intended, $brief->ladder);
        $steps = $start['adds'] ? $plan->steps ?? [] : [];
        $surface = $brief->surface();
        foreach ($steps === [] ? [] : Simulation::run($steps, $brief->area, $surface) as $outcome) {
            $surface = $outcome->look->after;
        }
        $made = new Plan(
            $steps,
            [],
            [new Finding('special.'.$id, '{start}: {why}', ['start' => ucfirst($start['words']), 'why' => $start['why']])],
            $plan->overruled ?? [],
        );
        $hasFluid = array_filter($palette->atHand(Behaviour::Effect), static fn (Paint $p): bool => $p->isFor(Purpose::Chipping)) !== [];
        foreach ($id === 'chipped' && !$hasFluid ? self::CHIPPED_BY_HAND : $start['steps'] as $row) {
            $technique = self::allowed($row[1], $brief);
            $isLight = $surface->plane->toLab()->l >= ($row[4]['ground'] ?? INF);
            $isShort = $brief->ladder->finish === Level::Fieldable && !$start['adds'];
            if ($technique === null || $isLight || ($isShort && self::isExtra($row, $technique))) {
                continue;
            }
            $key = $made->freeKey($row[0]);
            $wish = self::wish($row, $key->value, $technique, $ladder);
            $step = $brief->handled($maker->make($key, $wish, $surface));
            $step = $isShort ? $step->upTo(Level::Fieldable) : $step;
            $lost = self::hueless($row, $ladder) ?? self::shadeless($row, $ladder) ?? self::lost($step, $made->steps, $brief, $surface);
            if ($lost !== null) {
                $made = $made->without($step->stage, $lost);
                continue;
            }
            $covered = !$start['adds'] && $row[1] === 'basecoat' && self::isCovered($start);
            foreach ($start['adds'] ? [$step] : FewerCoats::of($step, $surface, $palette, $brief->area, $covered) as $each) {
                $made = $made->withSteps([...$made->steps, $each]);
                $surface = Simulation::step($each, $brief->area, $surface, covered: $covered)->look->after;
            }
        }

        return $made;
    }

    /**
     * Why a neutral is not tinted toward another hue; null where it has one to turn.
     *
     * @param StartStep $row
     */
    private static function hueless(array $row, Ladder $ladder): ?Finding
    {
        $isTurned = ($row[4]['tints'] ?? false) && ($row[2][0] ?? '') === 'turned';

        return $isTurned && $ladder->intended->chroma < self::NEUTRAL_BELOW
            ? new Finding('special.neutral', 'The colour is a neutral: it has no hue to be turned by a tint.') : null;
    }

    /**
     * What is left out of a start that is only to be fieldable: what its row keeps for later, and finer lights.
     *
     * @param StartStep $row
     */
    private static function isExtra(array $row, Technique $technique): bool
    {
        return isset($row[4]['level']) || in_array(
            $technique,
            [Technique::FeatheredLayer, Technique::EdgeHighlight, Technique::GlossSpot, Technique::Chips, Technique::Glaze],
            true,
        );
    }

    /**
     * Why black gets no shade; null for other colours and other steps.
     *
     * @param StartStep $row
     */
    private static function shadeless(array $row, Ladder $ladder): ?Finding
    {
        $isShade = ($row[2] ?? []) === ['rung', 'shade'];

        return $isShade && Dark::isBlack($ladder->intended->toLab())
            ? new Finding('shade.black', 'A shade on black changes nothing: the recesses stay near-black by themselves.') : null;
    }

    /**
     * Why a step of a start is left out that would not show; null where it does.
     *
     * @param list<PlannedStep> $before
     */
    private static function lost(PlannedStep $step, array $before, Brief $brief, Surface $surface): ?Finding
    {
        $isNeeded = Precedence::isNeeded($step->technique) || $step->technique->facts()->sheen !== null;
        if (!$step->isFilm() || $isNeeded || $step->scope->loop !== null) {
            return null;
        }
        $swallowed = $step->technique === Technique::Glaze
            ? Swallowed::reason(Simulation::step($step, $brief->area, $surface)) : null;

        return $swallowed ?? Worth::unseen($step, $surface) ?? Worth::repeated($step, $before[count($before) - 1] ?? null);
    }

    /** @param Start $start whether a wash, a layer or a stipple lies over its base, which is then good enough sooner */
    private static function isCovered(array $start): bool
    {
        return array_filter($start['steps'], static fn (array $row): bool => Technique::from($row[1])->covers()) !== [];
    }

    /** @param StartStep $row */
    private static function wish(array $row, string $key, Technique $technique, Ladder $ladder): StepWish
    {
        $more = $row[4] ?? [];
        $loop = $more['loop'] ?? null;
        $face = isset($more['face']) ? Face::from($more['face']) : null;

        return new StepWish(
            $technique,
            $row[2] === null ? null : self::tone($row[2], $ladder),
            new Finding('special.step', '{why}', ['why' => $row[3]]),
            new Scope(
                new Place($face, $more['part'] ?? '', $more['light'] ?? '', $more['share'] ?? 1.0),
                level: isset($more['level']) ? Level::from($more['level']) : null,
                loop: $loop === null ? null : new Loop($loop[0] === $row[0] ? $key : $loop[0], $loop[1], $loop[2]),
            ),
            $more['coats'] ?? null,
            $more['metal'] ?? false,
            tints: $more['tints'] ?? false,
        );
    }

    /** The technique of a row, or what takes its place: without solvents, and where a wash would blotch or a drybrush streak. */
    private static function allowed(string $technique, Brief $brief): ?Technique
    {
        if (!$brief->equipment->solvents && array_key_exists($technique, self::WITHOUT_SOLVENTS)) {
            $instead = self::WITHOUT_SOLVENTS[$technique];

            return $instead === null ? null : Technique::from($instead);
        }
        $wanted = Technique::from($technique);
        $isPlate = $brief->area->relief === Relief::Plate;

        return match (true) {
            !$brief->area->isSmooth() => $wanted,
            $wanted === Technique::WashAllOver => $isPlate ? Technique::RecessLine : Technique::ShadeLayer,
            $wanted === Technique::Drybrush => $isPlate ? Technique::EdgeHighlight : Technique::FeatheredLayer,
            default => $wanted,
        };
    }

    /** @param list<string|float> $said */
    private static function tone(array $said, Ladder $ladder): Oklch
    {
        $own = $ladder->intended;
        [$kind, $a, $b, $c] = [(string) $said[0], $said[1], (float) ($said[2] ?? 0.0), (float) ($said[3] ?? 0.0)];

        $tone = match ($kind) {
            'times' => new Oklch(max(0.1, $own->lightness * (float) $a), $own->chroma * min(1.0, 0.35 + 0.65 * (float) $a), $own->hue),
            'pale' => new Oklch(
                $own->lightness + (0.98 - $own->lightness) * (float) $a,
                $own->chroma * (1 - 0.8 * (float) $a),
                $own->isRed() ? self::PALE_RED_HUE : $own->hue,
            ),
            'ball' => $own->lightness >= self::LIGHT_EYE ? $own : new Oklch((float) $a, $b, $c),
            'white' => $own->lightness >= self::WHITISH[0] && $own->chroma <= self::WHITISH[1]
                ? new Oklch(max((float) $a, $own->lightness - self::ROOM_ABOVE_WHITE), $own->chroma, $own->hue)
                : new Oklch((float) $a, $b, $c),
            'edge' => self::edge($own, (float) $a, $b, $c, $ladder),
            'turned' => new Oklch(min(0.97, max(0.1, $own->lightness * $b)), $own->chroma, fmod($own->hue + (float) $a + 360.0, 360.0)),
            default => new Oklch((float) $a, $b, $c),
        };

        if ($kind === 'grain') {
            // What a wash has dulled comes back; black, which takes none, is lifted at once.
            return $ladder->rung(Dark::isBlack($own->toLab()) ? Rung::Drybrush : Rung::Intended);
        }

        return $kind === 'rung' ? $ladder->rung(Rung::from((string) $a)) : $tone->onScreen();
    }

    /** An edge leans to the side that was given to the area, where others of its tone stand beside it. */
    private static function edge(Oklch $own, float $lightness, float $chroma, float $hue, Ladder $ladder): Oklch
    {
        return $ladder->wish->edge === null ? new Oklch($lightness, $chroma, $hue) : new Oklch(
            $own->lightness + ($lightness - $own->lightness) * $ladder->wish->edgeShare,
            $chroma,
            $ladder->wish->edge->hue(),
        );
    }

    /** @return Start */
    private static function start(string $id): array
    {
        foreach (self::STARTS as $start) {
            if ($start['id'] === $id) {
                return $start;
            }
        }
        throw RecipeProblem::noSuchStart($id);
    }
}
