<?php

declare(strict_types=1);

namespace App\Workshop\Shelf;

use App\Devices\BottleScale;
use App\Devices\ScaleFailed;
use App\Models\PaintRow;
use DomainException;
use Kalokroma\Shelf\ShelfProblem;
use Kalokroma\Shelf\Weighing;

/** Puts a bottle on the scale, or takes the weight the painter typed, and tells what it holds. */
final class ScaleDesk
{
    private const READINGS = 3;
    private const MOST_FAILURES = 4;

    /**
     * @param mixed $grams typed weight, empty to use the scale
     * @param mixed $tare weight of an empty bottle, empty for a usual one
     *
     * @throws ScaleFailed|ShelfProblem|DomainException
     */
    public static function weigh(BottleScale $scale, PaintRow $paint, mixed $grams, mixed $tare): Weighed
    {
        $typed = self::weight($grams, 'weight');
        [$readings, $failures] = $typed === null ? self::readings($scale, $paint) : [[$typed], 0];
        $found = Weighing::of($readings, $paint->behaviour, $paint->bottle_ml, self::weight($tare, 'empty bottle\'s weight'));

        return new Weighed($typed === null ? $scale->name() : null, $readings, $failures, $found);
    }

    /**
     * @return array{list<float>, int}
     *
     * @throws ScaleFailed
     */
    private static function readings(BottleScale $scale, PaintRow $paint): array
    {
        $readings = [];
        $failures = 0;
        while (count($readings) < self::READINGS) {
            try {
                $readings[] = $scale->weigh($paint);
            } catch (ScaleFailed) {
                if (++$failures >= self::MOST_FAILURES) {
                    throw ScaleFailed::tooOften($scale->name(), $failures);
                }
            }
        }

        return [$readings, $failures];
    }

    /** @throws DomainException */
    private static function weight(mixed $given, string $what): ?float
    {
        $text = is_scalar($given) ? str_replace(',', '.', trim((string) $given)) : '';
        if ($text === '') {
            return null;
        }
        if (preg_match('/^\d{1,4}(?:\.\d{1,3})?$/D', $text) !== 1) {
            throw new DomainException(sprintf('The %s is "%s": write grams as in 14.2.', $what, mb_strimwidth($text, 0, 40, '…')));
        }

        return (float) $text;
    }
}
