<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Technique;

use Kalokroma\Figure\Relief;
use Kalokroma\Recipe\Draft\Slot;
use Kalokroma\Recipe\Draft\TechniqueTable;
use Kalokroma\Recipe\Technique\Position;
use Kalokroma\Recipe\Technique\Precedence;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use PHPUnit\Framework\TestCase;

/** There is one order of work: places, rules, drafts and what is added all follow it. */
final class PrecedenceTest extends TestCase
{
    public function testEveryRulePointsUpward(): void
    {
        foreach (Precedence::all() as $rule) {
            foreach ($rule->below as $below) {
                foreach ($rule->on as $on) {
                    self::assertLessThan($on->rank(), $below->rank(), $rule->code.': '.$below->name.' below '.$on->name);
                }
            }
        }
    }

    public function testEveryPlaceButThoseOfTheDrafterAloneIsTakenByATechnique(): void
    {
        $taken = array_map(static fn (Technique $t): string => $t->facts()->at->name, Technique::cases());

        self::assertEqualsCanonicalizing(
            ['Accent', 'Unify'],
            array_values(array_diff(array_map(static fn (Position $p): string => $p->name, Position::cases()), $taken)),
        );
    }

    public function testWhatAStepCannotDoWithoutStandsBelowIt(): void
    {
        foreach (Technique::cases() as $technique) {
            $needed = Precedence::neededBy($technique)[0] ?? null;
            self::assertTrue($needed === null || $needed->facts()->at->rank() < $technique->facts()->at->rank(), $technique->value);
        }
    }

    /** By hand, from the craft: inside an area base, then shade, then layers and highlights; varnish after paint; the rim last. */
    public function testThePlacesAreThoseOfTheCraft(): void
    {
        $order = [
            'undercoat',
            'stepping-stone',
            'basecoat',
            'wash-all-over',
            'drybrush',
            'layer',
            'feathered-layer',
            'edge-highlight',
            'gloss-varnish',
            'marking',
            'enamel-wash',
            'wiping',
            'matt-varnish',
            'gloss-spot',
            'rim',
        ];
        $ranks = array_map(static fn (string $t): int => Technique::from($t)->facts()->at->rank(), $order);
        $sorted = $ranks;
        sort($sorted);

        self::assertSame($sorted, $ranks);
    }

    /** A draft stands in the order of the places: what is done in a slot has its place, or is a glaze, which has none above the base. */
    public function testDraftsStandInThatOrder(): void
    {
        foreach (Relief::cases() as $relief) {
            foreach (Way::cases() as $way) {
                $ranks = [];
                foreach (TechniqueTable::rows($relief, $way) as $row) {
                    // What is sprayed comes before what is brushed.
                    $ranks[] = ($row->technique === Technique::AirbrushFade ? Position::Fade : $row->slot->position())->rank();
                    if ($row->technique !== null && $row->technique !== Technique::Glaze && $row->slot !== Slot::Highlight) {
                        self::assertContains(
                            $row->technique->facts()->at,
                            [$row->slot->position(), Position::Fade],
                            $relief->value.' '.$way->value.' '.$row->slot->value,
                        );
                    }
                }
                $sorted = $ranks;
                sort($sorted);
                self::assertSame($sorted, $ranks);
            }
        }
    }
}
