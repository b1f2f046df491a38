<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\SaidColour;

/** How a paint behaves, from the words painters have for it: said of it, or in its name. */
final class SaidBehaviour
{
    /** As it is said of a paint: whole words, the first that fits. */
    private const SAID = [
        'semi-opaque' => 'semi[ -]?opaque|semi[ -]?transparent|semi|weak|covers? (?:badly|poorly)|thin cover',
        'opaque' => 'opaque|covers? well|covering|acrylic|base|basecoat|base ?paint|layer|layer ?paint|full cover',
        'wash' => 'wash|washes|shade|shader|shades',
        'stain' => 'stain|tint|one[ -]coat',
        'ink' => 'inks?',
        'metallic' => 'metallics?|metal|metal ?paint',
        'primer' => 'primer|undercoat|surfacer|priming',
        'varnish' => 'varnish|lacquer|sealer|top ?coat',
        'thinner' => 'thinner|reducer|white spirit|turpentine',
        'medium' => 'medium|retarder|flow (?:improver|aid)|extender',
        'texture' => 'texture|texture ?paste|paste|basing ?paste',
        'enamel' => 'enamel',
        'oil' => 'oils?|oil ?paint',
        'pigment' => 'pigments?|powder|weathering powder',
        'effect' => 'effect|crackle|chipping(?: fluid| medium)?|special',
    ];

    /** In a name: what ends it or stands for itself. */
    private const NAMED = [
        'wash' => 'wash|shade|shader',
        'ink' => 'ink',
        'stain' => 'stain|tint|glaze',
        'primer' => 'primer|undercoat|surfacer|ground',
        'varnish' => '(?:matt?|satin|gloss|ultra[ -]matt|clear) ?(?:coat|cote)|varnish|sealer|lacquer|top ?coat',
        'thinner' => 'thinner|reducer|white spirit|turpentine',
        'medium' => 'medium(?! \p{L})|retarder|flow (?:improver|aid)|extender|(?:decal|transfer|marking) (?:set|soft|setter|softener|fix)',
        'enamel' => 'enamel(?: wash)?',
        'oil' => 'oil(?: paint)?',
        'pigment' => 'pigment|powder',
        'texture' => 'texture|paste|silt|shingle',
        'effect' => 'crackle|verdigris effect|chipping (?:fluid|medium|effect)|slime',
    ];

    private const METALS = 'steel|iron|silver|gold|brass|bronze|copper|gunmetal|gun ?metal|tin|pewter|chrome|aluminium|metal|metallic';

    /** What these words say of a paint; null where they say nothing. */
    public static function said(string $words): ?Behaviour
    {
        foreach (self::SAID as $behaviour => $pattern) {
            if (preg_match('/(?<![\w-])(?:'.$pattern.')(?![\w-])/iu', $words) === 1) {
                return Behaviour::from($behaviour);
            }
        }

        return null;
    }

    /** These words without those that say how the paint behaves. */
    public static function without(string $words): string
    {
        $left = $words;
        foreach (self::SAID as $pattern) {
            $left = (string) preg_replace('/(?<![\w-])(?:'.$pattern.')(?![\w-])/iu', ' ', $left);
        }

        return trim((string) preg_replace('/\s+/u', ' ', $left), " \t,.()");
    }

    /** What a name tells; covering paint where it tells nothing. */
    public static function named(string $name): Behaviour
    {
        foreach (self::NAMED as $behaviour => $pattern) {
            $isLast = preg_match('/(?<![\w-])(?:'.$pattern.')s?$/iu', $name) === 1;
            $isAnywhere = $behaviour !== 'stain' && $behaviour !== 'oil'
                && preg_match('/(?<![\w-])(?:'.$pattern.')(?![\w-])/iu', $name) === 1;
            if ($isLast || ($isAnywhere && preg_match('/(?<![\w-])(?:ground|shade|paste|silt)(?![\w-])/iu', $name) !== 1)) {
                return Behaviour::from($behaviour);
            }
        }

        return self::isMetal($name) ? Behaviour::Metallic : Behaviour::Opaque;
    }

    /** "Old Brass" and "metallic blue" are, "Steel Blue" and "Gold Yellow" are not. */
    private static function isMetal(string $name): bool
    {
        if (preg_match('/(?<![\w-])metallic(?![\w-])/iu', $name) === 1) {
            return true;
        }
        $words = preg_split('/[\s-]+/u', trim($name)) ?: [];
        $last = (string) end($words);
        if (preg_match('/^(?:'.self::METALS.')$/iu', $last) === 1) {
            return true;
        }

        return !SaidColour::isColour($last) && preg_match('/(?<![\w-])(?:'.self::METALS.')(?![\w-])/iu', $name) === 1;
    }
}
