<?php

declare(strict_types=1);

namespace App\Workshop\Shelf;

use App\Models\PaintRow;
use Carbon\CarbonImmutable;
use DomainException;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Boundary;
use Kalokroma\Film\Calibration;
use Kalokroma\Film\Constants;
use Kalokroma\Film\ParsedThinning;
use Kalokroma\Film\Pigment;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Paint;

/**
 * Test swatches: keeps the readings of one coat over black and white with what was solved from them, and tells what
 * that changed.
 *
 * @phpstan-type Swatch array{
 *   on_black: list<float>, on_white: list<float>, black: list<float>, white: list<float>, thin: string, by: string,
 *   at: string, absorption: list<float>, scattering: list<float>, guarded: int, contrast: float, surface?: float,
 * }
 */
final class SwatchDesk
{
    /** Bare fields of the card, where they are not read: L* of toner and of paper. */
    public const CARD_BLACK = [25.0, 0.0, 0.0];
    public const CARD_WHITE = [94.0, 0.0, 0.0];

    /** @throws DomainException in a sentence, where the readings cannot be */
    public static function calibrate(
        PaintRow $paint,
        Lab $onBlack,
        Lab $onWhite,
        Lab $black,
        Lab $white,
        Thinning $thinning,
        string $by,
        CarbonImmutable $at,
    ): void {
        if (!$paint->behaviour->canBeRead()) {
            throw new DomainException(
                sprintf(
                    '%s is %s paint: a swatch of it cannot be read, since %s.',
                    $paint->name,
                    $paint->behaviour->value,
                    $paint->behaviour->colours() ? 'it changes with the angle or goes on too thick' : 'it brings no colour',
                ),
            );
        }
        $found = Calibration::solve(
            Reflectance::fromLab($onBlack),
            Reflectance::fromLab($onWhite),
            Reflectance::fromLab($black),
            Reflectance::fromLab($white),
            $thinning->load(),
            self::surface($paint),
        );
        $list = static fn (Lab $lab): array => $lab->rounded();
        $round = static fn (float $v): float => round($v, 9);
        $paint->update(['swatch' => [
            'on_black' => $list($onBlack),
            'on_white' => $list($onWhite),
            'black' => $list($black),
            'white' => $list($white),
            'thin' => $thinning->ratio(),
            'by' => $by,
            'at' => $at->toIso8601ZuluString(),
            'absorption' => array_map($round, $found->pigment->absorption),
            'scattering' => array_map($round, $found->pigment->scattering),
            'guarded' => $found->guarded,
            'contrast' => round($found->contrast, 4),
            'surface' => $found->pigment->surface,
        ]]);
    }

    /** @throws DomainException where an amount was left open, or it is no thinning */
    public static function thinning(mixed $said): Thinning
    {
        $text = is_string($said) ? trim($said) : '';

        $said = $text === '' ? Thinning::undiluted() : ParsedThinning::read($text)->thinning;

        return $said ?? throw new DomainException('A swatch needs both amounts of its thinning: say it as 2:1, or undiluted.');
    }

    /** What was measured, where a swatch was read and the paint is of a kind that can be read. */
    public static function pigment(PaintRow $paint): ?Pigment
    {
        /** @var Swatch|null $swatch */
        $swatch = $paint->swatch;

        if ($swatch === null || !$paint->behaviour->canBeRead()) {
            return null;
        }

        return ($swatch['surface'] ?? null) == self::surface($paint)
            ? Pigment::measured(
                array_map(floatval(...), $swatch['absorption']),
                array_map(floatval(...), $swatch['scattering']),
                (float) $swatch['surface'],
            ) : self::solvedAnew($paint, $swatch);
    }

    /**
     * From the readings, where the surface was taken to be another when they were solved.
     *
     * @param Swatch $swatch
     */
    private static function solvedAnew(PaintRow $paint, array $swatch): Pigment
    {
        $read = static fn (array $lab): Reflectance => Reflectance::fromLab(new Lab(...array_map(floatval(...), $lab)));

        return Calibration::solve(
            $read($swatch['on_black']),
            $read($swatch['on_white']),
            $read($swatch['black']),
            $read($swatch['white']),
            self::thinning($swatch['thin'])->load(),
            self::surface($paint),
        )->pigment;
    }

    /** Transparent films have none, see {@see Boundary}. */
    private static function surface(PaintRow $paint): float
    {
        return $paint->behaviour->isTransparent() ? 0.0 : Constants::SURFACE;
    }

    /** The paint as it would be without its swatch. */
    public static function asTyped(PaintRow $paint): Paint
    {
        return ShelfRows::toCore((clone $paint)->setAttribute('swatch', null));
    }
}
