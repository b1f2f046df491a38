<?php

declare(strict_types=1);

namespace Kalokroma\Record;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Part;
use Kalokroma\Word\Counted;

/**
 * What makes a step this step: its technique, its paints in their proportions, and its place. Thinning, coats, tool and notes may
 * change without its being another one.
 *
 * @phpstan-type SubstanceRow array{
 *   technique: string|null, mix: list<array{id: string|null, name: string, parts: int}>, place: list<string|float|null>|null,
 * }
 */
final readonly class Substance
{
    /**
     * @param string|null $technique its value; null where nobody wrote it down
     * @param list<array{id: string|null, name: string, parts: int}> $mix ids as they are on the shelf, names as they were then
     * @param list<string|float|null>|null $place face, part, light, percent, and where a spray came from; null where nobody wrote it down
     */
    private function __construct(public ?string $technique, public array $mix, public ?array $place)
    {
    }

    public static function of(PlannedStep $step): self
    {
        $place = $step->scope->place;

        return new self(
            $step->technique->value,
            array_map(
                static fn (Part $p): array => ['id' => $p->paint->id, 'name' => $p->paint->name, 'parts' => $p->parts],
                $step->load->mix->parts ?? [],
            ),
            [$place->face?->value, $place->part, $place->light, $place->percent(), ...$place->spray === null ? [] : [$place->spray->id()]],
        );
    }

    /** @param SubstanceRow $row */
    public static function fromRow(array $row): self
    {
        return new self($row['technique'], $row['mix'], $row['place']);
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
        return ['technique' => $this->technique, 'mix' => $this->mix, 'place' => $this->place];
    }

    /** Whether what was planned then is in substance what is planned now. */
    public function isOf(PlannedStep $step): bool
    {
        $now = self::of($step);

        return ($this->technique === null || $this->technique === $now->technique)
            && ($this->place === null || $this->place == $now->place)
            && $this->isMixedAs($now);
    }

    /** What it was painted as, in a few words. */
    public function words(): string
    {
        $mix = $this->mix;
        $technique = $this->technique === null ? 'another step' : Technique::from($this->technique)->words();

        return match (count($mix)) {
            0 => $technique,
            1 => $technique.' in '.$mix[0]['name'],
            default => $technique.' in '.implode(
                ', ',
                array_map(static fn (array $p): string => Counted::Drops->of($p['parts']).' '.$p['name'], $mix),
            ),
        };
    }

    private function isMixedAs(self $now): bool
    {
        if (count($this->mix) !== count($now->mix)) {
            return false;
        }
        $ratio = null;
        foreach ($this->mix as $then) {
            $same = array_values(array_filter(
                $now->mix,
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
