<?php

declare(strict_types=1);

namespace Kalokroma\Shelf\Typed;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\SaidColour;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\ColourSource;
use Kalokroma\Film\Sheen;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Purpose;
use Kalokroma\Shelf\SaidBehaviour;
use Kalokroma\Shelf\UsualWash;
use Kalokroma\Word\Finding;

/** Makes a paint of what a line told of it. */
final class PotMade
{
    /** Letters of a name, a range, a place, a set. */
    private const LONGEST = 80;

    /** @param list<string> $cells where the line is no row of a table */
    public static function of(int $number, string $said, PotCell $name, PotTold $told, array $cells): TypedPaint
    {
        $named = $name->line->said;
        $behaviour = self::behaviour($said, $named, $told);
        $form = PotForm::of($told->form, $behaviour, $named);
        [$hex, $from, $isUnsure] = $behaviour->colours() ? self::colour($named, $name->rest(), $told, $behaviour) : [null, '', false];
        $isOther = $told->isOther && $told->behaviour === null;
        $questions = $isOther ? [PotAsking::other($said)] : PotAsking::of($said, $told, $behaviour, $form, $cells);
        $isMissing = $hex === null && $behaviour->needsColour() && $questions === [];

        return new TypedPaint(
            $number,
            $said,
            mb_substr(self::fullName($named, $name->rest(), $told), 0, self::LONGEST),
            mb_substr($told->range, 0, self::LONGEST),
            $behaviour,
            $hex,
            $from === '' ? ColourSource::Typed : ColourSource::Guessed,
            $from,
            $form,
            $told->purpose ?? Purpose::guess($named, $behaviour),
            $told->sheen ?? ($behaviour === Behaviour::Varnish ? Sheen::guess($named) : null),
            $told->bottleMl(),
            $told->leftMl(),
            $told->bottles,
            $told->owned,
            mb_substr($told->place, 0, self::LONGEST),
            mb_substr($told->set, 0, self::LONGEST),
            implode('; ', $told->notes),
            $isUnsure,
            $told->behaviour === null && $behaviour === Behaviour::Opaque,
            $isMissing ? 'What colour is it? A word or two will do, such as "dark warm red".' : '',
            $questions,
            preg_match('/\b(?:fluorescent|neon)\b/iu', $said) === 1
                ? [new Finding('shelf.vivid', 'Brighter than a screen shows: the swatch is only as vivid as it can be here.', [])] : [],
        );
    }

    private static function behaviour(string $said, string $named, PotTold $told): Behaviour
    {
        return $told->behaviour ?? match (true) {
            PotAsking::isPrimer($said, $told, $told->form) => Behaviour::Primer,
            SaidBehaviour::named($named) === Behaviour::Metallic => Behaviour::Metallic,
            default => Behaviour::Opaque,
        };
    }

    /**
     * @param string $ownWords of the name, without those that say what it is
     *
     * @return array{string|null, string, bool} `#rrggbb`, the words it was guessed from (empty where figures tell it), and whether they may
     *   not mean a colour
     */
    private static function colour(string $named, string $ownWords, PotTold $told, Behaviour $behaviour): array
    {
        if ($told->hex !== null) {
            return [$told->hex, '', false];
        }
        $isOfItself = $told->from === '';
        $from = trim($told->manner.' '.($isOfItself ? $ownWords : $told->from));
        $hex = self::guess($from, $behaviour) ?? ($isOfItself ? null : self::guess($ownWords, $behaviour));
        $words = $isOfItself && $told->manner === '' ? $named : $from;

        return [$hex, $hex === null ? '' : $words, $hex !== null && $isOfItself && !self::endsInColour($ownWords)];
    }

    /** "Airbrush primer, white" is white airbrush primer: a name that says only what it is takes its colour with it. */
    private static function fullName(string $named, string $ownWords, PotTold $told): string
    {
        $named = trim($named, " \t,.");

        $isKindOnly = $ownWords === '' && $told->from !== '' && $told->behaviour?->needsColour() === true;

        return $isKindOnly ? $told->from.' '.lcfirst($named) : $named;
    }

    /** Whether a name says its colour as painters do, last of all: "Old Wine" does, "Sea Holly" may not. */
    private static function endsInColour(string $ownWords): bool
    {
        preg_match_all('/\pL+/u', (string) preg_replace('/\bground\b/iu', '', $ownWords), $words);

        return $words[0] !== [] && SaidColour::isColour((string) end($words[0]));
    }

    /** `#rrggbb` of what these words say; one coat over white of paint that is laid so. */
    private static function guess(string $words, Behaviour $behaviour): ?string
    {
        $said = SaidColour::read($words);
        if ($said === null) {
            return null;
        }
        $colour = Reflectance::fromSrgb($said->toSrgb());

        $laid = $behaviour->isTransparent() ? UsualWash::overWhite($behaviour, $colour) : $colour;

        return Srgb::fromXyz($laid->toXyz())->clipped()->toHex();
    }
}
