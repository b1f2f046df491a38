<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/**
 * A figure without a drawing: its areas as rectangles sized by share, laid so that as many neighbours touch as can be
 * found. The areas stand in a row that is cut in two, each half again, always across the longer side (an ordered
 * treemap: B. Shneiderman, M. Wattenberg, "Ordered Treemap Layouts", IEEE InfoVis 2001); trading places in that row is
 * tried as long as it brings more border between neighbours. Same areas, same picture.
 */
final readonly class Patchwork
{
    private const ROUNDS = 4;
    private const TOUCH = 1e-6;

    /** Border from which on two fields count as touching, as a share of the picture's shorter side. */
    private const LEAST_BORDER = 0.02;

    /**
     * @param array<string, array{x: float, y: float, width: float, height: float}> $fields by area id; the picture is $aspect wide and 1
     *   high
     * @param list<array{0: string, 1: string}> $parted neighbours that do not touch here
     */
    private function __construct(public array $fields, public array $parted)
    {
    }

    /**
     * @param array<string, float> $shares by area id, each more than 0
     * @param list<array{0: string, 1: string}> $touching ids of neighbours
     * @param float $aspect width by height, more than 0
     */
    public static function of(array $shares, array $touching, float $aspect = 1.6): self
    {
        $touching = array_values(array_filter($touching, static fn (array $pair): bool => isset($shares[$pair[0]], $shares[$pair[1]])));
        $row = self::firstRow($shares, $touching);
        $score = self::score(self::laid($row, $shares, $aspect), $touching);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $before = $score;
            for ($i = 0; $i < count($row); ++$i) {
                for ($k = $i + 1; $k < count($row); ++$k) {
                    $tried = $row;
                    [$tried[$i], $tried[$k]] = [$row[$k], $row[$i]];
                    $tried = array_values($tried);
                    $new = self::score(self::laid($tried, $shares, $aspect), $touching);
                    if ($new > $score + self::TOUCH) {
                        [$row, $score] = [$tried, $new];
                    }
                }
            }
            if ($score <= $before + self::TOUCH || count($row) > 30) {
                break;
            }
        }
        $fields = self::laid($row, $shares, $aspect);

        return new self(
            $fields,
            array_values(
                array_filter($touching, static fn (array $p): bool => self::border($fields[$p[0]], $fields[$p[1]]) < self::LEAST_BORDER),
            ),
        );
    }

    /**
     * The largest first, then always the neighbour that has most to do with what stands there.
     *
     * @param array<string, float> $shares
     * @param list<array{0: string, 1: string}> $touching
     *
     * @return list<string>
     */
    private static function firstRow(array $shares, array $touching): array
    {
        $left = $shares;
        $row = [];
        while ($left !== []) {
            $ties = array_fill_keys(array_keys($left), 0);
            foreach ($touching as [$a, $b]) {
                foreach ([[$a, $b], [$b, $a]] as [$in, $out]) {
                    if (isset($left[$out]) && in_array($in, $row, true)) {
                        ++$ties[$out];
                    }
                }
            }
            uksort(
                $left,
                static fn (
                    int|string $a,
                    int|string $b,
                ): int => $ties[$b] <=> $ties[$a] ?: $shares[$b] <=> $shares[$a] ?: (string) $a <=> (string) $b,
            );
            $next = (string) array_key_first($left);
            unset($left[$next]);
            $row[] = $next;
        }

        return $row;
    }

    /**
     * @param list<string> $row
     * @param array<string, float> $shares
     *
     * @return array<string, array{x: float, y: float, width: float, height: float}>
     */
    private static function laid(array $row, array $shares, float $aspect): array
    {
        return self::cut($row, $shares, 0.0, 0.0, $aspect, 1.0);
    }

    /**
     * @param list<string> $row
     * @param array<string, float> $shares
     *
     * @return array<string, array{x: float, y: float, width: float, height: float}>
     */
    private static function cut(array $row, array $shares, float $x, float $y, float $width, float $height): array
    {
        if (count($row) < 2) {
            return $row === [] ? [] : [$row[0] => ['x' => $x, 'y' => $y, 'width' => $width, 'height' => $height]];
        }
        $whole = 0.0;
        foreach ($row as $id) {
            $whole += $shares[$id];
        }
        [$sum, $best, $at, $first] = [0.0, INF, 1, 0.5];
        foreach (array_slice($row, 0, -1) as $i => $id) {
            $sum += $shares[$id];
            if (abs($whole / 2 - $sum) < $best) {
                [$best, $at, $first] = [abs($whole / 2 - $sum), $i + 1, $sum / $whole];
            }
        }
        [$one, $two] = [array_slice($row, 0, $at), array_slice($row, $at)];

        return $width >= $height
            ? self::cut($one, $shares, $x, $y, $width * $first, $height) + self::cut(
                $two,
                $shares,
                $x + $width * $first,
                $y,
                $width * (1 - $first),
                $height,
            )
            : self::cut($one, $shares, $x, $y, $width, $height * $first) + self::cut(
                $two,
                $shares,
                $x,
                $y + $height * $first,
                $width,
                $height * (1 - $first),
            );
    }

    /**
     * @param array<string, array{x: float, y: float, width: float, height: float}> $fields
     * @param list<array{0: string, 1: string}> $touching
     */
    private static function score(array $fields, array $touching): float
    {
        $score = 0.0;
        foreach ($touching as [$a, $b]) {
            $border = self::border($fields[$a], $fields[$b]);
            $score += $border >= self::LEAST_BORDER ? 1 + 0.05 * $border : 0.0;
        }

        return $score;
    }

    /**
     * @param array{x: float, y: float, width: float, height: float} $a
     * @param array{x: float, y: float, width: float, height: float} $b
     */
    private static function border(array $a, array $b): float
    {
        $across = min($a['x'] + $a['width'], $b['x'] + $b['width']) - max($a['x'], $b['x']);
        $down = min($a['y'] + $a['height'], $b['y'] + $b['height']) - max($a['y'], $b['y']);

        return $across > -self::TOUCH && $down > -self::TOUCH ? max(0.0, $across, $down) : 0.0;
    }
}
