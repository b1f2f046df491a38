<?php

declare(strict_types=1);

namespace Kalokroma\Word;

/** Something the core found, as a code with the facts it was computed from, and one plain sentence made of them. */
final readonly class Finding
{
    /** @param array<string, string|int|float> $facts numbers are printed with at most one decimal, and never as −0 */
    public function __construct(public string $code, public string $template, public array $facts = [])
    {
    }

    public function sentence(): string
    {
        $filled = [];
        foreach ($this->facts as $name => $fact) {
            $filled['{'.$name.'}'] = is_float($fact) ? self::number($fact) : (string) $fact;
        }

        return ucfirst(strtr($this->template, $filled));
    }

    private static function number(float $value): string
    {
        $text = number_format($value, 1, '.', '');

        return $text === '-0.0' ? '0.0' : $text;
    }
}
