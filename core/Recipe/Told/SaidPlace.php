<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Film\Face;
use Kalokroma\Recipe\Plan\Place;

/** Where it goes, and which way the strokes run. */
final readonly class SaidPlace
{
    private const PERCENT = '(?:\s*,?\s*(?:about |roughly |some |on )?(\d{1,3})\s*%(?: of (?:it|them))?)?';

    /** What is raised first: raised folds are no folds. */
    private const FACES = [
        'ridge' => '(?:(?:raised|highest|high|protruding|exposed) (?:parts|areas|points|folds|details|bits|edges)|(?:tops?'
        .'|highest points?) of '
            .'(?:the )?folds|ridges|tips|peaks)',
        'plane' => '(?:flats|flat (?:parts|areas|panels|surfaces)|planes|broad faces)',
        'recess' => '(?:recess(?:es)?|hollows?|crevices?|depths?|deepest (?:parts|folds)|folds|creases|cracks|gaps|joints|seams'
        .'|panel lines|'
            .'shadows|shaded parts)(?!\s+(?:line|wash|shade))',
    ];

    /** Says that what follows is left alone. */
    private const LEAVING = '(?:(?:but |while |and )?(?:leav(?:e|es|ing)|spar(?:e|ing)|avoid(?:s|ing)?)(?: alone| out| free)?'
        .'|(?:but )?(?:keep(?:s|ing)?|stay(?:s|ing)?)(?: it| this| that)? (?:off|out of|away from|clear of)'
        .'|(?:but )?(?:not|never|nothing)(?: in| into| on| onto| over| to)'
        .'|(?:do not|don\'t|without) touch(?:ing)?'
        .'|(?:all|everything|everywhere|anywhere)(?: over)?,? (?:but|except|save)(?: for| in| on)?'
        .'|except(?:ing)?(?: for| in| on)?|but not(?: in| on)?|apart from|outside)';

    /** What is left alone, more widely named than where something goes: "leave the folds", "stay off the edges". */
    private const LEFT = [
        'recess' => '(?:recess(?:es)?|hollows?|crevices?|depths?|(?:deepest )?(?:parts|folds)|creases?|gaps?|cracks?|joints?|seams?|'
            .'panel lines|(?:eye )?sockets?|shadows?|shad(?:es?|ed parts))',
        'plane' => '(?:flats?|flat (?:parts|areas|panels?|surfaces?)|planes?|broad faces|panels)',
        'ridge' => '(?:edges?|ridges?|rims?|tips?|peaks?|(?:raised|highest|high|protruding) (?:parts|areas|points|folds|details|bits))',
    ];

    private const PARTS = [
        'the upper two thirds' => '(?:upper|top) (?:two[ -]thirds|2\/3)',
        'the upper third' => '(?:upper|top) (?:third|1\/3)',
        'the lower third' => '(?:lower|bottom) (?:third|1\/3)',
        'upper parts' => '(?:upper|top) (?:half|parts?|areas?|surfaces?)',
        'lower parts' => '(?:lower|bottom) (?:half|parts?|areas?|two[ -]thirds)',
        'the side away from the light' => '(?:side away from the light|shadow side|dark side)',
        'the side of the light' => '(?:side of the light|light side|lit side)',
        'the left' => 'left(?: side| half)?',
        'the right' => 'right(?: side| half)?',
        'the middle' => '(?:middle|centre|center)',
        'a few spots' => '(?:few spots|some spots)',
    ];

    private const LIGHTS = [
        'from above' => 'from (?:above|the top)', 'from the left' => 'from (?:the )?left', 'from the right' => 'from (?:the )?right',
        'from the front' => 'from (?:the )?front', 'from below' => 'from (?:below|underneath)',
    ];

    /** @param bool $folds whether mere folds are named: raised ones for a light, deep ones for a shade */
    private function __construct(public Place $place, public string $strokes, public bool $edges, public bool $folds)
    {
    }

    public static function taken(Phrase $phrase): self
    {
        $strokes = $phrase->take('\balong (?!the (?:edges?|recess))(?:the |its )?[a-z]+|\b(?:straight )?downwards?\b|\bin (?:short|'
            .'long|small|tiny) strokes\b');
        $light = '';
        foreach (self::LIGHTS as $name => $pattern) {
            $light = $light === '' && $phrase->take('\b'.$pattern.'\b') !== null ? $name : $light;
        }
        $edges = $phrase->take('\b(?:only (?:on |along )?(?:the )?edges|(?:on |along )?(?:the )?edges only|(?:on|along) (?:the |all '
            .')?edges)\b') !== null;
        $left = self::left($phrase);
        $folds = $phrase->has('\b(?<!raised |deepest |highest |of |of the )folds\b');
        [$face, $share] = self::face($phrase);
        [$part, $ofPart] = self::part($phrase);
        $phrase->take('\b(?:all over(?: it)?|everywhere|over everything|the whole (?:area|thing))\b');

        $place = (new Place($face, $part, $light, $share ?? $ofPart ?? 1.0))->leaving($left);

        return new self($place, $strokes[0] ?? '', $edges, $folds && $place->face === Face::Recess);
    }

    /** @return list<Face> what is left alone; a paint that stays there is told of as a note */
    private static function left(Phrase $phrase): array
    {
        $found = [];
        foreach (self::LEFT as $face => $pattern) {
            $it = '(?:\s+(?:the|any|all the|its|your))?';
            $which = '(?:\s+(?!in\b|on\b)[\p{L}-]+){0,2}?\s+';
            $there = '(?:(?:\s+(?:the|some|a bit of the))?(?:\s+(?:[\p{L}-]+|⟦\d+⟧)){1,4}?\s+(?:in|on|showing in|visible in)(?:'
        .' the)?\s+)';
            $pattern = self::LEAVING.'(?:'.$there.'|'.$it.$which.')'.$pattern
                .'(?:\s+(?:alone|as (?:they are|it is)|visible|showing|free|untouched|dark))?';
            $said = $phrase->take('(?<![\p{L}-])'.$pattern.'(?![\p{L}-])');
            if ($said !== null) {
                $found[] = Face::from($face);
                preg_match('/⟦\d+⟧/u', $said[0]) === 1 && $phrase->note($said[0]);
            }
        }

        return $found;
    }

    /** @return array{Face|null, float|null} */
    private static function face(Phrase $phrase): array
    {
        foreach (self::FACES as $face => $pattern) {
            $in = '\b(?:only |just )?(?:(?:in|into|on|onto|over|to) )?(?:about (\d{1,3})\s*% of )?(?:the |all the )?';
            $said = $phrase->take($in.$pattern.'(?: only| alone)?\b'.self::PERCENT);
            if ($said !== null) {
                return [Face::from($face), self::share($said[1] ?? '', $said[2] ?? '')];
            }
        }

        return [null, null];
    }

    /** @return array{string, float|null} */
    private static function part(Phrase $phrase): array
    {
        foreach (self::PARTS as $part => $pattern) {
            $needs = in_array($part, ['the left', 'the right', 'the middle', 'a few spots'], true)
                ? '\b(?:only )?(?:on|in|at|to) (?:the |a )' : '\b(?:only )?(?:(?:on|in|at|over) )?(?:the )?';
            $said = $phrase->take($needs.$pattern.'(?: only)?\b'.self::PERCENT);
            if ($said !== null) {
                return [$part, self::share($said[1] ?? '')];
            }
        }
        if ($phrase->take('\bhere and there\b|\bin (?:a few )?spots\b') !== null) {
            return ['a few spots', null];
        }

        return ['', null];
    }

    private static function share(string ...$said): ?float
    {
        foreach ($said as $percent) {
            $share = Place::shareOf((float) $percent);
            if ($share > 0.0 && $share <= 1.0) {
                return $share;
            }
        }

        return null;
    }
}
