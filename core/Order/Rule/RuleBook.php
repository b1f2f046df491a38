<?php

declare(strict_types=1);

namespace Kalokroma\Order\Rule;

/**
 * The order of work over the whole figure, as rows. Inside an area the recipe says the order; these say what comes before what on different
 * areas. Where two of them contradict each other on some figure, the upper one wins there.
 */
final class RuleBook
{
    /** @var list<array{string, bool, Sort, Sort, Where, bool, string, string}> as {@see Rule} has them */
    private const ROWS = [
        ['undercoat', true, Sort::Undercoat, Sort::OverUndercoat, Where::Figure, true,
            'The undercoat goes on before anything else.', 'paint holds on an undercoat, not on bare plastic, resin or metal'],
        [SaidOrder::CODE, false, Sort::Any, Sort::Any, Where::AsSaid, false,
            'A step comes after or before what its recipe says of it.', 'its recipe says so'],
        ['unreachable', false, Sort::Unreachable, Sort::Base, Where::Outward, false,
            'What no brush reaches later is finished before the area over it is begun.', 'a brush no longer gets there'],
        ['eyes-first', false, Sort::Unreachable, Sort::Fine, Where::Beside, false,
            'Eyes and teeth that no brush reaches later come before the last of the skin around them.',
            'a slip is covered by what is painted last'],
        ['grit', false, Sort::Grit, Sort::BrushedBase, Where::Beside, false,
            'Paste and grit go on before the areas beside them are painted.', 'paste smears and thinned glue creeps'],
        ['inner-first', false, Sort::Base, Sort::Base, Where::Outward, false,
            'Inner areas get their base coats before the areas over them.', 'the outer base coat covers what slipped over the line'],
        ['spray-first', false, Sort::Sprayed, Sort::BrushedBase, Where::Beside, false,
            'What is sprayed comes before the areas beside it are painted by brush.', 'mist and stencil edges land next door'],
        ['messy-first', false, Sort::Messy, Sort::Fine, Where::Beside, false,
            'Messy work comes before careful work beside it.', 'dust, mist and puddles spoil finished edges'],
        ['metal-wash', false, Sort::MetalWash, Sort::Fine, Where::Beside, false,
            'The wash on metal comes before its neighbours are tidied and lit.', 'spilled wash dulls matt paint'],
        ['bases-first', false, Sort::Base, Sort::LastLights, Where::Beside, false,
            'The base coats of the areas beside it come before edges, dots and tidying.',
            'a base coat next door runs over a finished edge'],
        ['marking-first', false, Sort::Marking, Sort::Weathering, Where::Elsewhere, false,
            'Markings come before weathering.', 'a clean marking on a dirty figure looks stuck on'],
        ['glue-last', false, Sort::OfThePart, Sort::Gluing, Where::Joint, true,
            'A part is glued on when both sides of the joint are done.', 'afterwards no brush gets behind it'],
        ['varnish-last', false, Sort::Painting, Sort::Closing, Where::Elsewhere, false,
            'Matt and satin varnish come after all painting.', 'paint and dust on varnish show, and the figure is handled on'],
        ['glue-before-varnish', false, Sort::Gluing, Sort::Closing, Where::Elsewhere, false,
            'Parts are glued on before the matt varnish.', 'glue fogs and shines, and the varnish hides that'],
        ['spots-last', false, Sort::Closing, Sort::GlossSpot, Where::Elsewhere, true,
            'Gloss spots come after the matt varnish.', 'matt varnish dulls them again'],
        ['powder-last', false, Sort::Closing, Sort::Powder, Where::Elsewhere, true,
            'Powder comes after the matt varnish.', 'varnish swallows powder'],
        ['tuft-last', false, Sort::Closing, Sort::Tuft, Where::Elsewhere, true,
            'Tufts come after the matt varnish.', 'varnish clots their fibres'],
        ['rim-last', false, Sort::BeforeRim, Sort::Rim, Where::Elsewhere, false,
            'The base rim comes last.', 'fingers and spills mark it until everything else is done'],
    ];

    /** @return list<Rule> the upper ones win */
    public static function all(): array
    {
        /** @var list<Rule>|null $all */
        static $all = null;

        return $all ??= array_map(static fn (array $row): Rule => new Rule(...$row), self::ROWS);
    }

    public static function named(string $code): ?Rule
    {
        foreach (self::all() as $rule) {
            if ($rule->code === $code) {
                return $rule;
            }
        }

        return null;
    }
}
