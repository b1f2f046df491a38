<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Technique\Technique;

/** Which technique is meant: by its own name, or by what painters call it. */
final class SaidTechnique
{
    /**
     * What else painters say; the name of the technique itself counts without being listed.
     *
     * @var array<string, list<string>>
     */
    private const SAID = [
        'undercoat-repair' => ['touch(?:ing)? up the undercoat', 'repair(?:ing)? the undercoat'],
        'stepping-stone' => ['stepping[ -]?stone(?: coat)?', 'in-between coat'],
        'basecoat' => ['base[ -]?coat', 'base(?= colour|:| with| of|\s*$| [⟦a-z])(?! rim)', 'all in'],
        'further-coat' => ['further coat', 'second coat', 'another coat', 'third coat'],
        'block-in' => ['block(?:ed|ing)?(?: it| them)?[ -]?in'],
        'airbrush-coat' => ['airbrush(?:ed)?(?: coat)?', 'spray(?:ed)?'],
        'metal-coat' => ['metal(?:lic)? (?:base[ -]?)?coat', 'metal(?=:|\s+with\b)'],
        'painted-metal' => ['painted metal', 'metal without flakes'],
        'lining' => ['lin(?:e|ing)(?: it)?(?:[ -]in)?(?=:|\s+with\b|\s+in\b|\s*$)', 'black[ -]?lining', 'dark[ '
            .'-]?lining', 'outlin(?:e|ing)'],
        'wash-all-over' => ['(?:all[ -]over )?wash(?:ed)?(?: all over)?', 'shade(?:d)?(?: all over)?'],
        'recess-line' => ['recess (?:line|wash|shade)', 'panel[ -]lin(?:e|ing)', 'line shading'],
        'pin-wash' => ['pin[ -]?wash'],
        'stain' => ['stain(?:ed)?', 'one[ -]coat stain'],
        'shade-layer' => ['shad(?:e|ow) layer', 'layered shade', 'painted shade'],
        'layer' => ['layer(?:ed)?', 'mid[ -]?tone', 'second tone'],
        'feathered-layer' => ['feather(?:ed)?(?: layer)?', 'highlight(?:ed)?', 'lighten(?:ed)?'],
        'airbrush-fade' => ['airbrush fade', '(?:sprayed )?fade'],
        'glaze' => ['glaz(?:e|ed|ing)'],
        'filter' => ['filter(?:ed)?', 'veil'],
        'wet-blend' => ['wet[ -]?(?:in[ -]?wet|blend(?:ed|ing)?|on[ -]?wet)'],
        'stipple' => ['stippl(?:e|ed|ing)', 'spong(?:e|ed|ing)', 'dab(?:bed)?(?: on)?'],
        'drybrush' => ['dry[ -]?brush(?:ed|ing)?', 'over[ -]?brush(?:ed|ing)?'],
        'edge-highlight' => ['(?:extreme |sharp |final |fine )?edge(?:s|d)?(?: highlights?)?', 'edging', 'extreme highlight'],
        'dot' => ['dots?(?: of light)?', 'glints?', 'catchlight'],
        'freehand' => ['free[ -]?hand', 'pattern'],
        'tidy-up' => ['tidy(?:ing)?(?:[ -]up)?', 'clean(?:ing)? up', 'neaten(?: up)?', 'repair(?:ed|ing)?(?= with| it)', 'fix(?:ed)? it',
            'touch(?:ed|ing)? (?:it )?up'],
        'effect-paint' => ['effect(?: paint)?', 'verdigris effect', 'rust effect'],
        'chipping-fluid' => ['chipping (?:fluid|medium)'],
        'chipping-top-coat' => ['(?:chipping )?top[ -]?coat'],
        'chipping-opening' => ['open(?:ing)?(?: up)?(?: the)?(?: chips)?(?!\w)'],
        'chips' => ['(?:painted )?chip(?:s|ping)?', 'scratch(?:es)?'],
        'gloss-varnish' => ['gloss(?:y)? (?:varnish|coat)', 'varnish(?:ed)? gloss'],
        'satin-varnish' => ['satin (?:varnish|coat)', 'varnish(?:ed)? satin'],
        'matt-varnish' => ['matte? (?:varnish|coat)', 'varnish(?:ed)?(?: matte?)?'],
        'gloss-spot' => ['gloss(?:y)? (?:spots?|varnish (?:on|over) the (?:eyes?|lens(?:es)?|gems?))'],
        'marking' => ['markings?', 'decals?', 'transfers?'],
        'softener' => ['softener', 'setting fluid'],
        'enamel-wash' => ['enamel wash'],
        'oil-wash' => ['oil wash'],
        'wiping' => ['(?<!% |percent |paint |of it )wip(?:e|ed|ing)(?: it)?(?: off| away| back)?(?! (?:off )?(?:on a|until|till))'],
        'streak' => ['streak(?:s|ed|ing)?'],
        'streak-blend' => ['(?:streaks? blend(?:ed|ing)?|blend(?:ed|ing)? (?:the |out the )?streaks?)'],
        'pigment-powder' => ['pigment(?: powder)?s?', '(?:weathering )?powder', 'dust(?:ed)?(?= with)'],
        'texture-paste' => ['texture(?: paste)?', '(?:basing )?paste'],
        'grit' => ['grit', 'sand and glue'],
        'tuft' => ['(?:grass )?tufts?'],
        'rim' => ['(?:base )?rim'],
        'gluing' => ['glu(?:e|ed|ing)(?: it)?(?: on)?'],
        'stripping' => ['strip(?:ped|ping)?(?: the paint)?'],
        'preparing' => ['prepar(?:e|ed|ing)', 'sand(?:ed|ing)? (?:it )?smooth'],
        'testing' => ['test(?:ed|ing)?(?: it)?(?: first)?(?= on| first|:|\s*$)'],
        'masking' => ['mask(?:ed|ing)?(?: off)?(?: the)?'],
        'unmasking' => ['unmask(?:ed|ing)?', 'tak(?:e|ing) (?:the )?(?:mask|tape) off'],
        'blotting' => ['blot(?:ted|ting)?'],
        'line-tidying' => ['tidy(?:ing)? (?:up )?the lines?'],
    ];

    /** Words that follow a colour where they say what kind of paint it is: "brown wash". */
    public const KINDS = '(?:wash(?:es)?|shade|inks?|stains?|tints?|primer|metallic)';

    /** @var array<string, string>|null pattern by technique */
    private static ?array $patterns = null;

    /**
     * The technique that is said first, of two at one place the longer name.
     *
     * @param bool $several whether only names of several words count, which no paint is called
     * @param bool $isPainted whether only work with paint counts: "black wash, blot what is too much" is a wash
     */
    public static function taken(Phrase $phrase, bool $several = false, bool $isPainted = false): ?Technique
    {
        $first = null;
        foreach (self::patterns() as $technique => $pattern) {
            if (preg_match('/(?<![\w-])'.$pattern.'(?![\w-])/iu', $phrase->rest(), $m, PREG_OFFSET_CAPTURE) !== 1) {
                continue;
            }
            [$said, $at] = $m[0];
            if (($several && preg_match('/[ -]/', $said) !== 1) || ($isPainted && Technique::from($technique)->facts()->takes === [])) {
                continue;
            }
            if ($first === null || $at < $first[0] || ($at === $first[0] && strlen($said) > strlen($first[1]))) {
                $first = [$at, $said, $technique];
            }
        }
        if ($first === null) {
            return null;
        }
        $phrase->take('(?<![\w-])'.preg_quote($first[1], '/').'(?![\w-])(?:\s+(?:it|them|this|that|everything|the area))*');

        return Technique::from($first[2]);
    }

    /** @return array<string, string> */
    private static function patterns(): array
    {
        if (self::$patterns === null) {
            self::$patterns = [];
            foreach (Technique::cases() as $technique) {
                if ($technique === Technique::Undercoat || $technique === Technique::Waiting) {
                    continue;
                }
                $own = preg_quote($technique->words(), '/').'(?:s|es)?';
                self::$patterns[$technique->value] = '(?:'.implode('|', [$own, ...self::said($technique)]).')';
            }
        }

        return self::$patterns;
    }

    /** @return list<string> */
    private static function said(Technique $technique): array
    {
        return self::SAID[$technique->value] ?? [];
    }
}
