<?php

declare(strict_types=1);

namespace Tests\Core;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\SaidColour;
use Kalokroma\Colour\Srgb;
use Kalokroma\Shelf\Typed\TypedPaint;
use Kalokroma\Shelf\Typed\TypedShelf;
use Kalokroma\Shelf\UsualWash;
use RuntimeException;

/** Pots as people write them down, each with what it is in a few facets. The files say how facets are written. */
final readonly class ShelfLines
{
    /** A colour is as it was meant where it is this near (CIEDE2000) to what its words say. */
    private const NEAR = 9.0;

    /** @param list<array{said: string, facets: array<string, string>}> $lines */
    private function __construct(public array $lines)
    {
    }

    public static function of(string $file): self
    {
        $lines = [];
        foreach (file($file) ?: throw new RuntimeException($file) as $row) {
            if (trim($row) === '' || $row[0] === '#' || !str_contains($row, '=>')) {
                continue;
            }
            [$said, $means] = array_map(trim(...), explode('=>', $row, 2));
            $facets = [];
            foreach (explode(';', $means) as $facet) {
                [$key, $value] = [...explode(':', trim($facet), 2), ''];
                $facets[$key] = trim($value);
            }
            $lines[] = ['said' => $said, 'facets' => $facets];
        }

        return new self($lines);
    }

    /** The first facet that is otherwise, with what it is; empty where all are right. */
    public function otherwise(int $i): string
    {
        ['said' => $said, 'facets' => $facets] = $this->lines[$i];
        $read = TypedShelf::read($said);
        if (count($read) !== 1) {
            return count($read).' pots';
        }
        foreach ($facets as $key => $value) {
            $its = self::facet($key, $value, $read[0]);
            if ($its !== null) {
                return $key.': '.$its;
            }
        }
        if ($read[0]->questions !== [] && !isset($facets['ask'])) {
            return 'it asks: '.$read[0]->questions[0]->asks->sentence();
        }

        return '';
    }

    /** What it is where that is not what was meant; null where it is. */
    private static function facet(string $key, string $value, TypedPaint $p): ?string
    {
        $its = match ($key) {
            'name' => $p->name,
            'kind' => $p->behaviour->value,
            'form' => ['spray can' => 'can', 'airbrush-ready' => 'airbrush'][$p->form->value] ?? $p->form->value,
            'for' => $p->purpose->value,
            'sheen' => $p->sheen->value ?? 'none',
            'ml' => (string) $p->bottleMl,
            'bottles' => (string) ($p->bottles ?? 1),
            'place' => $p->place,
            'range' => $p->range,
            'set' => $p->set,
            'owned' => $p->owned ? 'yes' : 'no',
            'left' => str_ends_with($value, 'ml') ? $p->leftMl.' ml'
                : (string) ($p->leftMl === null ? 'not said' : round($p->leftMl / ((float) $p->bottleMl * max(1, $p->bottles ?? 1)), 2)),
            'note' => str_contains(mb_strtolower($p->notes), mb_strtolower($value)) ? $value : $p->notes,
            'found' => str_contains(self::findings($p), $value) ? $value : 'nothing',
            'ask' => $p->questions !== [] || $p->doubt !== '' ? $value : 'nothing is asked',
            'colour' => self::colour($value, $p),
            default => throw new RuntimeException($key),
        };

        return in_array($its, explode('/', $value), true) || ($key === 'ml' && (float) $its === (float) $value) ? null : $its;
    }

    private static function findings(TypedPaint $p): string
    {
        return implode(' ', array_map(static fn ($f): string => $f->sentence(), $p->findings));
    }

    private static function colour(string $meant, TypedPaint $p): string
    {
        if ($p->hex === null || $meant === 'none') {
            return $p->hex ?? 'none';
        }
        $called = SaidColour::read($meant) ?? throw new RuntimeException($meant);
        $full = Reflectance::fromSrgb($called->toSrgb());
        $want = $p->behaviour->isTransparent() ? UsualWash::overWhite($p->behaviour, $full) : $full;

        return Ciede2000::difference($want->toLab(), Srgb::fromHex($p->hex)->toLab()) <= self::NEAR ? $meant : $p->hex;
    }
}
