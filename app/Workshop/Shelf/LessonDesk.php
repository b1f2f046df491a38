<?php

declare(strict_types=1);

namespace App\Workshop\Shelf;

use App\Models\LessonRow;
use App\Models\Painter;
use App\Models\PaintRow;
use App\Workshop\Recipe\Staleness;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Lab;
use Kalokroma\Shelf\Learned;
use Kalokroma\Shelf\Learning;
use Kalokroma\Shelf\Lesson;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\SeenMix;

/** Keeps what mixes came to, and what the core learns from it; nothing typed or measured is touched. */
final class LessonDesk
{
    /**
     * @param array{how: string, said: string, place: string} $told
     * @param float $certainty ± CIEDE2000 of what was seen
     */
    public static function learn(Painter $painter, Mix $mix, Lab $seen, float $certainty, array $told, CarbonImmutable $at): LessonRow
    {
        return DB::transaction(static function () use ($painter, $mix, $seen, $certainty, $told, $at): LessonRow {
            $lesson = new LessonRow([
                'mix' => array_map(static fn (Part $p): array => ['paint' => $p->paint->id, 'parts' => $p->parts], $mix->parts),
                'seen' => $seen->rounded(),
                'predicted' => $mix->lab()->rounded(),
                'certainty' => $certainty,
                'at' => $at,
                ...$told,
            ]);
            $lesson->painter_id = $painter->id;
            $lesson->save();
            self::again($painter);

            return $lesson;
        });
    }

    public static function takeBack(Painter $painter, LessonRow $lesson): void
    {
        DB::transaction(static function () use ($painter, $lesson): void {
            $lesson->delete();
            self::again($painter);
        });
    }

    /** @return array<array-key, Learned> by the ids of the paints */
    public static function known(Painter $painter): array
    {
        return array_map(
            static fn (array $l): Learned =>
                new Learned((float) $l[0], (float) $l[1], (int) $l[2], array_map(SeenMix::kept(...), $l[3] ?? [])),
            $painter->learned ?? [],
        );
    }

    /** After a paint that took part became another one. */
    public static function changed(PaintRow $paint): void
    {
        $painter = Painter::query()->find($paint->painter_id);
        if ($painter !== null && isset($painter->learned[(string) $paint->id])) {
            self::again($painter);
        }
    }

    /** @return list<LessonRow> the newest first */
    public static function of(PaintRow $paint): array
    {
        $takesPart = static fn (LessonRow $l): bool =>
            in_array((string) $paint->id, array_map(strval(...), array_column($l->mix, 'paint')), true);

        return array_values(array_filter(LessonRow::query()->orderByDesc('at')->orderByDesc('id')->get()->all(), $takesPart));
    }

    /** Works out again what all lessons together tell. */
    private static function again(Painter $painter): void
    {
        $paints = [];
        foreach (PaintRow::withTrashed()->where('painter_id', $painter->id)->get() as $row) {
            $paints[(string) $row->id] = $row;
        }
        $before = $painter->learned ?? [];
        $lessons = array_values(
            array_filter(array_map(
                static fn (LessonRow $l): ?Lesson => self::lesson($l, $paints),
                LessonRow::query()->where('painter_id', $painter->id)->orderBy('id')->get()->all(),
            )),
        );
        $learned = array_map(
            static fn (Learned $l): array => [
                round($l->strength, 4),
                round($l->doubt, 4),
                $l->lessons,
                array_map(static fn (SeenMix $m): array => $m->toKeep(), $l->mixes),
            ],
            Learning::from($lessons),
        );
        DB::table('painters')->where('id', $painter->id)->update(['learned' => json_encode((object) $learned, JSON_THROW_ON_ERROR)]);
        $here = Auth::user();
        foreach ([$painter, ...$here instanceof Painter && $here->id === $painter->id ? [$here] : []] as $known) {
            $known->learned = $learned;
            $known->syncOriginalAttribute('learned');
        }
        foreach (array_keys($before + $learned) as $id) {
            if (($before[$id] ?? null) !== ($learned[$id] ?? null) && isset($paints[(string) $id])) {
                Staleness::ofPaint($paints[(string) $id]);
            }
        }
    }

    /** @param array<array-key, PaintRow> $paints */
    private static function lesson(LessonRow $row, array $paints): ?Lesson
    {
        $parts = [];
        foreach ($row->mix as $part) {
            $core = isset($paints[$part['paint']]) ? ShelfRows::toCore($paints[$part['paint']]) : null;
            if ($core?->colour === null) {
                return null;
            }
            $parts[] = new Part($core, $part['parts']);
        }

        return new Lesson((string) $row->id, Mix::of($parts), new Lab(...array_map(floatval(...), $row->seen)), $row->certainty);
    }
}
