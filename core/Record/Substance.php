<?php

declare(strict_types=1);

namespace Kalokroma\Record;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;
use Kalokroma\Word\Counted;

/**
 * What makes a step this step: its technique, its paints in their proportions, and its place. Thinning, coats, tool and notes may
 * change without its being another one.
 *
 * @phpstan-type SubstanceRow array{
 *   technique: string|null, mix: list<array{id: string|null, name: string, parts: int}>, place: list<string|float|null>|null,
 *   meets?: list<array{id: string|null, name: string, parts: int}>,
 * }
 */
final readonly class Substance
{
    /**
     * @param string|null $technique its value; null where nobody wrote it down
     * @param list<array{id: string|null, name: string, parts: int}> $mix ids as they are on the shelf, names as they were then
     * @param list<string|float|null>|null $place face, part, light, percent, and where a spray came from; null where nobody wrote it down
     * @param list<array{id: string|null, name: string, parts: int}> $meets the second mix, where two meet
     */
    private function __construct(public ?string $technique, public array $mix, public ?array $place, public array $meets = [])
    {
    }

    public static function of(PlannedStep $step): self
    {
        $place = $step->scope->place;

        return new self(
            $step->technique->value,
            self::parts($step->load->mix),
            [
                $place->faceId() ?: null, $place->part, $place->light, $place->percent(),
                ...$place->spray === null ? [] : [$place->spray->id()],
            ],
            self::parts($step->load->meets),
        );
    }

    /** @return list<array{id: string, name: string, parts: int}> */
    private static function parts(?Mix $mix): array
    {
        return array_map(
            static fn (Part $p): array => ['id' => $p->paint->id, 'name' => $p->paint->name, 'parts' => $p->parts],
            $mix->parts ?? [],
        );
    }

    /** @param SubstanceRow $row */
    public static function fromRow(array $row): self
    {
        return new self($row['technique'], $row['mix'], $row['place'], $row['meets'] ?? []);
    }

    /**
     * Of an entry that was written before substances were: the technique by its words, paints by their names.
     *
     * @param list<array{name: string, parts: int|null}> $mix
     */
    public static function said(string $technique, array $mix): self
    {
        $known = array_values(array_filter(Technique::cases(), static fn (Technique $t): bool => $t->words() === $technique))[0] ?? null;

        return new self(
            $known?->value,
            array_map(static fn (array $p): array => ['id' => null, 'name' => $p['name'], 'parts' => $p['parts'] ?? 1], $mix),
            null,
        );
    }

    /** @return SubstanceRow */
    public function row(): array
    {
        $meets = $this->meets === [] ? [] : ['meets' => $this->meets];

        return ['technique' => $this->technique, 'mix' => $this->mix, 'place' => $this->place, ...$meets];
    }

    /** Whether what was planned then is in substance what is planned now. */
    public function isOf(PlannedStep $step): bool
    {
        $now = self::of($step);

        return ($this->technique === null || $this->technique === $now->technique)
            && ($this->place === null || $this->place == $now->place)
            && self::isMixedAs($this->mix, $now->mix)
            && self::isMixedAs($this->meets, $now->meets);
    }

    /** What it was painted as, in a few words. */
    public function words(): string
    {
        $technique = $this->technique === null ? 'another step' : Technique::from($this->technique)->words();

        return $technique.($this->mix === [] ? '' : ' in '.self::listed($this->mix))
            .($this->meets === [] ? '' : ' meeting '.self::listed($this->meets));
    }

    /** @param non-empty-list<array{id: string|null, name: string, parts: int}> $mix */
    private static function listed(array $mix): string
    {
        return count($mix) === 1
            ? $mix[0]['name']
            : implode(', ', array_map(static fn (array $p): string => Counted::Drops->of($p['parts']).' '.$p['name'], $mix));
    }

    /**
     * @param list<array{id: string|null, name: string, parts: int}> $mix
     * @param list<array{id: string|null, name: string, parts: int}> $now
     */
    private static function isMixedAs(array $mix, array $now): bool
    {
        if (count($mix) !== count($now)) {
            return false;
        }
        $ratio = null;
        foreach ($mix as $then) {
            $same = array_values(array_filter(
                $now,
                static fn (array $p): bool => $then['id'] === null ? $p['name'] === $then['name'] : $p['id'] === $then['id'],
            ))[0] ?? null;
            if ($same === null) {
                return false;
            }
            $ratio ??= $same['parts'] / $then['parts'];
            if (abs($same['parts'] / $then['parts'] - $ratio) > 1e-9) {
                return false;
            }
        }

        return true;
    }
}
