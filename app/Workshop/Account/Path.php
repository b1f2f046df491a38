<?php

declare(strict_types=1);

namespace App\Workshop\Account;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Painter;
use App\Models\PaintRow;
use Illuminate\Database\Eloquent\Collection;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Word\Counted;

/** The way from an empty workshop to the first step at the Bench: what is there, and what is missing yet. */
final class Path
{
    /** With fewer paints hardly any colour is found. */
    private const ENOUGH = 8;

    /** So many names are told before the rest is counted. */
    private const NAMED = 3;

    /** The figure that is on its way: the newest one. */
    private readonly ?Company $company;

    /** @var Collection<int, AreaRow> */
    private readonly Collection $areas;

    public function __construct(private readonly Painter $painter)
    {
        $this->company = Company::query()->where('painter_id', $painter->id)->with('areas.recipe', 'records')->orderByDesc('id')->first();
        $this->areas = $this->company->areas ?? new Collection();
    }

    /** @return list<array{id: string, name: string, there: string, missing: string, action: string, to: string, done: bool}> */
    public function steps(): array
    {
        return [$this->shelf(), $this->figure(), $this->colours(), $this->undercoat(), $this->recipes(), $this->order(), $this->bench()];
    }

    /** @return array{id: string, name: string, there: string, missing: string, action: string, to: string, done: bool} */
    private function shelf(): array
    {
        $paints = PaintRow::query()->where('painter_id', $this->painter->id)->get(['behaviour']);
        $covering = $paints->filter(static fn (PaintRow $p): bool => $p->behaviour->isMixable())->count();
        $primers = $paints->filter(static fn (PaintRow $p): bool => $p->behaviour === Behaviour::Primer)->count();
        $missing = match (true) {
            $paints->isEmpty() => 'Add the paints you own: a dozen will do for a start.',
            $covering < self::ENOUGH => sprintf('%s that cover: add a few more, light and dark.', Counted::Paints->of($covering)),
            $primers === 0 => 'No primer yet: without one, recipes start on the bare figure.',
            default => '',
        };

        return self::step(
            'shelf',
            'Shelf',
            $paints->isEmpty() ? '' : Counted::Paints->of($paints->count()),
            $missing,
            'Add paints',
            '/add-paints',
            $covering >= self::ENOUGH,
        );
    }

    /** @return array{id: string, name: string, there: string, missing: string, action: string, to: string, done: bool} */
    private function figure(): array
    {
        return $this->company === null
            ? self::step(
                'figure',
                'Figure',
                '',
                'Say what you want to paint: what sort, how high, which areas.',
                'Add a figure',
                '/figures',
            )
            : self::step(
                'figure',
                'Figure',
                sprintf(
                    '%s: %s, %s',
                    $this->company->name,
                    Counted::Figures->of($this->company->count),
                    Counted::Areas->of($this->areas->count()),
                ),
                '',
                'Look at it',
                '/figures/'.$this->company->id,
                true,
            );
    }

    /** @return array{id: string, name: string, there: string, missing: string, action: string, to: string, done: bool} */
    private function colours(): array
    {
        $open = $this->areas->filter(static fn (AreaRow $a): bool => $a->hex === null);
        $coloured = $this->areas->count() - $open->count();

        return self::step(
            'colours',
            'Colours',
            $coloured === 0 ? '' : sprintf('%s with a colour', Counted::Areas->of($coloured)),
            $this->company === null ? 'Add a figure first; then choose its colours, or have some proposed.' : self::names(
                'No colour yet',
                $open,
            ),
            'Choose colours',
            $this->to('/scheme'),
            $this->company !== null && $open->isEmpty(),
        );
    }

    /** @return array{id: string, name: string, there: string, missing: string, action: string, to: string, done: bool} */
    private function undercoat(): array
    {
        $kept = $this->company?->undercoat !== null;

        return self::step(
            'undercoat',
            'Undercoat',
            $kept ? 'Planned' : '',
            $kept ? '' : 'Compares every ground your shelf allows, and says which takes the fewest coats.',
            'Choose an undercoat',
            $this->to('/undercoat'),
            $kept,
        );
    }

    /** @return array{id: string, name: string, there: string, missing: string, action: string, to: string, done: bool} */
    private function recipes(): array
    {
        $open = $this->areas->filter(static fn (AreaRow $a): bool => $a->recipe === null);
        $drafted = $this->areas->count() - $open->count();

        return self::step(
            'recipes',
            'Recipes',
            $drafted === 0 ? '' : sprintf('%s with a recipe', Counted::Areas->of($drafted)),
            $this->company === null ? 'Add a figure first; then one press drafts all its areas.' : self::names('No recipe yet', $open),
            'Draft all areas',
            $this->to('/scheme'),
            $this->company !== null && $open->isEmpty(),
        );
    }

    /** @return array{id: string, name: string, there: string, missing: string, action: string, to: string, done: bool} */
    private function order(): array
    {
        $steps = 0;
        foreach ($this->areas as $area) {
            /** @var array{steps?: list<array{omitted?: bool}>} $plan */
            $plan = $area->recipe->plan ?? [];
            $steps += count(array_filter($plan['steps'] ?? [], static fn (array $s): bool => !($s['omitted'] ?? false)));
        }

        return self::step(
            'order',
            'Order',
            $steps === 0 ? '' : sprintf('%s, in working order', Counted::Steps->of($steps)),
            $steps === 0 ? 'Follows from the recipes: what is inside and below is painted first.' : '',
            'See what comes first',
            $this->to('/bench'),
            $steps > 0,
        );
    }

    /** @return array{id: string, name: string, there: string, missing: string, action: string, to: string, done: bool} */
    private function bench(): array
    {
        $done = $this->company?->records->count() ?? 0;

        return self::step(
            'bench',
            'Bench',
            $done === 0 ? '' : sprintf('%s done', Counted::Steps->of($done)),
            $done === 0 ? 'One step at a time, large enough to read from a metre. Do the first one.' : '',
            'Go to the Bench',
            $this->to('/bench'),
            $done > 0,
        );
    }

    private function to(string $page): string
    {
        return $this->company === null ? '/figures' : $page.'/'.$this->company->id;
    }

    /** @param Collection<int, AreaRow> $areas */
    private static function names(string $what, Collection $areas): string
    {
        if ($areas->isEmpty()) {
            return '';
        }
        $named = $areas->take(self::NAMED)->pluck('name')->implode(', ');
        $more = $areas->count() - self::NAMED;

        return sprintf('%s: %s%s.', $what, $named, $more > 0 ? sprintf(' and %d more', $more) : '');
    }

    /** @return array{id: string, name: string, there: string, missing: string, action: string, to: string, done: bool} */
    private static function step(
        string $id,
        string $name,
        string $there,
        string $missing,
        string $action,
        string $to,
        bool $done = false,
    ): array {
        return compact('id', 'name', 'there', 'missing', 'action', 'to', 'done');
    }
}
