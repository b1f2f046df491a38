<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Kalokroma\Film\Thinner;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;

/**
 * What paint is thinned with has one vocabulary, and a pot of it is known by its number instead of its name. Steps are found wherever
 * plans are kept; a pot that stands on the shelf no more is kept by its description.
 */
return new class () extends Migration {
    private const KEPT = [
        'recipes' => ['plan', 'followed'],
        'revisions' => ['state'],
        'companies' => ['undercoat'],
        'trials' => ['undercoat'],
        'book_recipes' => ['plan'],
    ];

    public function up(): void
    {
        $pots = [];
        foreach (DB::table('paints')->whereNull('deleted_at')->whereIn('behaviour', ['medium', 'thinner'])->get() as $paint) {
            $pots[(int) $paint->painter_id][(string) $paint->name] ??= (string) $paint->id;
        }
        foreach (self::KEPT as $table => $columns) {
            foreach (DB::table($table)->orderBy('id')->lazy() as $row) {
                $changed = [];
                foreach ($columns as $column) {
                    $kept = $row->{$column} === null ? null : json_decode((string) $row->{$column}, true, 512, JSON_THROW_ON_ERROR);
                    if (is_array($kept)) {
                        $named = self::named($kept, $pots[(int) $row->painter_id] ?? [], $table === 'book_recipes');
                        $changed += $named === $kept ? [] : [$column => json_encode(
                            $named,
                            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
                        )];
                    }
                }
                if ($changed !== []) {
                    DB::table($table)->where('id', $row->id)->update($changed);
                }
            }
        }
    }

    public function down(): void
    {
        // A number tells more than a name: nothing has to be put back.
    }

    /**
     * @param array<mixed> $kept
     * @param array<string, string> $pots numbers of a painter's mediums and thinners, by name
     * @param bool $isPortable whether pots are named in it, as in files
     *
     * @return array<mixed>
     */
    private static function named(array $kept, array $pots, bool $isPortable): array
    {
        if (isset($kept['technique'], $kept['thin'], $kept['with']) && is_string($kept['with'])) {
            $thinner = Thinner::said($kept['with']) ?? Thinner::Water;
            $kept['with'] = $thinner->value;
            $name = $kept['product'] ?? null;
            if (is_string($name) && !$isPortable) {
                $kept['product'] = self::pot($name, $thinner, $pots);
            }
            if ($name === '') {
                unset($kept['product']);
            }
        }

        return array_map(static fn (mixed $each): mixed => is_array($each) ? self::named($each, $pots, $isPortable) : $each, $kept);
    }

    /**
     * @param array<string, string> $pots
     *
     * @return array<string, mixed>
     */
    private static function pot(string $name, Thinner $thinner, array $pots): array
    {
        if (isset($pots[$name])) {
            return ['paint' => $pots[$name]];
        }
        $isMedium = $thinner === Thinner::Medium || $thinner === Thinner::Retarder;
        $described = Paint::described($name, $isMedium ? Behaviour::Medium : Behaviour::Thinner, null);

        return ['paint' => $described->id, 'described' => ['name' => $name, 'behaviour' => $described->behaviour->value, 'hex' => null]];
    }
};
