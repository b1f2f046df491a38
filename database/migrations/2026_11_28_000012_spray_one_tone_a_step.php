<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Srgb;
use Kalokroma\Undercoat\Tone;

/**
 * Every tone of an undercoat is a step of its own. A light sketch that was one step becomes a step for each spray; figures that had it
 * have all of them.
 */
return new class () extends Migration {
    private const USUAL = 1.0;
    private const NOTHING = ['mix' => [], 'thin' => null, 'coats' => null, 'tool' => null, 'minutes' => null];

    public function up(): void
    {
        foreach (['companies' => 'undercoat', 'trials' => 'undercoat', 'revisions' => 'state'] as $table => $column) {
            $rows = DB::table($table)->whereNotNull($column);
            foreach (($table === 'revisions' ? $rows->whereNotNull('company_id') : $rows)->get(['id', $column]) as $row) {
                $kept = json_decode((string) $row->{$column}, true);
                DB::table($table)->where('id', $row->id)->update([$column => json_encode(self::split($kept), JSON_THROW_ON_ERROR)]);
            }
        }
        $this->sprayedToo();
    }

    public function down(): void
    {
        foreach (['companies' => 'undercoat', 'trials' => 'undercoat', 'revisions' => 'state'] as $table => $column) {
            $rows = DB::table($table)->whereNotNull($column);
            foreach (($table === 'revisions' ? $rows->whereNotNull('company_id') : $rows)->get(['id', $column]) as $row) {
                $kept = json_decode((string) $row->{$column}, true);
                DB::table($table)->where('id', $row->id)->update([$column => json_encode(self::joined($kept), JSON_THROW_ON_ERROR)]);
            }
        }
    }

    /**
     * @param array<string, mixed> $kept
     *
     * @return array<string, mixed>
     */
    private static function split(array $kept): array
    {
        $steps = [];
        foreach ($kept['steps'] as $step) {
            $lights = $step['lights'] ?? [];
            unset($step['lights']);
            $steps[] = ['kind' => null, 'from' => null, 'areas' => [], ...$step];
            foreach ($lights as $light) {
                $steps[] = [
                    'key' => 'undercoat-'.(count($steps) + 1),
                    'tone' => self::tone($light['paint_id']),
                    'paint_id' => $light['paint_id'],
                    'kind' => null,
                    'from' => ['degrees' => (float) $light['degrees'], 'side' => '', 'strength' => self::USUAL],
                    'areas' => [],
                    'coats' => null,
                    'thin' => null,
                ];
            }
        }

        return ['given' => count($steps), ...$kept, 'steps' => $steps];
    }

    /** What a spray looks like when its paint is not known any more: light, if nobody knows better. */
    private static function tone(?int $paint): string
    {
        $hex = DB::table('paints')->where('id', $paint)->value('hex');

        return is_string($hex) ? Tone::ofColour(Srgb::fromHex($hex)->toLab())->value : Tone::Light->value;
    }

    /**
     * @param array<string, mixed> $kept
     *
     * @return array<string, mixed>
     */
    private static function joined(array $kept): array
    {
        $first = $kept['steps'][0];
        $lights = array_filter($kept['steps'], static fn (array $s): bool => $s['from'] !== null);
        $kept['steps'] = [[
            ...array_diff_key($first, ['kind' => 0, 'from' => 0, 'areas' => 0]),
            'lights' => array_values(array_map(
                static fn (array $s): array => ['paint_id' => $s['paint_id'], 'degrees' => $s['from']['degrees']],
                $lights,
            )),
        ]];

        return array_diff_key($kept, ['given' => 0]);
    }

    /** What was written down of a whole light sketch stands for each of its sprays. */
    private function sprayedToo(): void
    {
        foreach (DB::table('companies')->whereNotNull('undercoat')->get(['id', 'undercoat']) as $company) {
            $steps = json_decode((string) $company->undercoat, true)['steps'];
            $entries = count($steps) < 2 ? [] : DB::table('records')->where('company_id', $company->id)
                ->where('step_key', 'undercoat')->whereNull('withdrawn_at')->orderBy('id')->get()->all();
            foreach ($entries as $entry) {
                foreach (array_slice($steps, 1) as $step) {
                    DB::table('records')->insert([
                        ...array_diff_key((array) $entry, ['id' => 0]),
                        'step_key' => $step['key'],
                        'planned' => null,
                        'real' => json_encode(self::NOTHING, JSON_THROW_ON_ERROR),
                        'note' => 'Sprayed with the undercoat before it.',
                    ]);
                }
            }
        }
    }
};
