<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The undercoat and what is done to the whole figure are changed and undone each for itself, and say so in their history. A recipe holds
 * the colour it was drafted for under that name.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('companies', static function (Blueprint $table): void {
            $table->text('whole')->nullable();
            $table->unsignedInteger('whole_version')->default(0);
            $table->unsignedInteger('whole_counter')->default(0);
        });
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->string('part', 20)->nullable();
        });
        Schema::table('recipes', static fn (Blueprint $table) => $table->renameColumn('hex', 'drafted_colour'));
        DB::statement(<<<'SQL'
            UPDATE revisions SET state = json_set(json_remove(state, '$.hex'), '$.drafted_colour', json_extract(state, '$.hex'))
            WHERE recipe_id IS NOT NULL AND json_extract(state, '$.hex') IS NOT NULL
            SQL);
        foreach (DB::table('companies')->whereNotNull('undercoat')->orderBy('id')->get() as $company) {
            $this->parted($company);
        }
        DB::table('revisions')->whereNotNull('company_id')->whereNull('part')->update(['part' => 'undercoat']);
    }

    private function parted(stdClass $company): void
    {
        $row = self::read($company->undercoat);
        $whole = self::whole($row);
        $history = DB::table('revisions')->where('company_id', $company->id)->where('aside', false)->orderBy('number')->get()->all();
        [$stands, $highest, $undercoat] = $this->history($company, $history);
        DB::table('companies')->where('id', $company->id)->update([
            'undercoat' => self::written(self::undercoat($row)),
            'whole' => $whole['steps'] === [] && $highest === 0 ? null : self::written($whole),
            'undercoat_version' => $undercoat,
            'whole_version' => $stands,
            'whole_counter' => $highest,
        ]);
    }

    /**
     * @param list<stdClass> $history oldest first
     *
     * @return array{int, int, int} where the steps over the whole figure stand, the highest number they have, and where the undercoat
     *   stands
     */
    private function history(stdClass $company, array $history): array
    {
        $before = null;
        $number = $stands = 0;
        $undercoat = (int) $company->undercoat_version;
        $at = 0;
        foreach ($history as $revision) {
            $state = self::read($revision->state);
            $isThere = $revision->number <= $company->undercoat_version;
            $isOfWhole = $before !== null && self::whole($before)['steps'] !== self::whole($state)['steps'];
            $isOfUndercoat = $before === null || !$isOfWhole || self::looks($before) !== self::looks($state);
            if ($isOfWhole) {
                if ($number === 0) {
                    $this->add($revision, ++$number, 'as it was', self::whole($before));
                    $stands = 1;
                }
                $this->add($revision, ++$number, $revision->words, self::whole($state));
                $stands = $isThere ? $number : $stands;
            }
            if ($isOfUndercoat) {
                DB::table('revisions')->where('id', $revision->id)->update(['state' => self::written(self::undercoat($state))]);
                $at = $isThere ? $revision->number : $at;
            } else {
                DB::table('revisions')->where('id', $revision->id)->delete();
            }
            $before = $state;
        }

        return [$stands, $number, $at === 0 ? $undercoat : $at];
    }

    /** @param array<string, mixed> $state */
    private function add(stdClass $like, int $number, string $words, array $state): void
    {
        $row = (array) $like;
        unset($row['id']);
        DB::table('revisions')->insert([
            ...$row, 'number' => $number, 'words' => $words, 'state' => self::written($state), 'part' => 'whole',
        ]);
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private static function undercoat(array $row): array
    {
        return array_diff_key($row, ['whole' => true]);
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return list<mixed>
     */
    private static function looks(array $row): array
    {
        return [$row['kind'] ?? null, $row['steps'] ?? []];
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array{given: int, steps: list<mixed>}
     */
    private static function whole(array $row): array
    {
        return ['given' => is_int($row['given'] ?? null) ? $row['given'] : 1, 'steps' => array_values((array) ($row['whole'] ?? []))];
    }

    /** @return array<string, mixed> */
    private static function read(mixed $json): array
    {
        return (array) json_decode((string) $json, true, 64, JSON_THROW_ON_ERROR);
    }

    /** @param array<string, mixed> $row */
    private static function written(array $row): string
    {
        return json_encode($row, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }
};
