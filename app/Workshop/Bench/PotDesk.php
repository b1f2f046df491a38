<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Models\PotRow;
use App\Workshop\Record\Did;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use DomainException;
use Kalokroma\Bench\Pot;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;
use WeakMap;

/**
 * Mixes that stand on the palette: each is there from the first time it is painted with, gets less with every figure, and dries up.
 *
 * @phpstan-import-type DidRow from Did
 */
final class PotDesk
{
    /** @var WeakMap<Studio, list<PotRow>>|null pots that may still stand, the oldest first */
    private static ?WeakMap $rows = null;

    public function __construct(private readonly Studio $studio)
    {
    }

    /**
     * What some figures took: where no pot of the mix stands there, one was mixed for them.
     *
     * @param DidRow $real what was really painted with
     * @param float $share of all coats that were laid, 0 < share ≤ 1
     */
    public function taken(StepOutcome $outcome, array $real, int $figures, CarbonImmutable $now, float $share = 1.0): void
    {
        $mix = $outcome->step->load->mix;
        $at = $now->getTimestamp();
        $batch = Pot::batch($outcome, $figures, $this->vessel(), $at);
        if ($mix === null || $batch === null || !self::isOf($real['mix'], $mix)) {
            return;
        }
        $row = $this->row($mix, $now);
        $this->keep($row, ($row === null ? $batch : $this->pot($row))->after(
            Pot::perFigureUl($outcome),
            $figures,
            $at,
            $share,
        ));
    }

    /** A batch for so many figures is mixed before it is painted with. */
    public function mixed(StepOutcome $outcome, int $figures, CarbonImmutable $now): void
    {
        $batch = Pot::batch($outcome, $figures, $this->vessel(), $now->getTimestamp())
            ?? throw new DomainException('Nothing is mixed for this step.');
        $row = $this->row($batch->mix, $now);
        $this->keep($row, $row === null ? $batch : $this->pot($row)->again($now->getTimestamp()));
    }

    /** @param string $what wetter, thicker, again, jar or gone */
    public function change(PotRow $row, string $what, CarbonImmutable $now): void
    {
        if ($row->gone_at !== null) {
            throw new DomainException('That mix was thrown away already.');
        }
        if ($what === 'gone') {
            $row->update(['gone_at' => $now]);
            self::$rows = null;

            return;
        }
        $pot = $this->pot($row);
        $at = $now->getTimestamp();
        $this->keep($row, match ($what) {
            'wetter' => $pot->wetter($at),
            'thicker' => $pot->thicker($at),
            'again' => $pot->again($at),
            'jar' => $pot->inJar($at),
            default => throw new DomainException('A mix is made wetter, thicker, again, kept in a jar, or thrown away.'),
        });
    }

    /** @return array<string, PotRow> pots that are still good, of each mix the newest, by the key of the mix */
    public function standing(CarbonImmutable $now): array
    {
        $found = [];
        foreach ($this->rows($now) as $row) {
            $mix = $this->studio->shelf->plannedMix($row->mix);
            if ($mix !== null && $this->pot($row)->isGood($now->getTimestamp())) {
                $found[$mix->key()] = $row;
            }
        }

        return $found;
    }

    /** @return list<PotRow> read once */
    private function rows(CarbonImmutable $now): array
    {
        /** @var WeakMap<Studio, list<PotRow>> $known */
        $known = self::$rows ??= new WeakMap();

        return $known[$this->studio] ??= array_values(PotRow::query()->whereNull('gone_at')
            ->where(static fn ($query) => $query->where('vessel', Pot::JAR)->orWhere('mixed_at', '>=', $now->subDay()))
            ->orderBy('id')->get()->all());
    }

    /** The pot of this mix that is still good; null where there is none. */
    private function row(Mix $mix, CarbonImmutable $now): ?PotRow
    {
        return $this->standing($now)[$mix->key()] ?? null;
    }

    public function pot(PotRow $row): Pot
    {
        $mix = $this->studio->shelf->plannedMix($row->mix)
            ?? throw new DomainException('A paint of this mix is no longer known: throw the mix away.');

        return new Pot($mix, $row->paint_ul, $row->thinner_ul, $row->vessel, $row->mixed_at->getTimestamp());
    }

    private function vessel(): string
    {
        return $this->studio->painter->isPossible('wet_palette') ? Pot::WET_PALETTE : Pot::PALETTE;
    }

    private function keep(?PotRow $row, Pot $pot): void
    {
        $isNew = $row === null;
        $row ??= new PotRow(['painter_id' => $this->studio->painter->id, 'gone_at' => null]);
        $row->fill([
            'mix' => array_map(static fn (Part $p): array => ['paint' => $p->paint->id, 'parts' => $p->parts], $pot->mix->parts),
            'paint_ul' => round($pot->paintUl, 2),
            'thinner_ul' => round($pot->thinnerUl, 2),
            'vessel' => $pot->vessel,
            'mixed_at' => CarbonImmutable::createFromTimestampUTC($pot->mixed),
        ])->save();
        if ($isNew && isset(self::$rows[$this->studio])) {
            self::$rows[$this->studio] = [...self::$rows[$this->studio], $row];
        }
    }

    /** @param list<array{id?: string|null, name: string, parts: int|null}> $real */
    private static function isOf(array $real, Mix $mix): bool
    {
        $planned = array_map(static fn (Part $p): string => $p->parts.' '.$p->paint->id, $mix->parts);
        $done = array_map(static fn (array $p): string => ($p['parts'] ?? 1).' '.($p['id'] ?? ''), $real);

        return $real === [] || (array_diff($planned, $done) === [] && array_diff($done, $planned) === []);
    }
}
