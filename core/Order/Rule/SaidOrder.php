<?php

declare(strict_types=1);

namespace Kalokroma\Order\Rule;

use Kalokroma\Figure\Area;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Job;
use Kalokroma\Order\Job\WholeWork;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Word\Finding;
use WeakMap;

/**
 * What a step itself says of its place: "before the strings", "after the steel is done". The words name an area, else a kind of work on its
 * own area, else a paint, a material, or that kind of work anywhere on the figure: the first of these that is there is meant.
 */
final class SaidOrder
{
    /** Code of the rule in {@see RuleBook}. */
    public const CODE = 'as-said';

    /** Words that name nothing by themselves. */
    private const EMPTY = ['the', 'a', 'an', 'all', 'any', 'my', 'its', 'his', 'her', 'their', 'other', 'whole', 'area', 'areas', 'part',
        'of', 'is', 'are', 'has', 'have', 'been', 'done', 'dry', 'finished', 'painted', 'itself', 'fully', 'completely', 'every'];

    /** What means all other areas. */
    private const ALL = ['everything else', 'all else', 'anything else', 'the rest', 'rest', 'all the rest', 'all other areas',
        'other areas'];

    /** @var WeakMap<CompanyWork, array<string, array<string, true>>>|null steps that are meant, by who says it and the words */
    private static ?WeakMap $known = null;

    /** Whether a step of the first says that it comes before the second, or one of the second that it comes after the first. */
    public static function says(Job $first, Job $then): bool
    {
        $after = $then->planned()->handling->after;
        $before = $first->planned()->handling->before;

        return ($after !== '' && self::isMeant($after, $then, $first)) || ($before !== '' && self::isMeant($before, $first, $then));
    }

    /**
     * What nobody can keep, since nothing on the figure is called so.
     *
     * @return array<string, list<Finding>> by reference of the step that says it
     */
    public static function unclear(CompanyWork $company): array
    {
        $found = [];
        foreach ($company->areas as $area) {
            foreach ($company->recipes[$area->id] ?? [] as $outcome) {
                $step = $outcome->step;
                $words = $step->isOfFigure() ? [] : ['after' => $step->handling->after, 'before' => $step->handling->before];
                foreach ($words as $side => $said) {
                    foreach (self::pieces($said) as $piece) {
                        if (self::meant($piece, $area->id, $step->key->value, $company) === []) {
                            $found[(string) StepRef::of($area->id, $step->key)][] = self::unknown($area, $step, $side, $piece);
                        }
                    }
                }
            }
        }

        return $found;
    }

    /**
     * What cannot be kept, since the recipe itself or what is physically so says the opposite.
     *
     * @return list<Finding> one for each two areas
     */
    public static function broken(Web $web): array
    {
        $found = [];
        foreach ($web->setAside() as $tie) {
            if ($tie->rule?->code === self::CODE) {
                [$first, $then] = [$web->jobs[$tie->first], $web->jobs[$tie->then]];
                $found[$first->area?->id.' '.$then->area?->id] ??= new Finding(
                    'order.said-broken',
                    '{then} cannot come after {first}, as its recipe says: other recipes and rules say the opposite.',
                    ['then' => ucfirst($then->words()), 'first' => lcfirst($first->words())],
                );
            }
        }

        return array_values($found);
    }

    private static function unknown(Area $area, PlannedStep $step, string $side, string $words): Finding
    {
        return new Finding(
            'order.unclear',
            '{area}, {step}: nothing on this figure is called "{words}", so "{side} {words}" orders nothing.',
            ['area' => $area->name, 'step' => $step->technique->words(), 'words' => $words, 'side' => $side],
        );
    }

    private static function isMeant(string $said, Job $by, Job $other): bool
    {
        if ($by->area === null || $by->step === $other->step) {
            return false;
        }
        foreach (self::pieces($said) as $piece) {
            if (isset(self::meant($piece, $by->area->id, $by->planned()->key->value, $by->company)[(string) $other->ref()])) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> what is named, one after the other */
    private static function pieces(string $said): array
    {
        $pieces = preg_split('/\s*[,;]\s*/u', trim($said)) ?: [];

        return array_values(array_filter($pieces, static fn (string $piece): bool => $piece !== ''));
    }

    /**
     * @param string $area id of the area in whose recipe it is said
     * @param string $key of the step that says it
     *
     * @return array<string, true> by reference: the steps that are meant; empty where nothing is called so
     */
    private static function meant(string $piece, string $area, string $key, CompanyWork $company): array
    {
        $known = self::$known ??= new WeakMap();
        $id = $area.' '.$key.' '.$piece;
        if (!isset($known[$company][$id])) {
            $found = self::found($piece, $area, $key, $company);
            // "Face and belt" are two things, "belt and strap" is one area.
            $parts = $found !== [] ? [] : array_map(
                static fn (string $part): array => self::found($part, $area, $key, $company),
                preg_split('/\s+(?:and|&)\s+/u', $piece) ?: [],
            );
            $found = in_array([], $parts, true) ? [] : array_merge($found, ...$parts);
            $known[$company] = [$id => $found] + ($known[$company] ?? []);
        }

        return $known[$company][$id];
    }

    /** @return array<string, true> */
    private static function found(string $piece, string $area, string $key, CompanyWork $company): array
    {
        $steps = self::steps($company);
        if (in_array(mb_strtolower(trim($piece)), self::ALL, true)) {
            return self::refs($steps, static fn (?Area $of): bool => $of !== null && $of->id !== $area);
        }
        $words = self::words($piece);
        $isElsewhere = static fn (?Area $of): bool => $of !== null && $of->id !== $area;
        $isOther = static fn (?Area $of, PlannedStep $step): bool => $of?->id !== $area || $step->key->value !== $key;
        foreach ($words === [] ? [] : [
            static fn (?Area $of): bool => $isElsewhere($of) && $words == self::words($of->name ?? ''),
            static fn (?Area $of): bool => $isElsewhere($of) && array_diff($words, self::words($of->name ?? '')) === [],
            static fn (?Area $of, PlannedStep $s): bool => $of?->id === $area && $isOther($of, $s) && self::isWork($words, $s),
            static fn (?Area $of, PlannedStep $s): bool => $of === null && self::isWork($words, $s),
            static fn (?Area $of, PlannedStep $s): bool => $isOther($of, $s) && self::hasPaint($words, $s),
            static fn (?Area $of): bool => $isElsewhere($of) && array_diff($words, self::words($of?->material->words() ?? '')) === [],
            static fn (?Area $of, PlannedStep $s): bool => $isElsewhere($of) && self::isWork($words, $s),
        ] as $is) {
            $refs = self::refs($steps, $is);
            if ($refs !== []) {
                return $refs;
            }
        }

        return [];
    }

    /** @return list<array{StepRef, PlannedStep, Area|null}> every step of a figure, done or not */
    private static function steps(CompanyWork $company): array
    {
        $found = [];
        foreach ($company->areas as $area) {
            foreach ($company->recipes[$area->id] ?? [] as $outcome) {
                if (!$outcome->step->isOfFigure()) {
                    $found[] = [StepRef::of($area->id, $outcome->step->key), $outcome->step, $area];
                }
            }
        }
        $whole = array_map(static fn (WholeWork $work): StepOutcome => $work->outcome, array_values($company->whole));
        foreach ([...$company->undercoat, ...$whole] as $outcome) {
            $found[] = [StepRef::ofFigure($outcome->step->key), $outcome->step, null];
        }

        return $found;
    }

    /**
     * @param list<array{StepRef, PlannedStep, Area|null}> $steps
     * @param callable(Area|null, PlannedStep): bool $is
     *
     * @return array<string, true>
     */
    private static function refs(array $steps, callable $is): array
    {
        $found = [];
        foreach ($steps as [$ref, $step, $area]) {
            if ($is($area, $step)) {
                $found[(string) $ref] = true;
            }
        }

        return $found;
    }

    /** @param list<string> $words */
    private static function isWork(array $words, PlannedStep $step): bool
    {
        return array_diff($words, self::words($step->technique->words())) === []
            || array_diff($words, self::words($step->stage->value)) === [];
    }

    /** @param list<string> $words */
    private static function hasPaint(array $words, PlannedStep $step): bool
    {
        foreach ($step->load->paints() as $paint) {
            if (array_diff($words, self::words($paint->name)) === []) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> what is left of words that name something, each without its ending */
    private static function words(string $said): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', mb_strtolower($said), $found);
        $words = array_values(array_diff($found[0], self::EMPTY, ['and']));

        return array_values(array_unique(array_map(
            static fn (string $word): string => (string) preg_replace('/(?<=..)(?:ies|y)$|(?<=....)ing$|(?<=...)(?:es|s|e)$/u', '', $word),
            $words,
        )));
    }
}
