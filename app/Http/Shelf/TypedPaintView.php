<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\Painter;
use App\Models\PaintRow;
use Kalokroma\Colour\NearBy;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\ColourSource;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Purpose;
use Kalokroma\Shelf\Typed\PotQuestion;
use Kalokroma\Shelf\Typed\TypedPaint;
use Kalokroma\Word\Finding;

/** What was understood of typed paints, each with the fields it would be kept with. */
final class TypedPaintView
{
    /** @var array<string, true> range and name of each paint of the shelf, and its name alone, in small letters */
    private array $known = [];

    public function __construct(Painter $painter)
    {
        foreach (PaintRow::query()->where('painter_id', $painter->id)->get(['name', 'line']) as $paint) {
            $this->known[self::key($paint->line, $paint->name)] = $this->known[self::key('', $paint->name)] = true;
        }
    }

    /**
     * @param list<TypedPaint> $paints
     *
     * @return list<array<string, mixed>>
     */
    public function all(array $paints): array
    {
        $seen = [];
        $views = [];
        foreach ($paints as $paint) {
            $key = self::key($paint->range, $paint->name);
            $views[] = [...self::of($paint), 'known' => isset($this->known[$key]), 'twice' => isset($seen[$key])];
            $seen[$key] = true;
        }

        return $views;
    }

    /** @return array<string, mixed> */
    private static function of(TypedPaint $paint): array
    {
        $isGuess = $paint->source === ColourSource::Guessed;
        $look = PaintView::drawn($paint->behaviour, $paint->hex);

        return [
            'said' => $paint->said,
            'at' => $paint->line,
            'fields' => [
                'name' => $paint->name,
                'line' => $paint->range,
                'behaviour' => $paint->behaviour->value,
                'colour' => $paint->hex ?? '',
                'colour_source' => $paint->hex === null ? '' : $paint->source->text(),
                'bottle_ml' => self::number($paint->bottleMl),
                'left_ml' => self::number($paint->leftMl),
                'bottles' => self::number($paint->bottles),
                'owned' => $paint->owned ? 'yes' : 'no',
                'form' => $paint->form->value,
                'for' => $paint->purpose->value,
                'finish' => $paint->sheen->value ?? '',
                'place' => $paint->place,
                'set' => $paint->set,
                'notes' => $paint->notes,
            ],
            'kind' => self::kind($paint),
            'kind_guessed' => $paint->isKindGuessed,
            'questions' => array_map(static fn (PotQuestion $q): array => [
                'asks' => $q->asks->sentence(), 'choices' => $q->choices,
            ], $paint->questions),
            'findings' => array_map(static fn (Finding $f): string => $f->sentence(), $paint->findings),
            'beside' => $paint->hex === null || !$isGuess ? [] : self::beside($paint),
            'guess' => $isGuess ? $paint->source->single() : null,
            'from' => $paint->from,
            'look' => $look,
            'words' => $look === null ? '' : PlainName::of(Srgb::fromHex($look)->toOklch()),
            'over_white' => $paint->behaviour->isTransparent(),
            'unsure' => $paint->isUnsure,
            'doubt' => $paint->doubt,
        ];
    }

    /** What it is in a few words: "primer in a spray can", "matt varnish", "medium for glazing". */
    private static function kind(TypedPaint $paint): string
    {
        $for = $paint->purpose === Purpose::Anything ? '' : ' for '.$paint->purpose->words();
        $sheen = $paint->behaviour === Behaviour::Varnish && $paint->sheen !== null ? $paint->sheen->value.' ' : '';
        $form = $paint->form === Form::Bottle || $paint->form === Form::Powder ? '' : ', '.$paint->form->words();

        return $sheen.$paint->behaviour->value.$for.$form;
    }

    /** @return list<array{words: string, hex: string}> colours beside the one that was guessed */
    private static function beside(TypedPaint $paint): array
    {
        $found = [];
        foreach (NearBy::of(Srgb::fromHex((string) $paint->hex)) as $words => $colour) {
            $found[] = ['words' => $words, 'hex' => $colour->toHex()];
        }

        return $found;
    }

    private static function number(int|float|null $value): string
    {
        return $value === null ? '' : (string) $value;
    }

    private static function key(string $range, string $name): string
    {
        return mb_strtolower(trim($range)."\n".trim($name));
    }
}
