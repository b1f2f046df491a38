<?php

declare(strict_types=1);

namespace App\Formats\TestCard;

use App\Models\PaintRow;

/**
 * A card to print: for each paint a black and a white field, over both of which one coat is painted. Written as SVG in
 * millimetres, or as an HTML page that holds it together with what to do.
 */
final class TestCard
{
    public const MOST = 6;
    private const WIDTH = 148;
    private const ROW = 30;
    private const TOP = 14;

    /** @param list<PaintRow> $paints 1 to 6 */
    public static function svg(array $paints): string
    {
        $height = self::TOP + count($paints) * self::ROW + 8;
        $out = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$dmm" height="%2$dmm" viewBox="0 0 %1$d %2$d" font-family="sans-serif">',
            self::WIDTH,
            $height,
        );
        $out .= sprintf('<rect width="%d" height="%d" fill="#ffffff"/>', self::WIDTH, $height);
        $out .= self::text(6, 8, 3.6, 'One coat over both fields, edge to edge. Leave a strip of each field bare. Read when dry.');
        foreach ($paints as $i => $paint) {
            $y = self::TOP + $i * self::ROW;
            $out .= self::text(
                6,
                $y + 3,
                3.4,
                mb_strimwidth(trim($paint->name.($paint->line === '' ? '' : ', '.$paint->line)), 0, 60, '…'),
            );
            $out .= self::text(96, $y + 3, 3, 'thinned ____ : ____    date ____________');
            $out .= sprintf(
                '<rect x="6" y="%1$d" width="68" height="20" fill="#000000"/><rect x="74" y="%1$d" width="68" '
                    .'height="20" fill="#ffffff" stroke="#000000" stroke-width="0.2"/>',
                $y + 5,
            );
        }

        return $out.'</svg>'."\n";
    }

    /** @param list<PaintRow> $paints */
    public static function html(array $paints): string
    {
        $steps = [
            'Print on plain white paper at 100 %, without scaling. The black has to be a full, even black.',
            'Shake the paint. Lay one even coat, as on a figure, across the middle of both fields of its row; leave a '
                .'strip of each field bare.',
            'Note how it was thinned. Let it dry: half an hour for acrylics.',
            'Read four spots with the reader or by eye against known colours: the bare black, the bare white, the '
                .'paint over black, the paint over white.',
        ];
        $list = implode('', array_map(static fn (string $s): string => '<li>'.e($s).'</li>', $steps));

        return '<!DOCTYPE html>'."\n".'<html lang="en"><head><meta charset="utf-8"><title>Test swatch card</title>'
            .'<style>body{margin:12mm;font:12pt/1.45 '
                .'sans-serif;color:#000;background:#fff}ol{max-width:148mm;padding-left:6mm}svg{display:block;'
                    .'margin:6mm 0}@page{size:A4;margin:10mm}</style>'
            .'</head><body><h1>Test swatch card</h1><ol>'.$list.'</ol>'.self::svg($paints).'</body></html>'."\n";
    }

    private static function text(float $x, float $y, float $size, string $words): string
    {
        return sprintf('<text x="%s" y="%s" font-size="%s" fill="#000000">%s</text>', $x, $y, $size, e($words));
    }
}
