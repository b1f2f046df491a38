<?php

declare(strict_types=1);

namespace Kalokroma\Undercoat;

use Kalokroma\Caution\Tool;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Paint;

/** How the undercoat gets on the figure. */
enum Kind: string
{
    case Airbrush = 'airbrush';
    case SprayCan = 'spray-can';
    case Brush = 'brush';

    /** The best the painter's equipment allows: a spray of either kind keeps detail, a brush is the last resort. */
    public static function allowedBy(Equipment $equipment): self
    {
        return match (true) {
            $equipment->airbrush => self::Airbrush,
            $equipment->sprayCans => self::SprayCan,
            default => self::Brush,
        };
    }

    public function isAllowedBy(Equipment $equipment): bool
    {
        return match ($this) {
            self::Airbrush => $equipment->airbrush,
            self::SprayCan => $equipment->sprayCans,
            self::Brush => true,
        };
    }

    /**
     * How a pot gets on where this was chosen: a can is sprayed as it is, what is ready for the airbrush goes through one or is brushed,
     * what says that it is brushed on is brushed, and a bottle is no can.
     */
    public function of(Paint $paint): self
    {
        return match (true) {
            $paint->form === Form::SprayCan => self::SprayCan,
            $this === self::SprayCan, preg_match('/\bbrush[ -]?on\b/iu', $paint->name) === 1 => self::Brush,
            default => $this,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Airbrush => 'airbrush primer',
            self::SprayCan => 'spray can',
            self::Brush => 'primer by brush',
        };
    }

    public function tool(): Tool
    {
        return match ($this) {
            self::Airbrush => Tool::Airbrush,
            self::SprayCan => Tool::SprayCan,
            self::Brush => Tool::LargeBrush,
        };
    }

    /** Minutes to wait before painting at 20 °C and 50 % humidity. A brushed primer lies thicker than an airbrushed one. */
    public function dryMinutes(): int
    {
        return match ($this) {
            self::Airbrush => 20,
            self::SprayCan => 120,
            self::Brush => 60,
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Airbrush => 'You have an airbrush: a primer through it goes on thinner than from a can and dries in 20 minutes.',
            self::SprayCan => 'Without an airbrush a spray can gives the thinnest, most even ground.',
            self::Brush =>
                'Neither airbrush nor spray cans can be used, so a brush-on primer has to do: thin coats, worked out '
                    .'of the detail before they set.',
        };
    }
}
