<?php

declare(strict_types=1);

namespace Kalokroma\Word;

/** Words of the craft that a newcomer may not know, each explained in a sentence or two. Pages explain them where they are used. */
final class Glossary
{
    /** Term, other forms of it, and what it means. */
    private const TERMS = [
        'recess' => ['recesses', 'The deep parts of a surface: folds, joints, gaps. Washes run into them, and they end darkest.'],
        'plane' => ['planes', 'The broad part of a surface between recess and ridge. Its colour is the one you see as "the colour" of the '
            .'area.'],
        'ridge' => ['ridges', 'What stands out: edges, tops of folds, knuckles. Light catches there, so highlights go there.'],
        'relief' => ['', 'How a surface is shaped: tight folds, broad and smooth, plates, raised texture, trim, or round. It decides the '
            .'technique.'],
        'stepping-stone coat' => [
            'stepping stone,stepping stones,stone,stones',
            'A coat of a paint that covers well, used below a weak one. It saves coats: yellow over pale grey hides sooner than over '
                .'black.',
        ],
        'filter' => ['filters', 'Very thin, transparent paint over a finished area. It shifts the whole colour a little and ties tones '
            .'together.'],
        'glaze' => ['glazes,glazed,glazing',
            'Thin, transparent paint put where a colour is wanted, in several layers that blend one tone into the next.'],
        'wash' => ['washes,washed', 'Thin, dark paint that runs into the recesses and shades them by itself.'],
        'stain' => ['stains,stained', 'Transparent paint that shades and colours in one coat over a light ground.'],
        'drybrush' => [
            'drybrushed,drybrushing',
            'Almost all paint is wiped off the brush, then it is dragged over raised parts so that only they take colour.',
        ],
        'layer' => ['layers,layered', 'A lighter colour over the coat below, leaving the darker one in the recesses.'],
        'feathering' => ['feathered,feather', 'Drawing the edge of a layer out with a damp brush, so that it fades into the colour below.'],
        'stippling' => ['stippled,stipple', 'Dabbing with the tip of the brush: many small dots make a soft or rough change of colour.'],
        'edge highlight' => ['edge highlights,edges', 'A thin line of light colour along the edges only.'],
        'lining' => ['lined', 'A thin dark line where two areas meet, so that they read apart.'],
        'wet blend' => ['wet blending,wet blended', 'Two colours painted side by side and mixed on the figure while both are still wet.'],
        'loaded' => ['load', 'How much paint is on the brush, and which.'],
        'undercoat' => ['undercoats', 'The first coat over the bare figure, so that paint holds. Its colour shows through thin paint.'],
        'light sketch' => [
            'light sketches',
            'Undercoat in two or three tones, dark all over and light from above, so that light and shadow are there before any colour is.',
        ],
        'basecoat' => ['basecoats,base coat,base coats', 'The first opaque colour of an area. All shades and highlights start from it.'],
        'highlight' => ['highlights', 'Lighter colour where light would catch.'],
        'shade' => ['shades', 'Darker colour where light does not reach.'],
        'strata' => ['', 'A recipe drawn as a cut through the paint: undercoat at the bottom, each step on top, in recess, plane and '
            .'ridge.'],
        'hides' => ['hide,full hide', 'A coat hides when what is below no longer shows.'],
        'spot colour' => ['spot', 'One small, strong colour that draws the eye.'],
        'fieldable' => ['', 'Good enough for the table: base colours, one shade, base done.'],
        'showpiece' => ['', 'Painted to be looked at closely: many layers, soft changes of colour.'],
        'chipping' => ['chips,chipped', 'Small marks of wear where paint has come off and what is below shows.'],
        'streaks' => ['streaking,streak', 'Thin vertical marks, as rain and rust leave them.'],
        'pigment' => ['pigments,powder', 'Dry coloured powder for dust, soot and rust.'],
        'varnish' => ['varnished', 'A clear coat that protects the paint and makes it matt, satin or glossy.'],
        'leading' => ['', 'An area that is looked at first. It gets the nearest colours and the most work.'],
        'depth' => ['', 'How far inside an area lies: 1 is innermost. What is inside is painted first.'],
        'cover' => ['covers,covering', 'A paint covers when one or two coats hide what is below.'],
    ];

    /** @return list<array{term: string, forms: list<string>, words: string}> */
    public static function all(): array
    {
        $found = [];
        foreach (self::TERMS as $term => [$forms, $words]) {
            $found[] = ['term' => $term, 'forms' => [$term, ...array_filter(explode(',', $forms))], 'words' => $words];
        }

        return $found;
    }
}
