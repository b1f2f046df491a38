<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/**
 * Where the areas of a figure are on the drawing that comes with its sort of model: by their names, or by what such areas are usually
 * called. What has no place there is shown beside it.
 */
final readonly class Places
{
    /** With less of the surface on it a drawing is not of this figure. */
    private const LEAST_SHARE = 0.5;

    /** Other words for a place, besides its own name. */
    private const WORDS = [
        'Face' => 'face,skin,head,cheeks', 'Hands' => 'hand,arm,glove,gauntlet,finger', 'Hair' => 'hair,beard,hood,helmet,helm,hat,cap,wig',
        'Trousers' => 'trouser,leg,legging,breeches,skirt,kilt,hose',
        'Coat' => 'coat,tunic,robe,armour,armor,jacket,cloak,body,torso,dress,plate,mail,uniform,cuirass,shirt,oilskin,surcoat',
        'Boots' => 'boot,shoe,foot,feet,sandal,greave', 'Belt' => 'belt,pouch,girdle,sash,bag',
            'Buckles' => 'buckle,button,fitting,rivet,clasp',
        'Weapon or tool' => 'weapon,tool,sword,spear,staff,rifle,gun,bow,axe,pole,blade,lance,hook,oar,knife,hammer,shield',
        'Base' => 'base,ground,earth,plinth,mud,terrain', 'Straps' => 'strap,harness,sling,bandolier,cord,rope',
        'Lining' => 'lining,undershirt,scarf,vest,collar,frill', 'Lens' => 'lens,lenses,goggle,eyepiece,visor,monocle,window,glass',
        'Gem' => 'gem,jewel,bead,brooch,pearl,amulet', 'Glow' => 'glow,lamp,lantern,torch,flame,fire,ember,rune,light',
        'Rim' => 'rim,trim,hem,edge,border,piping,band', 'Eyes' => 'eye',
            'Teeth and claws' => 'teeth,tooth,claw,tusk,horn,bone,antler,beak',
        'Inside of the cape' => 'cape,inside,cloak', 'Shells and roots' => 'shell,root,stone,reed,grass,driftwood,rock,water',
        'Markings' => 'marking,badge,insignia,number,symbol,sign,emblem,banner,flag', 'Gaps' => 'gap,crack,vent,joint,seam,lining',
        'Mount hide' => 'mount,hide,horse,coat,fur,body,skin,feather,heron,pony', 'Mane or crest' => 'mane,crest,tail,plume',
        'Legs and hooves' => 'leg,hoof,hooves,foot,feet', 'Mount eyes' => 'mount eye,eye', 'Saddle' => 'saddle,blanket,seat',
        'Harness' => 'harness,rein,bridle,strap,tack', 'Rider face' => 'face,rider face,skin', 'Rider boots' => 'boot,shoe',
        'Rider coat' => 'rider,coat,tunic,robe,armour,jacket,cloak,cloth', 'Hide' => 'hide,skin,scale,fur,body,back,feather,chitin,shell',
        'Belly' => 'belly,chest,underside,throat', 'Crest' => 'crest,spine,fin,frill,mane,wing', 'Claws' => 'claw,talon,hoof,hooves',
        'Mouth' => 'mouth,lips,tongue,gum,maw', 'Teeth' => 'teeth,tooth,fang,tusk', 'Hull' => 'hull,armour,body,chassis,shell,side,paint',
        'Deck' => 'deck,floor,planking,roof', 'Inside' => 'inside,interior,cabin,hold', 'Keel' => 'keel,track,wheel,bottom,tyre,underside',
        'Fittings' => 'fitting,metal,gun,engine,exhaust,anchor,hinge,iron', 'Stripe' => 'stripe,band,marking,panel',
            'Rope' => 'rope,cord,net',
        'Cargo' => 'cargo,crate,barrel,bundle,crew,tarp,sack,load', 'Rigging' => 'rigging,chain,line,cable,net,mast,sail',
        'Weed and stains' => 'weed,rust,moss,stain,lichen,algae,dirt,ivy,growth', 'Walls' => 'wall,stone,brick,rock,plaster,tower',
        'Timber' => 'timber,wood,beam,door,plank,frame', 'Roof' => 'roof,tile,thatch,slate,shingle',
            'Ground' => 'ground,base,earth,floor,grass',
        'Collar' => 'collar,scarf,ruff,neck', 'Buttons' => 'button,buckle,clasp,medal', 'Plinth' => 'plinth,base,socket,stand',
    ];

    /** What is painted there where an area of the template was taken out: the area around it. */
    private const ELSE = [
        'Hair' => 'Face', 'Hands' => 'Face', 'Trousers' => 'Coat', 'Boots' => 'Trousers', 'Belt' => 'Coat', 'Buckles' => 'Belt',
        'Mane or crest' => 'Mount hide', 'Legs and hooves' => 'Mount hide', 'Saddle' => 'Harness', 'Harness' => 'Saddle',
        'Rider boots' => 'Rider coat', 'Belly' => 'Hide', 'Crest' => 'Hide', 'Claws' => 'Hide', 'Teeth' => 'Claws', 'Deck' => 'Hull',
        'Inside' => 'Deck', 'Keel' => 'Hull', 'Stripe' => 'Hull', 'Timber' => 'Walls', 'Roof' => 'Timber', 'Collar' => 'Coat',
            'Mouth' => 'Face',
    ];

    /**
     * @param array<string, string> $taken place to name of the area that has it
     * @param list<string> $beside names of areas without a place
     */
    private function __construct(public FigureKind $kind, public array $taken, public array $beside, private float $share)
    {
    }

    /** @param array<string, float> $shares percent of the surface by name of the area */
    public static function of(FigureKind $kind, array $shares): self
    {
        $offers = [];
        foreach ($shares as $name => $share) {
            foreach (self::all($kind) as $place) {
                $fit = self::fit((string) $name, $place);
                if ($fit > 0) {
                    $offers[] = [$fit, $share, (string) $name, $place];
                }
            }
        }
        usort($offers, static fn (array $a, array $b): int => [$b[0], $b[1], $a[2], $a[3]] <=> [$a[0], $a[1], $b[2], $b[3]]);
        $taken = $placed = [];
        foreach ($offers as [, , $name, $place]) {
            if (!isset($taken[$place]) && !isset($placed[$name])) {
                $taken[$place] = $name;
                $placed[$name] = $shares[$name];
            }
        }
        $all = array_sum($shares);

        return new self(
            $kind,
            $taken,
            array_map(strval(...), array_keys(array_diff_key($shares, $placed))),
            $all > 0 ? array_sum($placed) / $all : 0.0,
        );
    }

    /** Whether the drawing is of this figure: most of its surface has a place there. */
    public function isDrawn(): bool
    {
        return $this->share >= self::LEAST_SHARE;
    }

    /** The area that is painted at this place; null where nothing is to be drawn, false where it is and no area has it. */
    public function areaAt(string $place): string|false|null
    {
        for ($at = $place, $steps = 0; $at !== null && $steps < 4; $at = self::ELSE[$at] ?? null, ++$steps) {
            if (isset($this->taken[$at])) {
                return $this->taken[$at];
            }
            if (!in_array($at, self::ofTemplate($this->kind), true)) {
                return null;
            }
        }

        return false;
    }

    /** @return list<string> every place on the drawing of this kind: its template's areas, then those a survey may add */
    public static function all(FigureKind $kind): array
    {
        return array_values(array_unique([
            ...self::ofTemplate($kind),
            ...array_map(static fn (Question $q): string => $q->area->name, Survey::of($kind)),
        ]));
    }

    /** @return list<string> */
    private static function ofTemplate(FigureKind $kind): array
    {
        return array_map(static fn (Draft $d): string => $d->name, Template::of($kind));
    }

    /** How well a name fits a place: 0 not at all. */
    private static function fit(string $name, string $place): int
    {
        $said = mb_strtolower(trim($name));
        if ($said === mb_strtolower($place)) {
            return 100;
        }
        preg_match_all('/\pL+/u', $said, $found);
        $words = array_map(self::stem(...), $found[0]);
        $known = array_map(self::stem(...), explode(',', self::WORDS[$place] ?? mb_strtolower($place)));
        $shared = array_intersect($words, $known);
        if ($shared === []) {
            return 0;
        }

        return 10 * count($shared) + (in_array(end($words), $known, true) ? 5 : 0) - (int) array_search(reset($shared), $known, true);
    }

    private static function stem(string $word): string
    {
        return strlen($word) > 3 ? (string) preg_replace('/(?<=[^s])s$/', '', $word) : $word;
    }
}
