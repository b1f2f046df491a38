<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\ColourSource;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Typed\CommonPaints;
use Kalokroma\Shelf\Typed\TypedPaint;
use Kalokroma\Shelf\Typed\TypedShelf;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class TypedShelfTest extends TestCase
{
    private const LINES = __DIR__.'/../data/typed-shelf.txt';

    #[DataProvider('lines')]
    public function testALineIsReadAsItIsMeant(string $said, string $read): void
    {
        $paints = TypedShelf::read($said);

        self::assertCount(1, $paints);
        self::assertSame($read, self::words($paints[0]));
        self::assertSame(trim($said), $paints[0]->said);
    }

    /** @return iterable<string, array{string, string}> */
    public static function lines(): iterable
    {
        $rows = array_values(array_filter(
            explode("\n", (string) file_get_contents(self::LINES)),
            static fn (string $row): bool => $row !== '' && $row[0] !== '#',
        ));
        foreach (array_chunk($rows, 2) as [$said, $read]) {
            yield $said => [$said, trim($read)];
        }
    }

    public function testAWholeListIsReadWithItsHeadingsAndRanges(): void
    {
        $paints = TypedShelf::read(implode("\r\n", [
            "Name\tRange\tType",
            "Tar\tQuay\topaque black",
            '',
            "Mussel\tQuay\tdark blue grey",
            'Marsh metals:',
            'Boat iron',
            '- - -',
            'Tin, Quay',
        ]));

        self::assertSame([
            'Tar · opaque · from "black" · range: Quay',
            'Mussel · opaque · from "dark blue grey" · range: Quay',
            'Boat iron · metallic · from "Boat iron" · range: Marsh metals',
            'Tin · metallic · from "Tin" · range: Marsh metals · note: Quay',
        ], array_map(self::words(...), $paints));
        self::assertSame([2, 4, 6, 8], array_column($paints, 'line'));
    }

    public function testASingleColumnThatNobodyRepeatsIsNoRange(): void
    {
        [$paint] = TypedShelf::read('Tar; Quay; black');

        self::assertSame('Tar · opaque · from "black" · note: Quay', self::words($paint));
    }

    /** A wash called brown is lighter over white than brown paint, and darker than the paper. */
    public function testAWordMeansOneCoatOverWhiteWhereThePaintIsLaidSo(): void
    {
        [$paint, $wash] = TypedShelf::read("Brown\nBrown wash");
        $l = static fn (TypedPaint $p): float => Srgb::fromHex((string) $p->hex)->toLab()->l;

        self::assertGreaterThan($l($paint) + 10, $l($wash));
        self::assertLessThan(92, $l($wash));
    }

    public function testWordsAreAGuessAndFiguresAreNot(): void
    {
        [$word, $figures] = TypedShelf::read("Tar; black\nTar two; #26221f");

        self::assertSame([ColourSource::Guessed, 6.0], [$word->source, $word->source->single()]);
        self::assertSame([ColourSource::Typed, 2.0], [$figures->source, $figures->source->single()]);
        self::assertSame(ColourSource::Guessed, ColourSource::fromText($word->source->text()), 'a file says so again');
    }

    /**
     * Swatches of ordinary paints and what a painter calls them, both by eye: words alone come as near as ±6 promises. For a normal
     * scatter of that size half would stand within 6 · 0.67 = 4.0 in each direction; in three dimensions of colour half are within
     * about 9, and nine of ten within 15.
     */
    public function testWordsComeAboutAsNearAsIsPromised(): void
    {
        $apart = [];
        foreach (self::CALLED as $words => $hex) {
            [$paint] = TypedShelf::read('Some paint; '.$words);
            self::assertNotNull($paint->hex, $words);
            $apart[] = Ciede2000::difference(Srgb::fromHex($paint->hex)->toLab(), Srgb::fromHex($hex)->toLab());
        }
        sort($apart);
        $at = static fn (float $share): float => $apart[(int) ($share * (count($apart) - 1))];

        self::assertLessThan(6.0, $at(0.5));
        self::assertLessThan(12.0, $at(0.9));
    }

    private const CALLED = [
        'black' => '#1d1c1b', 'dark grey' => '#5b666b', 'slate grey' => '#3d4b52', 'light grey' => '#9aa09e', 'pale grey' => '#c2c6c4',
        'off white' => '#efece2', 'dark brown' => '#4b3524', 'saddle brown' => '#6f4a2e', 'mud' => '#6a5a44', 'dull straw' => '#b79a5a',
        'ochre' => '#9c7630', 'mustard' => '#a8842a', 'bone' => '#d9cca6', 'cream' => '#e2d8bd', 'hemp' => '#a08a5e',
        'warm grey' => '#847a6c', 'flesh' => '#c98e6b', 'pale flesh' => '#e5bd9e', 'navy blue' => '#1f3050',
        'night blue' => '#1c2b4c', 'hay' => '#d6bd7c',
        'blue' => '#2f5a7e', 'pale sky blue' => '#9dbac6', 'ice blue' => '#c4d6dc', 'dark olive green' => '#4b5a32',
        'olive green' => '#6f7f45', 'very dark green' => '#28382a', 'red' => '#a82a20', 'warm yellow' => '#f0b42c', 'warm red' => '#c23a22',
        'rust' => '#7c3a22', 'brick red' => '#964a34', 'burnt orange' => '#d0601f', 'dark red' => '#5c1b1a', 'wine red' => '#5a2433',
        'dull violet' => '#7b6283', 'dark violet' => '#43395c', 'dusty pink' => '#c98d9c', 'indigo' => '#2b3450',
        'dull turquoise' => '#5fa08c', 'clay' => '#b4805c', 'sand' => '#cdb98c', 'chalk' => '#f3f1ea',
        'charcoal' => '#383636', 'yellow' => '#e5c020', 'pale yellow' => '#eee0b0', 'orange' => '#dd8a24',
        'brass' => '#8f6f35', 'gold' => '#c2a050', 'iron' => '#5f6265', 'silver' => '#b4b8ba', 'copper' => '#9a5b3c',
    ];

    public function testFortyCommonPaintsAreReadWithoutDoubt(): void
    {
        $all = array_merge(...array_values(CommonPaints::all()));

        self::assertCount(40, $all);
        self::assertCount(40, array_unique(array_column($all, 'name')));
        self::assertSame([], array_filter($all, static fn (TypedPaint $p): bool => $p->doubt !== '' || $p->isUnsure));
        $kinds = array_unique(array_map(static fn (TypedPaint $p): string => $p->behaviour->value, $all));
        sort($kinds);
        self::assertSame(['metallic', 'opaque', 'primer', 'varnish', 'wash'], $kinds);
        $hexes = array_filter(array_map(static fn (TypedPaint $p): ?string => $p->hex, array_filter(
            $all,
            static fn (TypedPaint $p): bool => $p->behaviour === Behaviour::Opaque,
        )));
        foreach ($hexes as $i => $one) {
            foreach ($hexes as $k => $other) {
                $apart = $i < $k ? Ciede2000::difference(Srgb::fromHex($one)->toLab(), Srgb::fromHex($other)->toLab()) : INF;
                self::assertGreaterThan(4.5, $apart, "$one and $other are two paints");
            }
        }
    }

    public function testNoiseIsReadWithoutHarm(): void
    {
        $random = new Randomizer(new Mt19937(17));
        $bits = ['wash', 'x2', ';', "\t", '–', ' - ', '(', ')', '#', '#12', '17 ml', ':', 'navy', 'ä', '☐', '"', ',', '0', 'half', "\0",
            '🙂'];
        for ($i = 0; $i < 400; ++$i) {
            $line = '';
            for ($k = $random->getInt(1, 14); $k > 0; --$k) {
                $line .= $bits[$random->getInt(0, count($bits) - 1)].($random->getInt(0, 1) === 1 ? ' ' : '');
            }
            foreach (TypedShelf::read($line) as $paint) {
                self::assertNotSame('', $paint->name, $line);
                self::assertLessThanOrEqual(80, mb_strlen($paint->name));
            }
        }
        self::assertCount(TypedShelf::MOST_LINES, TypedShelf::read(str_repeat("Bone\n", 900)));
    }

    private static function words(TypedPaint $p): string
    {
        $colour = match (true) {
            $p->hex === null => 'no colour',
            $p->from === '' => $p->hex,
            default => 'from '.($p->isUnsure ? '?' : '').'"'.$p->from.'"',
        };

        return implode(' · ', array_filter([
            $p->name, $p->behaviour->value, $colour,
            $p->form === Form::Bottle || $p->form === Form::Powder ? null : $p->form->value,
            $p->behaviour === Behaviour::Varnish || $p->sheen === null ? null : $p->sheen->value,
            $p->range === '' ? null : 'range: '.$p->range,
            $p->bottleMl === null ? null : $p->bottleMl.' ml',
            $p->leftMl === null ? null : $p->leftMl.' ml left',
            $p->bottles === null ? null : $p->bottles.' bottles',
            $p->owned ? null : 'not owned',
            $p->place === '' ? null : 'place: '.$p->place,
            $p->notes === '' ? null : 'note: '.$p->notes,
            $p->doubt === '' ? null : 'asks',
        ], static fn (?string $part): bool => $part !== null));
    }
}
