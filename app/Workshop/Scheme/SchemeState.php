<?php

declare(strict_types=1);

namespace App\Workshop\Scheme;

use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Shelf\ShelfRows;
use App\Workshop\State\State;

/**
 * The colours of a company as the Scheme page has them.
 */
final readonly class SchemeState
{
    public function __construct(private ShelfRows $shelf)
    {
    }

    /** Expects the areas loaded. */
    public function of(Company $company): State
    {
        return new State(array_merge([], ...array_values($company->areas->map($this->words(...))->all())));
    }

    public function ofArea(AreaRow $area): State
    {
        return new State($this->words($area));
    }

    /**
     * These areas with the colours they are to have.
     *
     * @param list<AreaRow> $areas in their order
     * @param list<array{hex: string|null, mix: list<array{paint: int, parts: int}>|null, fixed: bool}> $colours
     */
    public function wanted(array $areas, array $colours): State
    {
        return new State(array_merge([], ...array_map(
            fn (AreaRow $a, array $c): array => $this->said($a->name, $c['hex'], $c['mix'], $c['fixed']),
            $areas,
            $colours,
        )));
    }

    /** @return array<string, string> */
    private function words(AreaRow $area): array
    {
        return $this->said($area->name, $area->hex, $area->mix, $area->fixed);
    }

    /**
     * @param list<array{paint: int, parts: int}>|null $mix
     *
     * @return array<string, string>
     */
    private function said(string $name, ?string $hex, ?array $mix, bool $fixed): array
    {
        $of = $mix === null ? null : $this->shelf->plannedMix($mix)?->words();

        return [$name => ($hex ?? 'undecided').($of === null ? '' : ', '.$of).($fixed ? ', kept' : '')];
    }
}
