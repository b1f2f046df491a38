<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Technique;

/**
 * Which step comes before which inside one area, as rows between {@see Position places}: what has to lie below, what goes
 * on it, and why. Every row points upward in the order of the places; a test keeps that. Hard is what no painter can do the
 * other way round: varnish under solvent, softener, wiping, blending, chipping. The rest are strong: kept in every draft, told
 * with which way round can be undone, and set aside by who does it another way.
 */
final readonly class Precedence
{
    private const SHADES = [Position::Wash, Position::ShadeLayer];
    private const LAYERS = [Position::Fade, Position::Layer];
    private const HIGHLIGHTS = [Position::Highlight, Position::Edge, Position::Dot];
    private const LAST_COATS = [Position::Satin, Position::Matt];
    private const WEATHERING = [Position::SolventWash, Position::Streak, Position::Powder];

    /** @var list<array{code: string, hard: bool, below: list<Position>, on: list<Position>, why: string, undone?: string}> */
    private const ROWS = [
        [
            'code' => 'order.stepping-stone', 'hard' => false, 'below' => [
                Position::SteppingStone,
                Position::Repair,
            ], 'on' => [Position::Base],
            'why' => 'a stepping-stone coat goes under the colour it helps',
            'undone' => 'Over it, it takes the whole base again',
        ],
        [
            'code' => 'order.base', 'hard' => false, 'below' => [Position::Base],
            'on' => [...self::SHADES, Position::Line, Position::Drybrush, ...self::LAYERS, ...self::HIGHLIGHTS, Position::Glaze],
            'why' => 'a basecoat over it would hide it',
            'undone' => 'A light over a base is soon taken back, a light under a base is gone',
        ],
        [
            'code' => 'order.shade', 'hard' => false, 'below' => self::SHADES, 'on' => [Position::Layer, ...self::HIGHLIGHTS],
            'why' => 'a shade over it would run down and dull what is light',
            'undone' => 'A shade or stain is easier to add than to remove; over lights painted too bright on purpose a thin one is sound',
        ],
        [
            'code' => 'order.layer', 'hard' => false, 'below' => self::LAYERS, 'on' => self::HIGHLIGHTS,
            'why' => 'a layer is larger than a highlight and would cover it',
            'undone' => 'Edges first and thin paint on the flats later can be undone, with the edge again; the reverse cannot',
        ],
        [
            'code' => 'order.gloss', 'hard' => true, 'below' => [Position::Gloss], 'on' => [Position::SolventWash],
            'why' => 'solvent bites into paint that no cured varnish protects',
        ],
        [
            'code' => 'order.gloss-marking', 'hard' => false, 'below' => [Position::Gloss], 'on' => [Position::Marking, Position::Softener],
            'why' => 'on bare matt paint a marking shines',
        ],
        [
            'code' => 'order.marking', 'hard' => false, 'below' => [Position::Marking, Position::Softener], 'on' => self::WEATHERING,
            'why' => 'a marking on top of dirt looks pasted on',
        ],
        [
            'code' => 'order.softener', 'hard' => true, 'below' => [Position::Marking], 'on' => [Position::Softener],
            'why' => 'softener works on a marking that is',
        ],
        [
            'code' => 'order.wiping', 'hard' => true, 'below' => [Position::SolventWash], 'on' => [Position::Wiping],
            'why' => 'there is nothing to wipe before',
        ],
        [
            'code' => 'order.streak', 'hard' => true, 'below' => [Position::Streak], 'on' => [Position::StreakBlend],
            'why' => 'there is nothing to blend before',
        ],
        [
            'code' => 'order.unmask', 'hard' => false, 'below' => [Position::Mask], 'on' => [Position::Unmask],
            'why' => 'there is no mask to take off before',
        ],
        [
            'code' => 'order.blot', 'hard' => false, 'below' => [Position::Wash], 'on' => [Position::Blot],
            'why' => 'there is no wash to lift before',
        ],
        [
            'code' => 'order.fluid', 'hard' => true, 'below' => [Position::ChippingFluid], 'on' => [Position::TopCoat],
            'why' => 'the fluid has to be between the two coats',
        ],
        [
            'code' => 'order.opening', 'hard' => true, 'below' => [Position::TopCoat], 'on' => [Position::Opening],
            'why' => 'there is no top coat to open before',
        ],
        [
            'code' => 'order.spot', 'hard' => false, 'below' => self::LAST_COATS, 'on' => [Position::GlossSpot],
            'why' => 'the matt coat would dull the spot again',
        ],
        [
            'code' => 'order.messy', 'hard' => false, 'below' => [Position::Drybrush], 'on' => [
                Position::Edge,
                Position::Dot,
                Position::Freehand,
            ],
            'why' => 'a drybrush throws dust over careful work',
        ],
        [
            'code' => 'order.lining', 'hard' => false, 'below' => [Position::Line], 'on' => [Position::Layer, ...self::HIGHLIGHTS],
            'why' => 'early, later colours cut a line back; late, a slip costs the highlight',
        ],
        [
            'code' => 'order.powder', 'hard' => false, 'below' => self::LAST_COATS, 'on' => [Position::Powder],
            'why' => 'varnish swallows powder',
        ],
        [
            'code' => 'order.weathering', 'hard' => false, 'on' => [Position::Matt],
            'below' => [
                Position::SolventWash,
                Position::Wiping,
                Position::Streak,
                Position::StreakBlend,
                Position::Marking,
                Position::Softener,
            ],
            'why' => 'the matt coat protects what is under it',
        ],
    ];

    /**
     * @var array<string, array{Technique, string}> what a step cannot do without, before it; the step named is added where none is there
     */
    private const NEEDS = [
        'unmasking' => [Technique::Masking, 'There is no mask to take off'],
        'softener' => [Technique::Marking, 'Softener needs a marking to work on'],
        'wiping' => [Technique::EnamelWash, 'There is no enamel or oil wash to wipe'],
        'streak-blend' => [Technique::Streak, 'There are no streaks to blend'],
        'chipping-top-coat' => [Technique::ChippingFluid, 'Without chipping fluid under it a top coat does not open'],
        'chipping-opening' => [Technique::ChippingTopCoat, 'There is no top coat to open'],
    ];

    /** What lies better on a varnish that is not matt: soft, since some do without. */
    private const ON_GLOSS = [
        'marking' => 'air stays under a marking on matt paint, and shines',
        'enamel-wash' => 'solvent creeps over matt paint and bites into it',
        'oil-wash' => 'solvent creeps over matt paint and bites into it',
    ];

    /**
     * @param list<Position> $below
     * @param list<Position> $on
     * @param string $undone which of both ways round can be taken back
     */
    private function __construct(
        public string $code,
        public bool $hard,
        public array $below,
        public array $on,
        public string $why,
        public string $undone = '',
    ) {
    }

    /** @return list<self> */
    public static function all(): array
    {
        /** @var list<self>|null $all */
        static $all = null;
        if ($all === null) {
            $all = array_map(
                static fn (array $r): self => new self($r['code'], $r['hard'], $r['below'], $r['on'], $r['why'], $r['undone'] ?? ''),
                self::ROWS,
            );
            $all[] = new self(
                'order.rim',
                false,
                array_slice(Position::cases(), 0, Position::Rim->rank()),
                [Position::Rim],
                'whatever comes later would mark the rim',
            );
        }

        return $all;
    }

    /** @return list<self> the rules that want the one technique below the other */
    public static function between(Technique $below, Technique $on): array
    {
        /** @var array<int, array<int, list<self>>> $known by the ranks of both places: a recipe asks for every pair of its steps */
        static $known = [];
        $low = $below->facts()->at;
        $high = $on->facts()->at;

        return $known[$low->rank()][$high->rank()] ??= array_values(
            array_filter(
                self::all(),
                static fn (self $rule): bool => in_array($high, $rule->on, true) && in_array($low, $rule->below, true),
            ),
        );
    }

    /** Whether some other step cannot do without this one. */
    public static function isNeeded(Technique $technique): bool
    {
        return in_array($technique, array_column(self::NEEDS, 0), true);
    }

    /** A mask that is not there can still be planned elsewhere; what else is needed is physics. */
    public static function cannotDoWithout(Technique $technique): bool
    {
        return $technique !== Technique::Unmasking && isset(self::NEEDS[$technique->value]);
    }

    /** @return array{Technique, string}|null a technique at whose place something has to lie before this one, and why */
    public static function neededBy(Technique $technique): ?array
    {
        return self::NEEDS[$technique->value] ?? null;
    }

    /** Why it lies better on gloss or satin; null where that does not matter. */
    public static function betterOnGloss(Technique $technique): ?string
    {
        return self::ON_GLOSS[$technique->value] ?? null;
    }
}
