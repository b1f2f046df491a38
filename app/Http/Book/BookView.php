<?php

declare(strict_types=1);

namespace App\Http\Book;

use App\Models\AreaRow;
use App\Models\BookRow;
use App\Workshop\Recipe\BookState;
use App\Workshop\Recipe\RecipeMoves;
use App\Workshop\Studio;
use Illuminate\Http\Request;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\StepWords;

/** The recipe book, searched by words, colour, material, way and paints. */
final class BookView
{
    /** A colour within this (CIEDE2000) counts as found, when a colour is searched. */
    private const NEAR = 25.0;

    /** @return array<string, mixed> */
    public static function all(Studio $studio, Request $request): array
    {
        $rows = array_values(BookRow::query()->orderBy('name')->get()->all());
        $tags = array_count_values(array_merge([], ...array_map(static fn (BookRow $r): array => $r->tags, $rows)));
        arsort($tags);
        $owned = [];
        foreach ($studio->shelf->paints() as $paint) {
            $owned += $paint->isAtHand() ? [mb_strtolower($paint->name) => true] : [];
        }
        $areas = AreaRow::query()->with('company', 'recipe')->orderBy('company_id')->orderBy('position')->get();

        return [
            'total' => count($rows),
            'recipes' => array_map(static fn (array $f): array => [
                ...self::head($f['row']),
                'apart' => $f['apart'] === null ? null : round($f['apart'], 1),
                'missing' => array_values(
                    array_filter($f['row']->paints, static fn (string $p): bool => !isset($owned[mb_strtolower($p)])),
                ),
            ], self::found($rows, $request)),
            'tags' => array_map(strval(...), array_keys($tags)),
            'materials' => array_values(array_unique(array_map(static fn (BookRow $r): string => $r->material->value, $rows))),
            'areas' => array_values($areas->map(static fn (AreaRow $a): array => [
                'id' => $a->id,
                'company' => $a->company->name,
                'name' => $a->name,
                'material' => $a->material->value,
                'version' => $a->recipe->version ?? 0,
            ])->all()),
        ];
    }

    /**
     * @param list<BookRow> $rows
     *
     * @return list<array{row: BookRow, apart: float|null}> what is asked for, the nearest colour first
     */
    private static function found(array $rows, Request $request): array
    {
        $asked = static fn (string $name): string => is_string($request->query($name)) ? $request->query($name) : '';
        $words = array_values(array_filter(explode(' ', mb_strtolower($asked('q')))));
        $hex = $asked('colour');
        $colour = preg_match('/^#[0-9a-f]{6}$/i', $hex) === 1 ? Srgb::fromHex($hex)->toLab() : null;
        $found = [];
        foreach ($rows as $row) {
            $apart = $colour === null ? null : Ciede2000::difference($colour, Srgb::fromHex($row->hex)->toLab());
            if (
                self::says($row, $words) && ($apart === null || $apart <= self::NEAR)
                && in_array($asked('material'), ['', $row->material->value], true)
                && in_array($asked('way'), ['', $row->way->value], true)
            ) {
                $found[] = ['row' => $row, 'apart' => $apart];
            }
        }
        usort($found, static fn (array $a, array $b): int => ($a['apart'] ?? 0.0) <=> ($b['apart'] ?? 0.0)
            ?: strcasecmp($a['row']->name, $b['row']->name));

        return $found;
    }

    /** @param list<string> $words in small letters */
    private static function says(BookRow $row, array $words): bool
    {
        $text = mb_strtolower(implode(' ', [
            $row->name,
            ...$row->tags,
            $row->material->value,
            $row->way->words(),
            ...$row->paints,
            PlainName::of(Srgb::fromHex($row->hex)->toOklch()),
        ]));

        return array_filter($words, static fn (string $w): bool => !str_contains($text, $w)) === [];
    }

    /** @return array<string, mixed> */
    public static function whole(Studio $studio, BookRow $row): array
    {
        $plan = (new RecipeMoves($studio))->plan($row);

        return [
            ...self::head($row),
            'steps' => array_map(static fn (PlannedStep $s): array => [
                'key' => $s->key->value,
                'technique' => $s->technique->words(),
                'stage' => $s->stage->value,
                'words' => $s->words(),
                'hex' => $s->load->mix !== null && $s->isFilm() ? $s->load->mix->colour()->toHex() : null,
                'how' => implode(' · ', array_slice(StepWords::asPlanned($s), $s->load->mix === null ? 0 : 1)),
                'at_hand' => $s->load->isAtHand(),
            ], array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => !$s->handling->omitted))),
        ];
    }

    /** @return array<string, mixed> */
    private static function head(BookRow $row): array
    {
        return [
            'id' => $row->id,
            'version' => BookState::of($row)->version(),
            'name' => $row->name,
            'tags' => $row->tags,
            'notes' => $row->notes,
            'material' => $row->material->value,
            'relief' => $row->relief->words(),
            'way' => $row->way->words(),
            'hex' => $row->hex,
            'colour_words' => PlainName::of(Srgb::fromHex($row->hex)->toOklch()),
            'paints' => $row->paints,
            'strip' => $row->strip,
        ];
    }
}
