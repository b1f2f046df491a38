<?php

declare(strict_types=1);

namespace Tests\Core;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\SaidColour;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Face;
use Kalokroma\Film\Sheen;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Told\ToldLine;
use Kalokroma\Recipe\Told\ToldRecipe;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Paint;
use RuntimeException;

/**
 * Lines as painters say them, each with what it means in a few facets; what they mean was written down before they were read by the
 * program. The files say how facets are written.
 *
 * @phpstan-type Want array{t: list<string>, facets: array<string, string>}
 */
final readonly class SaidLines
{
    public const RIGHT = 'right';
    public const ASKED = 'asked';
    public const NAMED = 'named as not read';
    public const SILENT = 'silently wrong';

    private const PRODUCTS = [
        'Glaze Medium' => Behaviour::Medium, 'Stain Medium' => Behaviour::Medium, 'White Spirit' => Behaviour::Thinner,
        'Setting Fluid' => Behaviour::Effect, 'Decal Softener' => Behaviour::Effect, 'Chipping Fluid' => Behaviour::Effect,
    ];
    private const VARNISHES = ['Gloss Varnish' => Sheen::Gloss, 'Satin Varnish' => Sheen::Satin, 'Matt Varnish' => Sheen::Matt];
    private const CANS = ['Black Spray' => '#1c1b1c', 'Brass Spray' => '#a07c38'];

    /**
     * @param list<array{said: string, want: list<Want>, asks: bool}> $lines
     * @param list<Paint> $shelf
     */
    private function __construct(public array $lines, public array $shelf)
    {
    }

    public static function of(string $file): self
    {
        $lines = $names = [];
        foreach (file($file) ?: throw new RuntimeException($file) as $row) {
            if (trim($row) === '' || $row[0] === '#' || !str_contains($row, '=>')) {
                continue;
            }
            [$said, $means] = array_map(trim(...), explode('=>', $row, 2));
            $want = trim($means) === 'ask' ? [] : array_map(self::want(...), explode('||', $means));
            foreach ($want as $step) {
                $names = [...$names, ...array_keys(self::paints($step['facets']['p'] ?? ''))];
            }
            $lines[] = ['said' => str_replace(' > ', "\n", $said), 'want' => $want, 'asks' => trim($means) === 'ask'];
        }

        return new self($lines, self::shelf(array_values(array_unique($names))));
    }

    /** @return array{string, string} how it was read, and the first facet that is otherwise */
    public function judge(int $i): array
    {
        ['said' => $said, 'want' => $want, 'asks' => $asks] = $this->lines[$i];
        $told = ToldRecipe::read($said, $this->shelf);
        $line = $told->lines[count($told->lines) - 1];
        $isAsked = $line->questions !== [] || $line->doubts !== [] || self::misses($line);
        if ($asks) {
            return $isAsked || $line->unread !== [] ? [self::RIGHT, ''] : [self::SILENT, 'nothing is asked'];
        }
        $isWrong = self::otherwise($want, $told, $line);

        return match (true) {
            $isWrong === '' => [self::RIGHT, ''],
            $isAsked => [self::ASKED, $isWrong],
            $line->unread !== [] => [self::NAMED, $isWrong],
            default => [self::SILENT, $isWrong],
        };
    }

    private static function misses(ToldLine $line): bool
    {
        return str_contains(implode(' ', array_map(static fn ($f): string => $f->sentence(), $line->findings)), 'No paint is named');
    }

    /** @return Want */
    private static function want(string $means): array
    {
        $facets = [];
        foreach (explode(';', $means) as $facet) {
            [$key, $value] = [...explode(':', trim($facet), 2), ''];
            $facets[$key] = trim($value);
        }

        return ['t' => explode('/', $facets['t'] ?? ''), 'facets' => $facets];
    }

    /** @param list<Want> $want */
    private static function otherwise(array $want, ToldRecipe $told, ToldLine $line): string
    {
        $steps = $line->steps;
        if ($want[0]['t'] === ['-']) {
            $isWait = isset($want[0]['facets']['wait']);
            if ($steps !== [] && !($isWait && count($steps) === 1 && $steps[0]->technique === Technique::Waiting)) {
                return 'it makes a step';
            }
            $steps = $steps === [] ? array_slice($told->steps(), -1) : $steps;
            if ($steps === []) {
                return '';
            }
        } elseif ($steps === []) {
            $steps = array_slice($told->steps(), -count($want));
        }
        if (count($steps) !== count($want)) {
            return count($steps).' steps';
        }
        foreach ($want as $i => ['t' => $techniques, 'facets' => $facets]) {
            if (!in_array($techniques, [['-'], ['']], true) && !in_array($steps[$i]->technique->value, $techniques, true)) {
                return 't: '.$steps[$i]->technique->value;
            }
            foreach (array_diff_key($facets, ['t' => 1]) as $key => $value) {
                $its = self::facet($key, $value, $steps[$i], $line);
                if ($its !== '') {
                    return $key.': '.$its;
                }
            }
        }

        return '';
    }

    /** What it is instead; empty where it is as it is wanted. */
    private static function facet(string $key, string $value, PlannedStep $step, ToldLine $line): string
    {
        $place = $step->scope->place;
        $handling = $step->handling;
        $its = match ($key) {
            'p' => self::mixed($step, $value),
            'thin' => self::thinned($step, $value),
            'face' => self::faced($step, $value),
            'share' => (string) $place->percent(),
            'part' => $place->part,
            'light' => $place->light,
            'who' => $step->scope->who->value(),
            'coats' => (string) $handling->coats,
            'rounds' => self::rounds($step, $value),
            'wait' => (string) $handling->wait,
            'line' => $handling->line,
            'level' => $step->scope->level->value ?? '',
            'unwashed' => $handling->unwashed ? '' : 'no',
            'sloppy' => $handling->sloppy ? '' : 'no',
            'omitted' => $handling->omitted ? '' : 'no',
            'lively' => $handling->lively !== null ? '' : 'no',
            'fresh' => $handling->batch === 'fresh each time' ? '' : 'no',
            'optional' => str_contains(mb_strtolower($handling->note), 'optional') ? '' : 'no',
            'after' => $handling->after,
            'before' => $handling->before,
            'note' => str_contains(mb_strtolower($handling->note.' '.$handling->strokes), mb_strtolower($value))
                ? $value : $handling->note,
            'strokes' => str_contains($handling->strokes, $value) ? $value : $handling->strokes,
            'ask' => $line->questions !== [] || $line->doubts !== [] || self::misses($line) ? '' : 'nothing is asked',
            default => throw new RuntimeException('no facet '.$key),
        };

        return $its === $value ? '' : ($its === '' ? 'none' : $its);
    }

    private static function mixed(PlannedStep $step, string $value): string
    {
        $want = self::paints($value);
        $mix = $step->load->mix;
        $all = $mix === null ? [] : [...$mix->parts, ...($step->load->meets->parts ?? [])];
        $its = [];
        foreach ($all as $part) {
            $isOpen = in_array($part->paint->id, $step->load->open, true);
            $its[$part->paint->name] = $isOpen ? '~' : (($want[$part->paint->name] ?? '1') === '' ? '' : (string) $part->parts);
        }
        $alone = array_intersect_key($its, array_flip(array_map(static fn ($p): string => $p->paint->name, $mix->parts ?? [])));
        $its = $step->load->meets !== null && count($want) === count($alone) ? array_map(static fn (): string => '', $alone) : $its;
        ksort($its);
        ksort($want);

        $words = static fn (string $n, string $p): string => trim($n.' '.$p);

        return $its === $want ? $value : implode(', ', array_map($words, array_keys($its), $its));
    }

    private static function thinned(PlannedStep $step, string $value): string
    {
        $load = $step->load;
        if ($value === 'open') {
            return $load->thinOpen ? 'open' : $load->thinning->ratio();
        }
        if ($value === 'neat') {
            return $load->thinning->isUndiluted() ? 'neat' : $load->thinning->ratio();
        }
        [$ratios, $with] = [...explode(' ', $value, 2), ''];
        $its = $load->thinning->ratio();
        if ($load->thinOpen || !in_array($its, explode('/', $ratios), true)) {
            return $load->thinOpen ? 'open' : $its;
        }
        $by = $load->product !== null ? $load->product->name : $load->thinner->value;

        return $with === '' || mb_strtolower($by) === mb_strtolower($with) || $load->thinner->value === $with ? $value : $its.' '.$by;
    }

    private static function faced(PlannedStep $step, string $value): string
    {
        $at = $step->scope->place;
        $usual = $step->technique->face();
        foreach (['r' => Face::Recess, 'p' => Face::Plane, 'e' => Face::Ridge] as $letter => $face) {
            $isUsual = $at->but !== $face && ($at->but !== null || !self::elsewhere($usual, $face));
            $isPainted = $at->face !== null ? $at->face === $face : $isUsual;
            if (str_contains($value, '+'.$letter) && !$isPainted) {
                return '-'.$letter;
            }
            if (str_contains($value, '-'.$letter) && $isPainted) {
                return '+'.$letter;
            }
        }

        return $value;
    }

    /** Whether a technique that usually goes on one face does not touch another. */
    private static function elsewhere(?Face $usual, Face $face): bool
    {
        return ($usual === Face::Recess && $face !== Face::Recess) || ($usual === Face::Ridge && $face !== Face::Ridge);
    }

    private static function rounds(PlannedStep $step, string $value): string
    {
        $loop = $step->scope->loop;

        return $loop === null ? '' : trim($loop->rounds.(str_contains($value, 'smaller') && $loop->isSmaller() ? ' smaller' : ''));
    }

    /** @return array<string, string> parts by name: a number, "~" for an open amount, empty where it is alone */
    private static function paints(string $value): array
    {
        $found = [];
        foreach (array_filter(array_map(trim(...), explode(',', $value)), static fn (string $p): bool => $p !== '') as $paint) {
            preg_match('/^(.*?)\s*(\d+|~)?$/u', $paint, $m);
            $found[$m[1]] = $m[2] ?? '';
        }

        return $found;
    }

    /**
     * @param list<string> $names
     *
     * @return list<Paint>
     */
    private static function shelf(array $names): array
    {
        $shelf = [];
        foreach ($names as $name) {
            if (!isset(self::PRODUCTS[$name]) && !isset(self::VARNISHES[$name]) && !isset(self::CANS[$name])) {
                $hex = SaidColour::read($name)?->toSrgb()->clipped()->toHex() ?? '#7a6a50';
                $shelf[] = new Paint($name, $name, '', self::behaviour($name), Reflectance::fromSrgb(Srgb::fromHex($hex)), true, 10.0);
            }
        }
        foreach (self::PRODUCTS as $name => $behaviour) {
            $shelf[] = new Paint($name, $name, '', $behaviour, null, true, 10.0);
        }
        foreach (self::VARNISHES as $name => $sheen) {
            $shelf[] = new Paint($name, $name, '', Behaviour::Varnish, null, true, 10.0, sheen: $sheen);
        }
        foreach (self::CANS as $name => $hex) {
            $colour = Reflectance::fromSrgb(Srgb::fromHex($hex));
            $shelf[] = new Paint($name, $name, '', Behaviour::Primer, $colour, true, 10.0, form: Form::SprayCan);
        }

        return $shelf;
    }

    private static function behaviour(string $name): Behaviour
    {
        return match (true) {
            preg_match('/\bEnamel\b/', $name) === 1 => Behaviour::Enamel,
            preg_match('/\bOil\b/', $name) === 1 => Behaviour::Oil,
            preg_match('/\bWash\b/', $name) === 1 => Behaviour::Wash,
            preg_match('/\bInk\b/', $name) === 1 => Behaviour::Ink,
            preg_match('/\bStain\b/', $name) === 1 => Behaviour::Stain,
            preg_match('/\bEffect\b/', $name) === 1 => Behaviour::Effect,
            preg_match('/\bPigment\b/', $name) === 1 => Behaviour::Pigment,
            preg_match('/\b(?:Brass|Steel|Iron|Gold|Silver|Bronze|Copper)\b/', $name) === 1 => Behaviour::Metallic,
            default => Behaviour::Opaque,
        };
    }
}
