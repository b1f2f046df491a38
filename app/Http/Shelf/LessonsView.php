<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\LessonRow;
use App\Models\PaintRow;
use App\Workshop\Shelf\LessonDesk;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\DifferenceWords;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Shelf\Learned;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;
use Kalokroma\Word\Counted;

/** What was learned of paints, and from what. */
final class LessonsView
{
    /**
     * @param array<array-key, Learned> $known
     *
     * @return array<string, mixed>
     */
    public static function of(PaintRow $paint, array $known): array
    {
        $learned = $known[(string) $paint->id] ?? null;
        $names = PaintRow::withTrashed()->where('painter_id', $paint->painter_id)->pluck('name', 'id')->all();

        return [
            'paint_id' => $paint->id,
            'learned' => $learned === null ? null : trim($learned->words($paint->name).' '.$learned->seen()),
            'lessons' => array_map(static fn (LessonRow $l): array => [
                'id' => $l->id,
                'at' => $l->at->toIso8601ZuluString(),
                'mix_words' => implode(', ', array_map(
                    static fn (array $p): string =>
                        Counted::Drops->of($p['parts']).' '.($names[(int) $p['paint']] ?? 'a paint that is gone'),
                    $l->mix,
                )),
                'predicted' => self::hex($l->predicted),
                'seen' => self::hex($l->seen),
                'off' => round(Ciede2000::difference(self::lab($l->predicted), self::lab($l->seen)), 1),
                'certainty' => round($l->certainty, 1),
                'how' => $l->how,
                'words' => $l->said !== '' ? $l->said : DifferenceWords::between(self::lab($l->predicted), self::lab($l->seen)),
                'place' => $l->place,
            ], LessonDesk::of($paint)),
        ];
    }

    /** @return array<string, mixed> what one more lesson changed */
    public static function learned(Mix $before, Mix $after, Lab $seen): array
    {
        $words = array_map(static fn (Part $p): ?string => $p->paint->learned()?->words($p->paint->name), $after->parts);

        return [
            'off' => round(Ciede2000::difference($before->lab(), $seen), 1),
            'off_now' => round(Ciede2000::difference($after->lab(), $seen), 1),
            'certainty' => round($before->certainty(), 1),
            'certainty_now' => round($after->certainty(), 1),
            'hex' => $after->colour()->toHex(),
            'words' => implode(' ', array_filter($words)),
        ];
    }

    /** @param list<float> $lab */
    private static function lab(array $lab): Lab
    {
        return new Lab(...array_map(floatval(...), $lab));
    }

    /** @param list<float> $lab */
    private static function hex(array $lab): string
    {
        return Srgb::fromXyz(self::lab($lab)->toXyz())->toOklch()->onScreen()->toSrgb()->clipped()->toHex();
    }
}
