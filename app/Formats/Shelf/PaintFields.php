<?php

declare(strict_types=1);

namespace App\Formats\Shelf;

use App\Models\PaintRow;
use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Sheen;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Purpose;

/**
 * Reads a paint from plain text fields, whether they come from a form, a file or the sample workshop:
 * the only place that knows what a field may hold.
 */
final readonly class PaintFields
{
    public const COLUMNS = [
        'name', 'line', 'behaviour', 'colour', 'bottle_ml', 'left_ml', 'price', 'currency', 'owned', 'bottles', 'place',
        'opened', 'state', 'set', 'colour_source', 'notes',
    ];

    /** Columns of ours beyond those of a shelf file; written where they hold something. */
    public const FURTHER = ['finish', 'form', 'for'];

    private const LONGEST = [
        'name' => 80,
        'line' => 80,
        'place' => 120,
        'state' => 60,
        'set' => 80,
        'colour_source' => 40,
        'notes' => 2000,
    ];
    private const MOST_ML = 5000.0;

    /**
     * @param array<string, mixed> $attributes for the row, complete where there are no problems
     * @param array<string, string> $problems column to one sentence
     */
    private function __construct(public array $attributes, public array $problems)
    {
    }

    /** @param array<string, mixed> $more attributes that no text field holds */
    public function with(array $more): self
    {
        return new self([...$this->attributes, ...$more], $this->problems);
    }

    /** @param array<string, string|null> $given column to text; an absent column is as good as an empty one */
    public static function read(array $given): self
    {
        $text = static fn (string $column): string => trim((string) ($given[$column] ?? ''));
        $attributes = $problems = [];
        foreach (self::LONGEST as $column => $most) {
            if (mb_strlen($text($column)) > $most) {
                $problems[$column] = sprintf('%s is %d characters long: at most %d are kept.', $column, mb_strlen($text($column)), $most);
            }
            $attributes[$column === 'set' ? 'set_name' : $column] = $text($column);
        }
        if ($text('name') === '') {
            $problems['name'] = 'name is empty: every paint needs a name.';
        }
        $attributes['behaviour'] = self::behaviour($text('behaviour'), $problems);
        $attributes = [...$attributes, ...self::colour($text('colour'), $attributes['behaviour'], $problems)];
        $attributes['bottle_ml'] = self::millilitres('bottle_ml', $text('bottle_ml'), $problems);
        $attributes['left_ml'] = self::millilitres('left_ml', $text('left_ml'), $problems);
        $attributes['price_minor'] = self::price($text('price'), $problems);
        $attributes['currency'] = self::currency($text('currency'), $problems);
        $attributes['owned'] = self::owned($text('owned'), $problems);
        $attributes['bottles'] = self::bottles($text('bottles'), $problems);
        $attributes['sheen'] = self::sheen($text('finish'), $problems);
        if ($attributes['sheen'] === '' && $attributes['behaviour'] === Behaviour::Varnish) {
            $attributes['sheen'] = Sheen::guess($text('name'))->value ?? '';
        }
        $attributes['form'] = self::form($text('form'), $text('name'), $attributes['behaviour'], $problems);
        $attributes['purpose'] = self::purpose($text('for'), $text('name'), $attributes['behaviour'], $problems);
        $attributes['opened_on'] = self::opened($text('opened'), $problems);

        return new self($attributes, $problems);
    }

    /** The form as it must be written, so that reading it guesses nothing else from the name; empty where the guess is right. */
    public static function formToTell(PaintRow $paint): string
    {
        $isUsual = $paint->form === Form::Bottle->value && Form::guess($paint->name, $paint->behaviour) === Form::Bottle;

        return $isUsual ? '' : $paint->form;
    }

    /** What it is for, as {@see self::formToTell()}. */
    public static function purposeToTell(PaintRow $paint): string
    {
        $isUsual = Purpose::guess($paint->name, $paint->behaviour) === Purpose::Anything;

        return $paint->purpose === '' && !$isUsual ? Purpose::Anything->words() : $paint->purpose;
    }

    /** @param array<string, string> $problems */
    private static function behaviour(string $text, array &$problems): ?Behaviour
    {
        $behaviour = Behaviour::tryFrom(strtolower($text));
        if ($behaviour === null) {
            $problems['behaviour'] = $text === ''
                ? 'behaviour is empty: say how the paint behaves, for instance opaque.'
                : sprintf(
                    '"%s" is not a behaviour: use one of %s.',
                    mb_strimwidth($text, 0, 40, '…'),
                    implode(', ', array_column(Behaviour::cases(), 'value')),
                );
        }

        return $behaviour;
    }

    /**
     * @param array<string, string> $problems
     *
     * @return array{hex: string|null, lab: list<float>|null, reflectance: list<float>|null}
     */
    private static function colour(string $text, ?Behaviour $behaviour, array &$problems): array
    {
        $nothing = ['hex' => null, 'lab' => null, 'reflectance' => null];
        if ($text === '') {
            if ($behaviour?->needsColour()) {
                $problems['colour'] = sprintf('colour is empty: %s paint needs its colour, as in #8a5a2b.', $behaviour->value);
            }

            return $nothing;
        }
        try {
            $swatch = Srgb::fromHex($text);
        } catch (ColourProblem $problem) {
            $problems['colour'] = $problem->getMessage();

            return $nothing;
        }
        $lab = $swatch->toLab();

        return [
            'hex' => $swatch->toHex(),
            'lab' => [$lab->l, $lab->a, $lab->b],
            'reflectance' => array_map(static fn (float $r): float => round($r, 7), Reflectance::fromSrgb($swatch)->bands),
        ];
    }

    /** @param array<string, string> $problems */
    private static function millilitres(string $column, string $text, array &$problems): ?float
    {
        if ($text === '') {
            return null;
        }
        $value = self::number($text);
        $what = $column === 'bottle_ml' ? 'a bottle' : 'what is left';
        if ($value === null) {
            $problems[$column] = sprintf(
                '%s is "%s": write %s as a number of millilitres, for instance 7.5.',
                $column,
                mb_strimwidth($text, 0, 40, '…'),
                $what,
            );
        } elseif ($value < 0 || ($column === 'bottle_ml' && $value <= 0)) {
            $problems[$column] = sprintf(
                '%s is %s: %s cannot hold less than %s ml.',
                $column,
                $text,
                $what,
                $column === 'bottle_ml' ? 'a little over 0' : '0',
            );
        } elseif ($value > self::MOST_ML) {
            $problems[$column] = sprintf('%s is %s: more than %d ml is not taken for one paint.', $column, $text, (int) self::MOST_ML);
        }

        return $value;
    }

    /** @param array<string, string> $problems */
    private static function price(string $text, array &$problems): ?int
    {
        if ($text === '') {
            return null;
        }
        if (preg_match('/^\d{1,6}(?:[.,]\d{1,2})?$/D', $text) !== 1) {
            $problems['price'] = sprintf('price is "%s": write it as 2.90, not below 0.', mb_strimwidth($text, 0, 40, '…'));

            return null;
        }

        return (int) round(100 * (float) str_replace(',', '.', $text));
    }

    /** @param array<string, string> $problems */
    private static function sheen(string $text, array &$problems): string
    {
        $lower = strtolower($text);
        if ($text !== '' && Sheen::tryFrom($lower) === null) {
            $problems['finish'] = sprintf('finish is "%s": write matt, satin or gloss.', mb_strimwidth($text, 0, 40, '…'));
        }

        return $lower;
    }

    /** @param array<string, string> $problems where nothing is said it is guessed from the name */
    private static function form(string $text, string $name, ?Behaviour $behaviour, array &$problems): string
    {
        $form = Form::tryFrom(strtolower($text));
        if ($text !== '' && $form === null) {
            $problems['form'] = sprintf(
                'form is "%s": write one of %s.',
                mb_strimwidth($text, 0, 40, '…'),
                implode(', ', array_column(Form::cases(), 'value')),
            );
        }

        return ($form ?? ($behaviour === null ? Form::Bottle : Form::guess($name, $behaviour)))->value;
    }

    /** @param array<string, string> $problems where nothing is said it is guessed from the name */
    private static function purpose(string $text, string $name, ?Behaviour $behaviour, array &$problems): string
    {
        $purpose = strtolower($text) === Purpose::Anything->words() ? Purpose::Anything : Purpose::tryFrom(strtolower($text));
        if ($purpose === null) {
            $problems['for'] = sprintf(
                'for is "%s": write one of %s, or leave it empty.',
                mb_strimwidth($text, 0, 40, '…'),
                implode(', ', array_filter(array_column(Purpose::cases(), 'value'))),
            );
        }

        return ($text !== '' || $behaviour === null ? $purpose ?? Purpose::Anything : Purpose::guess($name, $behaviour))->value;
    }

    /** @param array<string, string> $problems */
    private static function currency(string $text, array &$problems): ?string
    {
        if ($text !== '' && preg_match('/^[A-Za-z]{3}$/D', $text) !== 1) {
            $problems['currency'] = sprintf(
                'currency is "%s": write its three letters (ISO 4217), as in EUR.',
                mb_strimwidth($text, 0, 40, '…'),
            );
        }

        return $text === '' ? null : strtoupper($text);
    }

    /** @param array<string, string> $problems */
    private static function owned(string $text, array &$problems): bool
    {
        $lower = strtolower($text);
        if (!in_array($lower, ['', 'yes', 'no'], true)) {
            $problems['owned'] = sprintf('owned is "%s": write yes or no.', mb_strimwidth($text, 0, 40, '…'));
        }

        return $lower !== 'no';
    }

    /** @param array<string, string> $problems */
    private static function bottles(string $text, array &$problems): ?int
    {
        if ($text !== '' && preg_match('/^\d{1,3}$/D', $text) !== 1) {
            $problems['bottles'] = sprintf('bottles is "%s": write a whole number from 0 to 999.', mb_strimwidth($text, 0, 40, '…'));
        }

        return $text === '' ? null : (int) $text;
    }

    /** @param array<string, string> $problems */
    private static function opened(string $text, array &$problems): ?string
    {
        if ($text === '') {
            return null;
        }
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $text, $m) !== 1 || !checkdate((int) $m[2], (int) $m[3], (int) $m[1])) {
            $problems['opened'] = sprintf('opened is "%s": write the day as 2026-03-08.', mb_strimwidth($text, 0, 40, '…'));

            return null;
        }

        return $text;
    }

    private static function number(string $text): ?float
    {
        $plain = str_replace(',', '.', $text);

        return preg_match('/^[+-]?\d{1,9}(?:\.\d{1,6})?$/D', $plain) === 1 ? (float) $plain : null;
    }
}
