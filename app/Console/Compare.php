<?php

declare(strict_types=1);

namespace App\Console;

use DomainException;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;

final class Compare extends PlanningCommand
{
    protected $signature = 'kalokroma:compare {--lab=* : a colour as L,a,b under D65, twice} {--hex=* : a colour as #rrggbb, twice}';

    protected $description = 'Tell how far two colours are apart (CIEDE2000)';

    protected function answer(): array
    {
        /** @var list<string> $labs */
        $labs = (array) $this->option('lab');
        /** @var list<string> $hexes */
        $hexes = (array) $this->option('hex');
        $colours = [...array_map(self::read(...), $labs), ...array_map(static fn (string $h): Lab => Srgb::fromHex($h)->toLab(), $hexes)];
        if (count($colours) !== 2) {
            throw new DomainException(sprintf('Give two colours with --lab="L,a,b" or --hex="#rrggbb", not %d.', count($colours)));
        }

        return ['delta_e_00' => round(Ciede2000::difference(...$colours), 4)];
    }

    private static function read(string $text): Lab
    {
        $parts = array_map(trim(...), explode(',', $text));
        if (count($parts) !== 3 || array_filter($parts, is_numeric(...)) !== $parts) {
            throw new DomainException(sprintf('--lab is "%s": write three numbers, as in --lab="50,2.5,-10".', $text));
        }
        [$l, $a, $b] = array_map(floatval(...), $parts);
        if ($l < 0 || $l > 100 || abs($a) > 500 || abs($b) > 500) {
            throw new DomainException(sprintf('--lab is "%s": L runs from 0 to 100, a and b from -500 to 500.', $text));
        }

        return new Lab($l, $a, $b);
    }
}
