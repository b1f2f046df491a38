<?php

declare(strict_types=1);

namespace Kalokroma\Word;

use InvalidArgumentException;
use MessageFormatter;

/** Sentences with numbers and names put in, and the right plural for what is counted. */
final class Message
{
    private const LOCALE = 'en_GB';

    /** @var array<string, MessageFormatter> */
    private static array $made = [];

    /** @param array<string, string|int|float> $facts */
    public static function said(string $template, array $facts): string
    {
        preg_match_all('/\{(\w+), plural,/', $template, $counted);
        if ($counted[1] === []) {
            return strtr($template, self::braced($facts));
        }
        $given = array_map(static fn (string|int|float $fact): string => is_float($fact) ? self::number($fact) : (string) $fact, $facts);
        foreach ($counted[1] as $name) {
            $given[$name] = $facts[$name] ?? throw new InvalidArgumentException(
                sprintf('"%s" counts {%s}, but nobody said how many.', $template, $name),
            );
        }
        self::$made[$template] ??= new MessageFormatter(self::LOCALE, $template);

        $said = self::$made[$template]->format($given);

        return $said === false ? throw new InvalidArgumentException('"'.$template.'": '.self::$made[$template]->getErrorMessage()) : $said;
    }

    /** One decimal, and no −0. */
    public static function number(float $value): string
    {
        $text = number_format($value, 1, '.', '');

        return $text === '-0.0' ? '0.0' : $text;
    }

    /**
     * "belt", "belt and strap", "belt, strap and rope".
     *
     * @param list<string> $words
     */
    public static function listed(array $words, string $last = 'and'): string
    {
        $end = array_pop($words);

        return $words === [] ? (string) $end : implode(', ', $words).' '.$last.' '.$end;
    }

    /**
     * @param array<string, string|int|float> $facts
     *
     * @return array<string, string>
     */
    private static function braced(array $facts): array
    {
        $braced = [];
        foreach ($facts as $name => $fact) {
            $braced['{'.$name.'}'] = is_float($fact) ? self::number($fact) : (string) $fact;
        }

        return $braced;
    }
}
