<?php

declare(strict_types=1);

namespace App\Workshop\Shelf;

use App\Models\PaintRow;
use App\Workshop\State\Conflict;
use App\Workshop\State\State;

/** A paint as its form has it. */
final class PaintState
{
    private const WORDS = [
        'name' => 'Name', 'line' => 'Range', 'behaviour' => 'Behaviour', 'hex' => 'Colour', 'bottle_ml' => 'Bottle, ml',
        'left_ml' => 'Left, ml', 'price_minor' => 'Price in cents', 'currency' => 'Currency', 'owned' => 'Owned', 'bottles' => 'Bottles',
        'place' => 'Place', 'opened_on' => 'Opened on', 'state' => 'State', 'set_name' => 'Set', 'colour_source' => 'Colour known from',
        'sheen' => 'Finish', 'form' => 'Form', 'purpose' => 'For', 'notes' => 'Notes', 'swatch' => 'Test swatch',
    ];

    public static function of(PaintRow $paint): State
    {
        return self::said($paint->only(array_keys(self::WORDS)));
    }

    /** @param array<string, mixed> $attributes as they would be saved */
    public static function wanted(PaintRow $paint, array $attributes): State
    {
        return self::said([...$paint->only(array_keys(self::WORDS)), ...array_intersect_key($attributes, self::WORDS)]);
    }

    /**
     * Several paints together, as one change of them all has seen them.
     *
     * @param list<PaintRow> $paints
     */
    public static function together(array $paints): string
    {
        return substr(sha1(implode(' ', array_map(static fn (PaintRow $p): string => self::of($p)->version(), $paints))), 0, 16);
    }

    /**
     * A change of several paints.
     *
     * @param list<PaintRow> $paints
     * @param array<string, mixed> $changes of each of them
     * @param array<int, string> $seen versions by id; those of which nothing is said are taken for the newest
     * @param string|null $together the version of all of them, which counts in place of those
     *
     * @throws Conflict where one of them has been changed in the meantime
     */
    public static function checkAll(array $paints, array $changes, array $seen, ?string $together): void
    {
        $now = self::together($paints);
        $differences = [];
        foreach ($together === $now ? [] : $paints as $paint) {
            $version = $seen[$paint->id] ?? null;
            $there = self::of($paint);
            foreach ($version === null || $version === $there->version() ? [] : $there->differences(self::wanted($paint, $changes)) as $d) {
                $differences[] = ['what' => $paint->name.', '.mb_strtolower($d['what'])] + $d;
            }
        }
        if ($differences !== []) {
            throw new Conflict('What you chose', $now, $differences);
        }
    }

    /** @param array<mixed> $swatch readings with what was solved from them */
    private static function swatch(array $swatch): string
    {
        return isset($swatch['at']) && is_string($swatch['at']) ? 'read '.$swatch['at'] : 'a new reading';
    }

    /** @param array<string, mixed> $attributes */
    private static function said(array $attributes): State
    {
        $words = [];
        foreach (self::WORDS as $name => $what) {
            $value = $attributes[$name] ?? null;
            $words[$what] = is_array($value) ? self::swatch($value) : State::word($value);
        }

        return new State($words);
    }
}
