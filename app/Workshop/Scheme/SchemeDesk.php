<?php

declare(strict_types=1);

namespace App\Workshop\Scheme;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Painter;
use App\Models\TrialRow;
use App\Workshop\Figure\Matching;
use App\Workshop\Shelf\ShelfRows;
use App\Workshop\State\Conflict;
use App\Workshop\State\State;
use DomainException;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Harmony;
use Kalokroma\Colour\Srgb;
use Kalokroma\Scheme\Coloured;
use Kalokroma\Scheme\EdgeTint;
use Kalokroma\Scheme\Legibility;
use Kalokroma\Scheme\Pair;
use Kalokroma\Scheme\Parting;
use Kalokroma\Scheme\Pool;
use Kalokroma\Scheme\Proposal;
use Kalokroma\Scheme\Proposals;
use Kalokroma\Scheme\Sight;
use Kalokroma\Scheme\Surprise;
use Kalokroma\Scheme\Tie;
use Kalokroma\Scheme\Together;
use Kalokroma\Shelf\Mix;

/**
 * Where a company's colours are chosen: kept, judged, proposed, and tried.
 *
 * @phpstan-type Chosen array{
 *   area: int, colour: string|null, mix: list<array{paint: int, parts: int}>|null, fixed: bool, seen?: string|null,
 * }
 */
final readonly class SchemeDesk
{
    public ShelfRows $shelf;
    public SchemeState $states;

    public function __construct(public Painter $painter)
    {
        $this->shelf = ShelfRows::of($painter);
        $this->states = new SchemeState($this->shelf);
    }

    /** Expects the areas loaded. */
    public function state(Company $company): State
    {
        return $this->states->of($company);
    }

    /** @return list<Coloured> */
    public function coloured(Company $company): array
    {
        return array_values($company->areas->map(static fn (AreaRow $a): Coloured => new Coloured(
            $a->toCore($company),
            $a->hex === null ? null : Srgb::fromHex($a->hex)->toLab(),
            $a->fixed && $a->hex !== null,
        ))->all());
    }

    public function legibility(Company $company, Sight $sight): Legibility
    {
        return new Legibility($this->coloured($company), $company->touching(), $sight, $company->alike());
    }

    /** @return list<Tie> to the companies it is meant to match */
    public function together(Company $company): array
    {
        $others = [];
        foreach (Matching::of($this->painter, $company) as $other) {
            $others[$other->name] = $this->coloured($other);
        }

        return $others === [] ? [] : Together::of($this->coloured($company), $others);
    }

    public function pool(): Pool
    {
        return new Pool($this->shelf->paints());
    }

    /** @return list<Proposal> */
    public function proposals(Company $company, Sight $sight, ?Harmony $harmony): array
    {
        return Proposals::of($this->coloured($company), $company->touching(), $this->pool(), $sight, $harmony);
    }

    /**
     * Where nothing is kept: from a colour, or surprising ones of the shelf.
     *
     * @param string|null $from `#rrggbb`
     *
     * @return list<Proposal>
     */
    public function surprises(Company $company, Sight $sight, int $turn, ?string $from, ?Harmony $harmony): array
    {
        $surprise = new Surprise($this->coloured($company), $company->touching(), $this->pool(), $sight);

        return $from === null ? $surprise->any($turn) : $surprise->from(Srgb::fromHex($from)->toLab(), $harmony);
    }

    /** The paints an area's colour was chosen as, if it was. */
    public function mix(AreaRow $area): ?Mix
    {
        return $area->mix === null ? null : $this->shelf->plannedMix($area->mix);
    }

    /**
     * Chooses colours for some areas, all or none; recipes and undercoat follow.
     *
     * @param list<Chosen> $given a mix gives its own colour; `seen` is the version of the area it was chosen on
     * @param string|null $seen the version of the whole scheme, which counts for all its areas
     *
     * @throws Conflict where one of these areas was coloured otherwise in the meantime
     */
    public function choose(Company $company, array $given, ?string $seen = null): void
    {
        DB::transaction(function () use ($company, $given, $seen): void {
            $areas = $colours = [];
            foreach ($given as ['area' => $id, 'colour' => $colour, 'mix' => $mix, 'fixed' => $fixed]) {
                $areas[] = $company->areas->firstWhere('id', $id) ?? throw new DomainException(
                    sprintf('%s has no such area.', $company->name),
                );
                $hex = match (true) {
                    $mix !== null => $this->shelf->mix($mix)->colour()->toHex(),
                    $colour !== null => Srgb::fromHex($colour)->toHex(),
                    default => null,
                };
                $colours[] = ['hex' => $hex, 'mix' => $mix, 'fixed' => $fixed && $hex !== null];
            }
            $this->check($company, $areas, array_map(static fn (array $g): ?string => $g['seen'] ?? null, $given), $seen, $colours);
            foreach ($areas as $i => $area) {
                $area->update($colours[$i]);
            }
        });
    }

    /**
     * @param list<AreaRow> $areas
     * @param list<string|null> $seen the versions they were chosen on
     * @param list<array{hex: string|null, mix: list<array{paint: int, parts: int}>|null, fixed: bool}> $wanted
     *
     * @throws Conflict
     */
    private function check(Company $company, array $areas, array $seen, ?string $whole, array $wanted): void
    {
        $now = $this->state($company);
        if ($whole !== null) {
            $now->check('The scheme', $whole, $this->states->wanted($areas, $wanted));

            return;
        }
        $differences = [];
        foreach ($areas as $i => $area) {
            $there = $this->states->ofArea($area);
            if ($seen[$i] !== null && $seen[$i] !== $there->version()) {
                array_push($differences, ...$there->differences($this->states->wanted([$area], [$wanted[$i]])));
            }
        }
        if ($differences !== []) {
            throw new Conflict('The scheme', $now->version(), $differences);
        }
    }

    /** Means two areas alike, or no longer: that they run together is then no fault. */
    public function meanAlike(Company $company, int $one, int $other, bool $on): void
    {
        DB::transaction(static fn () => self::relate($company, $one, $other, ['alike' => $on]));
    }

    /** Has two areas parted without another colour, as the next draft of each does it; null lets go of it. */
    public function part(Company $company, int $one, int $other, ?Parting $how): void
    {
        DB::transaction(static fn () => self::relate(
            $company,
            $one,
            $other,
            ['tinted' => $how === Parting::Tints, 'lined' => $how === Parting::Line],
        ));
    }

    /** How the painter wants two areas parted; null where nobody said. */
    public function parted(Company $company, Pair $pair): ?Parting
    {
        $area = $company->areas->firstWhere('id', (int) $pair->one->area->id);
        $other = (int) $pair->other->area->id;

        return match (true) {
            in_array($other, $area->tinted ?? [], true) => Parting::Tints,
            in_array($other, $area->lined ?? [], true) => Parting::Line,
            default => null,
        };
    }

    /** @return array{EdgeTint, EdgeTint} what the edges of two areas lean to, or would if that were chosen */
    public function edges(Company $company, Pair $pair): array
    {
        [$one, $other] = [$pair->one->area->id, $pair->other->area->id];
        $tints = $company->edgeTints([[$one, $other]]);

        return [$tints->tint($one) ?? EdgeTint::Cool, $tints->tint($other) ?? EdgeTint::Warm];
    }

    /**
     * @param array<'alike'|'tinted'|'lined', bool> $how
     *
     * @throws DomainException
     */
    private static function relate(Company $company, int $one, int $other, array $how): void
    {
        foreach ([[$one, $other], [$other, $one]] as [$id, $with]) {
            $area = $company->areas->firstWhere('id', $id);
            if ($area === null || $id === $with) {
                throw new DomainException(sprintf('%s has no such two areas.', $company->name));
            }
            $kept = [];
            foreach ($how as $kind => $on) {
                $others = array_values(array_filter($area->{$kind} ?? [], static fn (int $a): bool => $a !== $with));
                $kept[$kind] = $on ? [...$others, $with] : $others;
            }
            $area->update($kept);
        }
    }

    /** Keeps the colours and the undercoat as they are now, beside what is chosen later. */
    public function keepTrial(Company $company, string $name, string $notes): TrialRow
    {
        $colours = [];
        foreach ($company->areas as $area) {
            if ($area->hex !== null) {
                $colours[$area->name] = ['hex' => $area->hex, 'mix' => $area->mix];
            }
        }
        if ($colours === []) {
            throw new DomainException('No area has a colour yet: there is nothing to keep.');
        }

        return TrialRow::query()->create([
            'painter_id' => $company->painter_id,
            'company_id' => $company->id,
            'name' => $name,
            'notes' => $notes,
            'colours' => $colours,
            'undercoat' => $company->undercoat,
        ]);
    }

    /** Makes a trial the chosen scheme; areas it does not name keep what they have. */
    public function takeTrial(Company $company, TrialRow $trial, ?string $seen = null): void
    {
        $given = [];
        foreach ($company->areas as $area) {
            $kept = $trial->colours[$area->name] ?? null;
            if ($kept !== null) {
                $usable = $kept['mix'] !== null && array_filter(
                    $kept['mix'],
                    fn (array $p): bool => $this->shelf->find((string) $p['paint']) === null,
                ) === [];
                $given[] = ['area' => $area->id, 'colour' => $kept['hex'], 'mix' => $usable ? $kept['mix'] : null, 'fixed' => $area->fixed];
            }
        }
        $this->choose($company, $given, $seen);
    }
}
