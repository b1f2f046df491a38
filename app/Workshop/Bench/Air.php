<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Models\Company;
use App\Models\PassRow;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Record\Recording;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use Kalokroma\Undercoat\Weather;

/** The air of the room: damp and cold slow what dries. */
final readonly class Air
{
    public function __construct(private Studio $studio)
    {
    }

    /** From now on drying is planned by this air; what is wet already takes as long as it does in it. */
    public function is(Weather $air, CarbonImmutable $now): void
    {
        $painter = $this->studio->painter;
        $painter->update(['wishes' => [
            ...$painter->wishes ?? [],
            'air' => ['celsius' => round($air->celsius, 1), 'humidity' => round($air->humidity)],
        ]]);
        $bench = new BenchDesk($this->studio);
        $recording = new Recording($this->studio);
        foreach (Company::query()->with('areas.recipe', 'records', 'passes')->get() as $company) {
            foreach (BenchDesk::drying($company, null, $now) as $wet) {
                $outcome = $wet->step_key === null ? null : $bench->planned(
                    $company,
                    $company->areas->firstWhere('id', $wet->area_id),
                    $wet->step_key,
                );
                if ($outcome !== null && $wet->dried_at === null && ($wet instanceof PassRow
                    || $wet->substance()?->isOf($outcome->step) === true)) {
                    $wet->update(['dry_minutes' => $recording->minutesToDry($outcome)]);
                }
            }
        }
    }
}
