<?php

declare(strict_types=1);

namespace App\Formats\Shelf;

/** A sheet to print at true scale: every paint with its predicted colour and an empty field to paint it in. */
final class SwatchSheet
{
    private const ACROSS = 4;
    private const WIDTH = 47;
    private const HEIGHT = 25;
    private const MARGIN = 10;

    /** @param list<array<string, mixed>> $paints name, line, behaviour and look of each */
    public static function svg(array $paints): string
    {
        $rows = (int) ceil(count($paints) / self::ACROSS);
        $height = 2 * self::MARGIN + max(1, $rows) * self::HEIGHT;
        $out = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="210mm" height="%1$dmm" viewBox="0 0 210 %1$d" font-family="sans-serif">',
            $height,
        );
        $out .= sprintf('<rect width="210" height="%d" fill="#ffffff"/>', $height);
        foreach ($paints as $i => $paint) {
            $x = self::MARGIN + ($i % self::ACROSS) * self::WIDTH;
            $y = self::MARGIN + intdiv($i, self::ACROSS) * self::HEIGHT;
            $out .= sprintf('<rect x="%d" y="%d" width="20" height="13" fill="%s"/>', $x, $y, self::text($paint['look'] ?? null) ?: 'none');
            $out .= sprintf('<rect x="%d" y="%d" width="22" height="13" fill="#ffffff" stroke="#000000" stroke-width="0.2"/>', $x + 20, $y);
            $out .= sprintf(
                '<text x="%d" y="%s" font-size="2.9">%s</text>',
                $x,
                $y + 16.5,
                e(mb_strimwidth(self::text($paint['name'] ?? null), 0, 30, '…')),
            );
            $out .= sprintf(
                '<text x="%d" y="%s" font-size="2.3" fill="#333333">%s</text>',
                $x,
                $y + 19.6,
                e(mb_strimwidth(self::text($paint['line'] ?? null).' '.self::text($paint['behaviour'] ?? null), 0, 38, '…')),
            );
        }

        return $out.'</svg>'."\n";
    }

    /** @param list<array<string, mixed>> $paints */
    public static function html(array $paints): string
    {
        $pages = implode(
            '',
            array_map(
                static fn (array $page): string => '<section>'.self::svg($page).'</section>',
                array_chunk($paints, self::ACROSS * 10) ?: [[]],
            ),
        );

        return '<!DOCTYPE html>'."\n".'<html lang="en"><head><meta charset="utf-8"><title>Swatch sheet</title>'
            .'<style>body{margin:0;font:11pt/1.4 sans-serif}p{margin:8mm 10mm '
                .'0}section{break-after:page}svg{display:block}@page{size:A4;margin:0}@media print{p{display:none}}</style>'
            .'</head><body><p>Print at 100 %, without scaling. Left of each pair is the colour as it is known, '
                .'right of it a field for one full coat.</p>'.$pages.'</body></html>'."\n";
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
