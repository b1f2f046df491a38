<?php

declare(strict_types=1);

namespace App\Http\Shared;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Amount;
use Kalokroma\Recipe\Predict\Reasons;
use Kalokroma\Recipe\Predict\StepFact;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\StepWords;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/** A step as the pages draw it: everything already computed. */
final class StepView
{
    /** @return array<string, mixed> */
    public static function of(StepOutcome $outcome): array
    {
        $step = $outcome->step;
        $facts = $step->technique->facts();

        return [
            'key' => $step->key->value,
            'of_figure' => $step->isOfFigure(),
            'whole' => $step->scope->whole,
            'stage' => $step->stage->value,
            'technique' => $step->technique->words(),
            'technique_id' => $step->technique->value,
            'where' => $step->where(),
            'exit' => $facts->exit,
            'watch' => $facts->watch,
            'latest_minutes' => $facts->latest,
            'passes' => $step->technique->isPassed(),
            'level' => $step->level()->value,
            'who' => $step->scope->who->value(),
            'who_words' => $step->scope->who->isAll() ? '' : $step->scope->who->words(),
            'place' => $step->scope->place->words(),
            'spray' => $step->scope->place->spray?->words() ?? '',
            'loop' => $step->scope->loop === null ? null : [
                'from' => $step->scope->loop->from,
                'rounds' => $step->scope->loop->rounds,
                'exit' => $step->scope->loop->exit,
                'percents' => $step->scope->loop->percents(),
                'words' => $step->scope->loop->words(),
            ],
            'note' => $step->handling->note,
            'handling' => self::handling($step->handling),
            'omitted' => $step->handling->omitted,
            'coats_own' => $step->handling->coats !== null,
            ...self::load($step),
            ...self::look($outcome),
            ...self::labour($outcome),
            'facts' => array_map(
                static fn (StepFact $f): array => ['key' => $f->key, 'label' => $f->label, 'text' => $f->text],
                StepWords::of($outcome)->facts,
            ),
            'reasons' => array_map(static fn (Finding $f): string => $f->sentence(), $outcome->reasons),
            'cautions' => $outcome->cautions,
        ];
    }

    /** @return array<string, mixed> how it is done, where that departs from the usual */
    private static function handling(Handling $handling): array
    {
        return [
            'words' => $handling->words(),
            'wait' => $handling->wait === null ? '' : Duration::words($handling->wait),
            'sloppy' => $handling->sloppy,
            'unwashed' => $handling->unwashed,
            'strokes' => $handling->strokes,
            'line' => $handling->line,
            'batch' => $handling->batch,
            'lively' => $handling->lively,
            'after' => $handling->after,
            'before' => $handling->before,
        ];
    }

    /** @return array<string, mixed> what is on the brush */
    private static function load(PlannedStep $step): array
    {
        $load = $step->load;
        $film = $step->isFilm() ? $load->mix : null;

        return [
            'mix' => $load->mix === null ? [] : self::mix($load->mix),
            'meets' => $load->meets === null ? [] : self::mix($load->meets),
            'open' => array_values(array_map(
                static fn (Part $p): string => $p->paint->name,
                array_filter($load->mix->parts ?? [], static fn (Part $p): bool => in_array($p->paint->id, $load->open, true)),
            )),
            'mix_words' => $step->words(),
            'film' => $step->isFilm(),
            'wet' => $film?->wet()->toHex(),
            'drying' => $film?->first()->behaviour->drying()->words() ?? '',
            'thin' => $load->thinning->ratio(),
            'undiluted' => $load->thinning->isUndiluted(),
            'thin_words' => $load->thinWords(),
            'thin_open' => $load->thinOpen,
            'open_ends' => self::openEnds($step),
            'thinned_with' => $load->thinner->value,
            'thinner' => $load->thinnerWords(),
            'at_hand' => $load->isAtHand(),
            'instead_of' => $load->original?->words(),
        ];
    }

    /** @return list<string> `#rrggbb` of the mix with little and with much of what was left open; nothing where nothing was */
    private static function openEnds(PlannedStep $step): array
    {
        $ends = $step->load->mix === null || !$step->isFilm() ? null : Reasons::openEnds($step->load, $step->load->mix);

        return array_map(static fn (Mix $m): string => $m->colour()->toHex(), $ends ?? []);
    }

    /** @return array<string, mixed> how the area looks before and after, and how sure that is */
    private static function look(StepOutcome $outcome): array
    {
        [$step, $look] = [$outcome->step, $outcome->look];
        $film = $step->isFilm() ? $step->load->mix : null;
        $wanted = $step->stage === Stage::Undercoat || $look->difference === null ? null : $step->target;

        return [
            'colour' => ($film?->colour() ?? $look->after->plane)->toHex(),
            'wanted' => $wanted?->toSrgb()->clipped()->toHex(),
            'difference' => $look->difference === null ? null : round($look->difference, 2),
            'certainty' => round($look->certainty, 1),
            'mix_certainty' => round($step->load->mix?->certainty() ?? $look->certainty, 1),
            'expected' => $look->difference === null || $step->load->mix === null
                ? null
                : round((new RankedMix($step->load->mix, $look->difference))->expected(), 1),
            'before' => self::surface($look->below),
            'after' => self::surface($look->after),
            'zone' => $look->zone === null ? null : self::surface($look->zone),
            'first' => $look->first === null ? null : self::surface($look->first),
        ];
    }

    /** @return array<string, mixed> what it costs: coats, minutes, drops */
    private static function labour(StepOutcome $outcome): array
    {
        $labour = $outcome->labour;

        return [
            'coats' => $labour->coats,
            'coats_computed' => $labour->computed,
            'rounds' => $labour->rounds,
            'tool' => $labour->tool->words(),
            'tool_id' => $labour->tool->value,
            'minutes' => (int) max(1, round($labour->minutes)),
            'dry_minutes' => $labour->dryMinutes,
            'amount' => self::amount($outcome->amount),
        ];
    }

    /** @return array<string, mixed> a step in a short drawing of a whole recipe */
    public static function layer(StepOutcome $outcome): array
    {
        return [
            'technique' => $outcome->step->technique->words(),
            'words' => $outcome->step->words(),
            'coats' => $outcome->labour->coats,
            'film' => $outcome->step->isFilm(),
            'after' => self::surface($outcome->look->after),
        ];
    }

    /** @return array<string, mixed>|null */
    public static function amount(?Amount $amount): ?array
    {
        return $amount === null ? null : [
            'drops' => $amount->drops,
            'thinner_drops' => $amount->thinnerDrops,
            'figures' => $amount->figures,
            'meets' => $amount->meets === null ? null : [
                'drops' => $amount->meets->drops,
                'thinner_drops' => $amount->meets->thinnerDrops,
            ],
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function mix(Mix $mix): array
    {
        return array_map(static fn (Part $p): array => [
            'paint_id' => $p->paint->id === '' || $p->paint->isDescribed() ? null : (int) $p->paint->id,
            'name' => $p->paint->name,
            'parts' => $p->parts,
            'hex' => $p->paint->colour === null ? null : Mix::single($p->paint)->colour()->toHex(),
        ], $mix->parts);
    }

    /** @return array<string, mixed> */
    public static function alternative(RankedMix $ranked, string $look, int $coatsMore, bool $asGood, bool $current): array
    {
        return [
            'mix' => self::mix($ranked->mix),
            'mix_words' => $ranked->mix->words(),
            'look' => $look,
            'difference' => round($ranked->difference, 2),
            'certainty' => round($ranked->mix->certainty(), 1),
            'expected' => round($ranked->expected(), 1),
            'coats_more' => $coatsMore,
            'as_good' => $asGood,
            'current' => $current,
        ];
    }

    /**
     * @param list<array{look: Reflectance, certainty: float}> $laid
     *
     * @return list<float> ± CIEDE2000, rounded
     */
    public static function certainties(array $laid): array
    {
        return array_map(static fn (array $c): float => round($c['certainty'], 1), $laid);
    }

    /** @return array{recess: string, plane: string, ridge: string} */
    public static function surface(Surface $surface): array
    {
        return $surface->hexes();
    }
}
