<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\Company;
use App\Models\Painter;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Material;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Defaults;
use Kalokroma\Recipe\Finding;
use Kalokroma\Recipe\Palette;
use Kalokroma\Recipe\StepOutcome;
use Kalokroma\Recipe\Undercoating;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Undercoat\Advice;
use Kalokroma\Undercoat\Choice;
use Kalokroma\Undercoat\Demand;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Tone;

/** One company, one undercoat: advised when the first recipe is drafted, changed by the painter for all of it. */
final readonly class UndercoatDesk
{
    public function __construct(private Painter $painter, private ShelfRows $shelf)
    {
    }

    /** The undercoat as a step; advised and kept where the company has none yet. */
    public function outcome(Company $company): StepOutcome
    {
        $kept = $company->undercoat ?? $this->advise($company);
        $primer = $kept['paint_id'] === null ? null : $this->shelf->find((string) $kept['paint_id']);

        return Undercoating::outcome(
            Kind::allowedBy($this->painter->equipment()),
            Tone::from($kept['tone']),
            $primer,
            $company->surface_cm2,
            $kept['coats'],
            $kept['thin'] === null ? null : Thinning::fromRatio($kept['thin']),
            [new Finding('undercoat.tone', '{reason}', ['reason' => $kept['reason']])],
        );
    }

    /** @return list<Choice> what could be taken, the advised one first */
    public function choices(Company $company): array
    {
        return Advice::of($this->shelf->paints(), $this->demands($company))->choices;
    }

    /** Takes another primer for the whole company. */
    public function choose(Company $company, string $paintId): void
    {
        $primer = $this->shelf->mix([['paint' => $paintId, 'parts' => 1]])->parts[0]['paint'];
        $advised = $this->choices($company);
        $reason = $primer->name.' is your own choice.';
        foreach ($advised as $choice) {
            if ($choice->primer?->id === $paintId) {
                $more = $choice->coats() - $advised[0]->coats();
                $reason = sprintf('%s is your own choice: %s', $primer->name, $more === 0
                    ? 'no ground needs fewer base coats.'
                    : sprintf('%d base coats more over all areas than %s.', $more, $advised[0]->primer->name ?? $advised[0]->tone->words()));
            }
        }
        $tone = Tone::ofColour($primer->pigment()->fullHide()->toLab());
        $this->keep($company, [...($company->undercoat ?? []), 'tone' => $tone->value, 'paint_id' => (int) $primer->id, 'reason' => $reason, 'own' => true]);
    }

    /** Advises anew after colours or paints changed, unless the painter chose, or the ground is on figures already. */
    public function refresh(Company $company): void
    {
        $kept = $company->undercoat;
        if ($kept === null) {
            return;
        }
        $painted = [];
        foreach ($company->records as $entry) {
            if ($entry->step_key === 'undercoat') {
                $painted += array_fill_keys($entry->figures, true);
            }
        }
        if ($kept['own'] && $kept['paint_id'] !== null && $this->shelf->find((string) $kept['paint_id']) !== null) {
            $this->choose($company, (string) $kept['paint_id']);
        } elseif ($painted !== []) {
            $this->keep($company, [...$kept, 'reason' => sprintf('It is on %d of %d figures already, and one company has one undercoat.', count($painted), $company->count)]);
        } else {
            $this->advise($company);
        }
    }

    public function change(Company $company, ?int $coats, ?Thinning $thinning): void
    {
        $kept = $company->undercoat ?? $this->advise($company);
        $this->keep($company, [...$kept, ...($coats === null ? [] : ['coats' => $coats === 0 ? null : $coats]), ...($thinning === null ? [] : ['thin' => $thinning->ratio()])]);
    }

    /** @return array{tone: string, paint_id: int|null, coats: int|null, thin: string|null, reason: string, own: bool} */
    private function advise(Company $company): array
    {
        $advice = Advice::of($this->shelf->paints(), $this->demands($company));
        $best = $advice->choices[0];

        return $this->keep($company, [
            ...($company->undercoat ?? []),
            'own' => false,
            'tone' => $best->tone->value,
            'paint_id' => $best->primer === null ? null : (int) $best->primer->id,
            'reason' => $advice->reason,
        ]);
    }

    /**
     * @param array{tone: string, paint_id: int|null, reason: string, own: bool, coats?: int|null, thin?: string|null} $kept
     *
     * @return array{tone: string, paint_id: int|null, coats: int|null, thin: string|null, reason: string, own: bool}
     */
    private function keep(Company $company, array $kept): array
    {
        $kept += ['coats' => null, 'thin' => null];
        $company->undercoat = $kept;
        $company->save();

        return $kept;
    }

    /** @return list<Demand> the nearest paint at hand for every area that has a colour */
    private function demands(Company $company): array
    {
        $palette = new Palette($this->shelf->paints());
        $demands = [];
        foreach ($company->areas as $area) {
            $metal = $area->material === Material::Metal && $palette->metallics() !== [];
            $nearest = $area->hex === null ? null : $this->nearest($palette, $area->hex, $metal);
            if ($nearest !== null) {
                $thinning = Thinning::fromRatio(Defaults::THINNING[$metal ? 'metallic' : 'basecoat']['ratio']);
                $demands[] = new Demand($area->name, $nearest->mix->pigment(), $thinning->load(), $area->share / 100, $metal);
            }
        }

        return $demands;
    }

    private function nearest(Palette $palette, string $hex, bool $metal): ?RankedMix
    {
        $target = Srgb::fromHex($hex)->toLab();

        return ($metal ? $palette->metalSingles($target) : $palette->singles($target))[0] ?? null;
    }
}
