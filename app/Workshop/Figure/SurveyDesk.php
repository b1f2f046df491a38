<?php

declare(strict_types=1);

namespace App\Workshop\Figure;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Painter;
use DomainException;
use Kalokroma\Figure\Question;
use Kalokroma\Figure\Shares;
use Kalokroma\Figure\Survey;
use Kalokroma\Word\Counted;

/** Keeps what was answered when a figure was looked over; a yes adds the area it asks for. */
final class SurveyDesk
{
    public static function answer(Painter $painter, Company $company, string $id, string $answer): void
    {
        $question = array_values(array_filter(Survey::of($company->kind), static fn (Question $q): bool => $q->id === $id))[0]
            ?? throw new DomainException(sprintf('There is no such question for a %s.', $company->kind->words()));
        match ($answer) {
            'no' => $company->update(['survey' => [...($company->survey ?? []), $id => 'no']]),
            'open' => $company->update(['survey' => array_diff_key($company->survey ?? [], [$id => true])]),
            'yes' => self::add($painter, $company, $question),
            default => throw new DomainException('Answer yes or no, or leave it open.'),
        };
    }

    /** @throws DomainException where work on it is recorded: the ledger is not thrown away */
    public static function mayGo(Company $company): void
    {
        $entries = $company->records()->count();
        if ($entries > 0) {
            throw new DomainException(
                sprintf('%s stays: the ledger holds %s of work on it.', $company->name, Counted::Entries->of($entries)),
            );
        }
    }

    /** The new area takes its share from all others alike, and lies beside the largest area until the painter says better. */
    private static function add(Painter $painter, Company $company, Question $question): void
    {
        $draft = $question->area;
        $areas = [];
        foreach ($company->areas as $area) {
            if (mb_strtolower($area->name) === mb_strtolower($draft->name)) {
                throw new DomainException(sprintf('There is an area %s already.', $area->name));
            }
            $areas[] = [
                'id' => $area->id, 'name' => $area->name, 'material' => $area->material->value, 'relief' => $area->relief->value,
                'share' => $area->share, 'depth' => $area->depth, 'weight' => $area->weight->value, 'colour' => $area->hex,
                'touches' => array_values(
                    $company->areas->filter(
                        static fn (AreaRow $a): bool => in_array($a->id, $area->beside ?? [], true),
                    )->map(static fn (AreaRow $a): string => $a->name)->all(),
                ),
            ];
        }
        $largest = $company->areas->sortByDesc('share')->first();
        foreach (Shares::besides(array_column($areas, 'share'), $draft->share) as $i => $share) {
            $areas[$i]['share'] = $share;
        }
        $areas[] = [
            'id' => null, 'name' => $draft->name, 'material' => $draft->material->value, 'relief' => $draft->relief->value,
            'share' => $draft->share, 'depth' => $draft->depth, 'weight' => $draft->weight->value, 'colour' => null,
            'touches' => $largest === null ? [] : [$largest->name],
        ];
        CompanyWriter::write($painter, $company, [
            'name' => $company->name, 'count' =>
                $company->count, 'height_mm' =>
                $company->height_mm, 'surface_cm2' =>
                $company->surface_cm2,
            'notes' => $company->notes, 'kind' => $company->kind->value, 'matches_id' => $company->matches_id, 'areas' => $areas,
        ]);
        $company->update(['survey' => array_diff_key($company->survey ?? [], [$question->id => true])]);
    }
}
