<?php

declare(strict_types=1);

namespace App\Formats\Shelf;

use App\Models\PaintRow;

/** The shelf as JSON, with what was measured; see docs/formats/shelf.schema.json. */
final class ShelfJson
{
    /** @param iterable<PaintRow> $paints */
    public static function write(iterable $paints): string
    {
        $rows = [];
        foreach ($paints as $paint) {
            $rows[] = array_filter([
                'name' => $paint->name,
                'line' => $paint->line,
                'behaviour' => $paint->behaviour->value,
                'colour' => $paint->hex,
                'bottle_ml' => $paint->bottle_ml,
                'left_ml' => $paint->left_ml,
                'price_minor' => $paint->price_minor,
                'currency' => $paint->currency,
                'owned' => $paint->owned,
                'bottles' => $paint->bottles,
                'place' => $paint->place,
                'opened' => $paint->opened_on?->format('Y-m-d'),
                'state' => $paint->state,
                'set' => $paint->set_name,
                'finish' => $paint->sheen,
                'form' => PaintFields::formToTell($paint),
                'for' => PaintFields::purposeToTell($paint),
                'colour_source' => $paint->colour_source,
                'notes' => $paint->notes,
                'swatch' => $paint->swatch,
                'extra' => $paint->extra,
            ], static fn (mixed $v): bool => $v !== null && $v !== '');
        }

        return json_encode(
            ['kind' => 'kalokroma.shelf', 'version' => 1, 'paints' => $rows],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n";
    }
}
