<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Painter;
use App\Models\PaintRow;
use App\Workshop\Shelf\LessonDesk;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/**
 * Marks as stale what was predicted from something that has changed, in the same transaction as the change. It listens to
 * the rows themselves, so that nobody who writes has to remember it.
 */
final class Staleness
{
    /** What of a paint no prediction hangs on. */
    private const UNSEEN = [
        'place',
        'notes',
        'price_minor',
        'currency',
        'bottles',
        'bottle_ml',
        'opened_on',
        'set_name',
        'extra',
        'updated_at',
        'left_ml',
    ];
    /** What of a painter, company or area one does. */
    private const OF_PAINTER = ['school', 'way', 'airbrush', 'spray_cans', 'extraction', 'solvents', 'metal_brush'];
    private const OF_COMPANY = ['surface_cm2', 'count', 'leaders'];
    private const OF_AREA = ['hex', 'mix', 'share', 'relief', 'material', 'fragile', 'depth', 'weight', 'part'];

    public static function listen(): void
    {
        foreach (['created', 'updated', 'deleted', 'restored'] as $event) {
            Model::getEventDispatcher()?->listen('eloquent.'.$event.': '.PaintRow::class, self::paint(...));
        }
        AreaRow::saved(self::area(...));
        AreaRow::deleted(self::area(...));
        Company::updated(static fn (Company $c) => $c->wasChanged(self::OF_COMPANY) ? self::company($c) : null);
        Painter::updated(self::painter(...));
    }

    /** After one paint of the shelf changed: what uses it, and every undercoat that was advised from the shelf. */
    private static function paint(PaintRow $paint): void
    {
        $ran = $paint->wasChanged('left_ml') && self::isEmpty($paint->left_ml) !== self::isEmpty($paint->getPrevious()['left_ml'] ?? null);
        $isTrashing = !$paint->exists || $paint->trashed() || $paint->wasRecentlyCreated;
        if (!$isTrashing && !$ran && array_diff(array_keys($paint->getChanges()), self::UNSEEN) === []) {
            return;
        }
        LessonDesk::changed($paint);
        self::ofPaint($paint);
    }

    /** What uses it, and every undercoat that was advised from the shelf. */
    public static function ofPaint(PaintRow $paint): void
    {
        self::stamp($paint->painter_id);
        $id = $paint->id;
        DB::table('companies')->where('painter_id', $paint->painter_id)->update(['undercoat_stale' => true]);
        DB::table('recipes')->where('painter_id', $paint->painter_id)->where(static fn ($q) => $q
            ->whereIn('area_id', static fn ($its) => $its->select('area_id')->from('plan_paints')->where('paint', $id))
            ->orWhereIn('area_id', static fn ($areas) => $areas->select('areas.id')->from('areas')->whereIn(
                'company_id',
                static fn ($its) => $its->select('company_id')->from('plan_paints')->where('paint', $id)->whereNull('area_id'),
            )))
            ->update(['stale' => true]);
    }

    private static function area(AreaRow $area): void
    {
        if ($area->exists && !$area->wasRecentlyCreated && !$area->wasChanged(self::OF_AREA)) {
            return;
        }
        self::stamp($area->painter_id);
        DB::table('companies')->where('id', $area->company_id)->update(['undercoat_stale' => true]);
        DB::table('recipes')->where('area_id', $area->id)->update(['stale' => true]);
        self::told($area);
    }

    private static function painter(Painter $painter): void
    {
        if (!$painter->wasChanged(self::OF_PAINTER)) {
            return;
        }
        self::stamp($painter->id);
        DB::table('companies')->where('painter_id', $painter->id)->update(['undercoat_stale' => true]);
        DB::table('recipes')->where('painter_id', $painter->id)->update(['stale' => true]);
    }

    private static function company(Company $company): void
    {
        self::stamp($company->painter_id);
        DB::table('companies')->where('id', $company->id)->update(['undercoat_stale' => true]);
        self::recipesOf($company);
    }

    public static function recipesOf(Company $company): void
    {
        DB::table('recipes')->whereIn(
            'area_id',
            static fn ($q) => $q->select('id')->from('areas')->where('company_id', $company->id),
        )->update(['stale' => true]);
        self::known($company, true);
    }

    /** The rows in hand know that what was predicted of them is out of date, whoever writes it down. */
    public static function known(Company $company, bool $isStale): void
    {
        foreach ($isStale && $company->relationLoaded('areas') ? $company->areas : [] as $area) {
            self::told($area);
        }
    }

    /** What is being predicted from an older state is not kept, see {@see Predictions::freshen()}. */
    private static function stamp(int $painter): void
    {
        DB::table('painters')->where('id', $painter)->increment('stamp');
        $here = Auth::user();
        if ($here instanceof Painter && $here->id === $painter) {
            ++$here->stamp;
            $here->syncOriginalAttribute('stamp');
        }
    }

    /** The rows in hand know it too, so that they are not taken for fresh. */
    private static function told(AreaRow $area): void
    {
        if ($area->relationLoaded('recipe') && $area->recipe !== null && $area->recipe->exists) {
            $area->recipe->stale = true;
            $area->recipe->syncOriginalAttribute('stale');
        }
    }

    private static function isEmpty(mixed $ml): bool
    {
        return is_numeric($ml) && (float) $ml <= 0.0;
    }
}
