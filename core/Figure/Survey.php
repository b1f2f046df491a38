<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/** What painters overlook when they look a figure over, asked by its kind. */
final class Survey
{
    /** For which kinds (f foot, r rider, b beast, v vehicle, s scenery, u bust), question, reason, signs, then the area. */
    private const ROWS = [
        'straps' => [
            'fru',
            'Straps, belts or cords that cross a garment?',
            'Found late they are painted over finished cloth.',
            'strap,belt,cord,harness,sling,rein',
            ['Straps', 'leather', 'trim', 2.0, 4, 'minor'],
        ],
        'inner-layers' => [
            'frbu',
            'An inner layer that shows between outer ones, such as a lining or a shirt under plates?',
            'It is deepest inside, so paint it first: later a brush no longer gets there.',
            'lining,shirt,inner,under,inside',
            ['Lining', 'cloth', 'tight', 3.0, 1, 'minor'],
        ],
        'lenses' => [
            'frvu',
            'A lens, a window or an eye-piece?',
            'A small bright spot draws the eye: it wants a hue that nothing beside it has.',
            'lens,window,glass,goggle,eye-?piece,monocle',
            ['Lens', 'glass', 'orb', 0.5, 7, 'leading'],
        ],
        'gems' => [
            'frbu',
            'A gem, a bead or a jewel?',
            'One jewel can set the spot colour of the whole scheme.',
            'gem,bead,jewel,pearl,stone',
            ['Gem', 'glass', 'orb', 0.5, 7, 'supporting'],
        ],
        'glow' => [
            'frbvs',
            'Anything that glows, such as a lamp, embers or a rune?',
            'Glow is planned before what it shines on: it needs a light ground and darker neighbours.',
            'glow,lamp,lantern,ember,rune,fire,flame,light',
            ['Glow', 'glass', 'orb', 1.0, 7, 'leading'],
        ],
        'rims' => [
            'frvu',
            'Rims, hems or trim along an edge?',
            'A line of another colour along the edge is what the table sees first.',
            'rim,hem,trim,edge,piping,band,stripe,border',
            ['Rim', 'metal', 'trim', 2.0, 5, 'minor'],
        ],
        'gaps' => [
            'vsb',
            'Gaps, vents or cracks between plates?',
            'Dark gaps part the plates: they are lined early, so that later colours cut them back.',
            'gap,vent,crack,slit,joint,seam',
            ['Gaps', 'other', 'trim', 1.0, 1, 'minor'],
        ],
        'eyes' => [
            'frbu',
            'Eyes that will be painted?',
            'They are done before the last of the skin, while a slip can still be covered.',
            'eye',
            ['Eyes', 'glass', 'orb', 0.5, 3, 'supporting'],
        ],
        'teeth' => [
            'frbu',
            'Teeth, tusks, claws or horns?',
            'Bone shades and lightens by strokes of its own, apart from the skin around it.',
            'teeth,tooth,tusk,claw,horn,beak,hoof,hooves,antler,bill',
            ['Teeth and claws', 'bone', 'trim', 1.0, 4, 'minor'],
        ],
        'soles' => [
            'fr',
            'Is the underside of cape, coat or foot seen?',
            'Seen from across the table, the inside of a cape is a large dark surface.',
            'underside,sole,inside',
            ['Inside of the cape', 'cloth', 'broad', 6.0, 2, 'minor'],
        ],
        'fastenings' => [
            'fruv',
            'Buckles, buttons, nails or rivets?',
            'Metal on a garment wants its own brush and comes after the wash around it.',
            'buckle,button,rivet,nail,clasp,fitting',
            ['Buckles', 'metal', 'trim', 1.0, 5, 'minor'],
        ],
        'base-bits' => [
            'frbs',
            'Things on the base, such as shells, roots or water?',
            'They are next to the feet and easily stay the colour of the ground.',
            'shell,root,water,stone,grass,reed,driftwood',
            ['Shells and roots', 'other', 'texture', 2.0, 8, 'minor'],
        ],
        'rigging' => [
            'v',
            'Rigging, chains or nets?',
            'Thin parts break and cast lines: they are often painted separately and glued on last.',
            'rigging,chain,net,rope,line,cable',
            ['Rigging', 'rope', 'texture', 2.0, 7, 'minor'],
        ],
        'crew' => [
            'v',
            'Crew, cargo or tools aboard?',
            'What is glued into a hull hides the deck below it: paint both before glue.',
            'crew,cargo,tool,crate,barrel,basket',
            ['Cargo', 'wood', 'texture', 4.0, 5, 'supporting'],
        ],
        'markings' => [
            'frvs',
            'Markings, numbers or signs?',
            'They want gloss varnish beneath, so they set the order of the last steps.',
            'mark,number,sign,letter,flag',
            ['Markings', 'other', 'plate', 1.0, 6, 'supporting'],
        ],
        'growth' => [
            'vs',
            'Weed, rust or stains that belong to it?',
            'Growth is painted like any other area and has neighbours too.',
            'weed,rust,moss,algae,stain,lichen',
            ['Weed and stains', 'other', 'texture', 3.0, 7, 'minor'],
        ],
    ];

    /** How an area is said where its name alone is not. */
    private const SAID = [
        'Lining' => 'a lining', 'Lens' => 'a lens', 'Gem' => 'a gem', 'Glow' => 'a glow', 'Rim' => 'a rim', 'Rigging' => 'the rigging',
        'Cargo' => 'the cargo', 'Inside of the cape' => 'the inside of the cape',
    ];

    private const LETTERS = ['f' => 'foot', 'r' => 'rider', 'b' => 'beast', 'v' => 'vehicle', 's' => 'scenery', 'u' => 'bust'];

    /** @return list<Question> */
    public static function of(FigureKind $kind): array
    {
        $letter = array_search($kind->value, self::LETTERS, true);
        $found = [];
        foreach (self::ROWS as $id => [$kinds, $ask, $why, $signs, [$name, $material, $relief, $share, $depth, $weight]]) {
            if (str_contains($kinds, (string) $letter)) {
                $found[] = new Question(
                    $id,
                    $ask,
                    $why,
                    explode(',', $signs),
                    new Draft($name, Material::from($material), Relief::from($relief), $share, $depth, Weight::from($weight)),
                    self::SAID[$name] ?? mb_strtolower($name),
                );
            }
        }

        return $found;
    }
}
