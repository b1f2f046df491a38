<?php

declare(strict_types=1);

namespace App\Formats\Plate;

use App\Formats\UnreadableFile;
use DOMDocument;
use DOMElement;

/**
 * A drawing of a figure read from SVG. Nothing of the file itself is kept: shapes are taken over as outlines made of
 * numbers, with their names, and everything else (scripts, links, pictures, text, styles, foreign content) stays behind.
 *
 * A shape may say which area it shows by `data-area`, or by its id, and by `data-tone` (recess, plane, ridge, ink) how.
 */
final readonly class PlateSvg
{
    private const MOST_BYTES = 600_000;
    private const MOST_SHAPES = 600;
    private const MOST_OUTLINE = 30_000;
    private const MOST_SIDE = 20_000.0;
    private const DEEPEST = 40;
    private const NUMBER = '-?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d{1,2})?';
    private const TONES = ['recess', 'plane', 'ridge', 'ink'];
    private const HIDDEN = [
        'defs',
        'clippath',
        'mask',
        'symbol',
        'marker',
        'pattern',
        'lineargradient',
        'radialgradient',
        'metadata',
        'title',
        'desc',
    ];

    /**
     * @param list<array{
     *   d: string, even: bool, turn: string, name: string, tone: string,
     * }> $shapes lowest first; turn is the matrix it is moved by
     * @param array<string, int> $left elements that stayed behind, by name
     */
    private function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public array $shapes,
        public array $left,
    ) {
    }

    /** @throws UnreadableFile */
    public static function read(string $svg): self
    {
        if (strlen($svg) > self::MOST_BYTES) {
            throw UnreadableFile::because(
                sprintf('The drawing holds %d kB: at most %d kB are taken.', (int) ceil(strlen($svg) / 1000), self::MOST_BYTES / 1000),
            );
        }
        if (preg_match('/<!ENTITY/i', $svg) === 1 || preg_match('/<!DOCTYPE[^>]*\[/i', $svg) === 1) {
            throw UnreadableFile::because('The drawing declares entities of its own, which a figure does not need: save it as plain SVG.');
        }
        $before = libxml_use_internal_errors(true);
        $document = new DOMDocument();
        $loaded = $svg !== '' && $document->loadXML((string) preg_replace('/<!DOCTYPE[^>]*>/i', '', $svg), LIBXML_NONET | LIBXML_COMPACT);
        $error = libxml_get_last_error();
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $root = $document->documentElement;
        if (!$loaded || $root === null) {
            throw UnreadableFile::because(
                $error === false ? 'This file is not an SVG drawing.' : sprintf(
                    'This file is not an SVG drawing: line %d, %s.',
                    $error->line,
                    rtrim(trim($error->message), '.'),
                ),
            );
        }
        if (strtolower($root->localName ?? '') !== 'svg') {
            throw UnreadableFile::because(sprintf('This file is not an SVG drawing: it begins with <%s>.', $root->localName));
        }
        [$x, $y, $width, $height] = self::view($root);
        $shapes = $left = [];
        self::walk($root, [1.0, 0.0, 0.0, 1.0, 0.0, 0.0], '', '', 0, $shapes, $left);
        if ($shapes === []) {
            throw UnreadableFile::because('No filled shape was found in the drawing: draw each area as a closed shape.');
        }

        return new self($x, $y, $width, $height, $shapes, $left);
    }

    /**
     * The shapes as a drawing that can be read again.
     *
     * @param list<array{d: string, even: bool, turn: string, name: string, tone: string}> $shapes lowest first
     */
    public static function write(float $width, float $height, array $shapes): string
    {
        $out = sprintf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %s %s">', $width, $height);
        foreach ($shapes as $shape) {
            $out .= sprintf(
                '<path data-area="%s" data-tone="%s"%s%s d="%s"/>',
                htmlspecialchars($shape['name'], ENT_XML1 | ENT_QUOTES),
                $shape['tone'],
                $shape['even'] ? ' fill-rule="evenodd"' : '',
                $shape['turn'] === '' ? '' : sprintf(' transform="%s"', $shape['turn']),
                $shape['d'],
            );
        }

        return $out.'</svg>';
    }

    /** What stayed behind, in a sentence; empty where nothing did. */
    public function leftOut(): string
    {
        $names = [];
        foreach ($this->left as $name => $count) {
            $names[] = $count.' × '.$name;
        }

        return $names === [] ? '' : 'Left out, since only filled shapes are taken: '.implode(', ', $names).'.';
    }

    /** @return array{float, float, float, float} */
    private static function view(DOMElement $root): array
    {
        if (preg_match(
            '/^\s*('.self::NUMBER.')[\s,]+('.self::NUMBER.')[\s,]+('.self::NUMBER.')[\s,]+('.self::NUMBER.')\s*$/D',
            $root->getAttribute('viewBox'),
            $m,
        ) === 1) {
            $view = [(float) $m[1], (float) $m[2], (float) $m[3], (float) $m[4]];
        } else {
            $view = [0.0, 0.0, (float) $root->getAttribute('width'), (float) $root->getAttribute('height')];
        }
        if (!($view[2] > 0 && $view[3] > 0)) {
            throw UnreadableFile::because('The drawing does not say how large it is: it needs a viewBox, or width and height.');
        }
        if ($view[2] > self::MOST_SIDE || $view[3] > self::MOST_SIDE) {
            throw UnreadableFile::because(
                sprintf('The drawing is %.0f × %.0f: at most %.0f along a side are taken.', $view[2], $view[3], self::MOST_SIDE),
            );
        }

        return $view;
    }

    /**
     * @param list<float> $matrix
     * @param list<array{d: string, even: bool, turn: string, name: string, tone: string}> $shapes
     * @param array<string, int> $left
     */
    private static function walk(
        DOMElement $element,
        array $matrix,
        string $area,
        string $tone,
        int $depth,
        array &$shapes,
        array &$left,
    ): void {
        if ($depth > self::DEEPEST) {
            throw UnreadableFile::because(sprintf('Groups lie more than %d deep in the drawing.', self::DEEPEST));
        }
        foreach ($element->childNodes as $child) {
            if (!$child instanceof DOMElement) {
                continue;
            }
            $kind = strtolower($child->localName ?? '');
            if (in_array($kind, self::HIDDEN, true)) {
                continue;
            }
            $moved = self::times($matrix, self::matrix($child->getAttribute('transform')));
            $named = trim($child->getAttribute('data-area')) ?: $area;
            $toned = in_array($child->getAttribute('data-tone'), self::TONES, true) ? $child->getAttribute('data-tone') : $tone;
            if ($kind === 'g' || $kind === 'svg') {
                self::walk($child, $moved, $named ?: trim($child->getAttribute('id')), $toned, $depth + 1, $shapes, $left);
                continue;
            }
            $outline = self::isFilled($child) ? self::outline($kind, $child) : null;
            if ($outline === null) {
                $left[$kind === '' ? 'unknown' : substr($kind, 0, 30)] = ($left[$kind] ?? 0) + 1;
                continue;
            }
            if (count($shapes) >= self::MOST_SHAPES) {
                throw UnreadableFile::because(sprintf('The drawing has more than %d shapes: join those of one area.', self::MOST_SHAPES));
            }
            $shapes[] = [
                'd' => $outline,
                'even' => $child->getAttribute('fill-rule') === 'evenodd'
                    || preg_match('/fill-rule\s*:\s*evenodd/', $child->getAttribute('style')) === 1,
                'turn' => self::turn($moved),
                'name' => self::name($named ?: trim($child->getAttribute('id'))),
                'tone' => $toned ?: 'plane',
            ];
        }
    }

    private static function isFilled(DOMElement $shape): bool
    {
        return $shape->getAttribute('fill') !== 'none'
            && preg_match('/(^|;)\s*fill\s*:\s*none/', $shape->getAttribute('style')) !== 1;
    }

    /** @param list<float> $matrix */
    private static function turn(array $matrix): string
    {
        $numbers = array_map(static fn (float $v): string => rtrim(rtrim(sprintf('%.5F', $v), '0'), '.'), $matrix);

        return $matrix === [1.0, 0.0, 0.0, 1.0, 0.0, 0.0] ? '' : 'matrix('.implode(' ', $numbers).')';
    }

    private static function name(string $said): string
    {
        return mb_substr((string) preg_replace('/[^\p{L}\p{N} ,.\'-]+/u', ' ', $said), 0, 60);
    }

    private static function outline(string $kind, DOMElement $shape): ?string
    {
        $n = static fn (string $name): float => is_numeric($shape->getAttribute($name)) ? (float) $shape->getAttribute($name) : 0.0;
        $circle = static fn (float $x, float $y, float $rx, float $ry): ?string => $rx > 0 && $ry > 0
            ? sprintf('M%1$F %2$FA%3$F %4$F 0 1 0 %5$F %2$FA%3$F %4$F 0 1 0 %1$F %2$FZ', $x - $rx, $y, $rx, $ry, $x + $rx) : null;
        $outline = match ($kind) {
            'path' => $shape->getAttribute('d'),
            'polygon', 'polyline' => preg_match(
                '/^[\d\s.,eE+-]+$/D',
                $shape->getAttribute('points'),
            ) === 1 ? 'M'.trim($shape->getAttribute('points')).'Z' : null,
            'rect' => $n('width') > 0 && $n('height') > 0 ? sprintf(
                'M%F %Fh%Fv%Fh%FZ',
                $n('x'),
                $n('y'),
                $n('width'),
                $n('height'),
                -$n('width'),
            ) : null,
            'circle' => $circle($n('cx'), $n('cy'), $n('r'), $n('r')),
            'ellipse' => $circle($n('cx'), $n('cy'), $n('rx'), $n('ry')),
            default => null,
        };
        if ($outline === null || preg_match('/^\s*[Mm][MmZzLlHhVvCcSsQqTtAa\d\s.,eE+-]*$/D', $outline) !== 1) {
            return null;
        }
        if (strlen($outline) > self::MOST_OUTLINE) {
            throw UnreadableFile::because(
                sprintf(
                    'One outline of the drawing holds %d characters: at most %d are taken. Simplify it.',
                    strlen($outline),
                    self::MOST_OUTLINE,
                ),
            );
        }

        return $outline;
    }

    /** @return list<float> of matrix(a b c d e f); what is not understood moves nothing */
    private static function matrix(string $text): array
    {
        $all = [1.0, 0.0, 0.0, 1.0, 0.0, 0.0];
        if (preg_match_all('/(matrix|translate|scale|rotate)\s*\(([^()]*)\)/', $text, $found, PREG_SET_ORDER) === false) {
            return $all;
        }
        foreach ($found as [, $what, $inside]) {
            preg_match_all('/'.self::NUMBER.'/', $inside, $numbers);
            $v = array_map(floatval(...), $numbers[0]);
            $turn = deg2rad($v[0] ?? 0.0);
            $all = self::times($all, match ($what) {
                'matrix' => count($v) === 6 ? $v : [1.0, 0.0, 0.0, 1.0, 0.0, 0.0],
                'translate' => [1.0, 0.0, 0.0, 1.0, $v[0] ?? 0.0, $v[1] ?? 0.0],
                'scale' => [$v[0] ?? 1.0, 0.0, 0.0, $v[1] ?? $v[0] ?? 1.0, 0.0, 0.0],
                default => self::times(
                    self::times(
                        [1.0, 0.0, 0.0, 1.0, $v[1] ?? 0.0, $v[2] ?? 0.0],
                        [cos($turn), sin($turn), -sin($turn), cos($turn), 0.0, 0.0],
                    ),
                    [1.0, 0.0, 0.0, 1.0, -($v[1] ?? 0.0), -($v[2] ?? 0.0)],
                ),
            });
        }

        return $all;
    }

    /**
     * @param list<float> $m
     * @param list<float> $n
     *
     * @return list<float>
     */
    private static function times(array $m, array $n): array
    {
        [$a, $b, $c, $d, $e, $f] = [...$m, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        [$p, $q, $r, $s, $t, $u] = [...$n, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0];

        return [$a * $p + $c * $q, $b * $p + $d * $q, $a * $r + $c * $s, $b * $r + $d * $s, $a * $t + $c * $u + $e, $b * $t + $d * $u + $f];
    }
}
