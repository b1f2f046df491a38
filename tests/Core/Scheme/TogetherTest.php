<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Scheme\Bond;
use Kalokroma\Scheme\Coloured;
use Kalokroma\Scheme\Tie;
use Kalokroma\Scheme\Together;
use PHPUnit\Framework\TestCase;

/** Two companies that are meant to match, side by side. */
final class TogetherTest extends TestCase
{
    /** #6f4a2e lies 0.3 from #704b2f, 5.6 from #7d5a3c and 33 from #1e2c52 (CIEDE2000). */
    public function testSameNearlySameAndAnotherAreToldApart(): void
    {
        foreach (['#704b2f' => Bond::Same, '#7d5a3c' => Bond::Near, '#1e2c52' => Bond::Variant] as $hex => $bond) {
            $tie = Together::of([self::area('Coat', '#6f4a2e', 8)], ['Riders' => [self::area('coat', $hex, 8)]])[0];
            self::assertSame($bond, $tie->bond, $hex);
            self::assertStringContainsString('Riders', $tie->sentence());
            self::assertSame($bond === Bond::Near, $tie->bond->isOpen());
        }
        self::assertSame([], Together::of([self::area('Coat', '#6f4a2e', 8)], ['Riders' => [self::area('Saddle', '#6f4a2e', 8)]]));
        self::assertSame([], Together::of([self::area('Coat', null, 8)], ['Riders' => [self::area('Coat', '#6f4a2e', 8)]]));
    }

    public function testBasesBelongTogetherWhateverTheyAreCalled(): void
    {
        $ties = Together::of(
            [self::area('Marsh base', '#5b5c31', 6, Material::Ground)],
            ['Riders' => [self::area('Mud', '#6a5d38', 12, Material::Ground)]],
        );

        self::assertCount(1, $ties);
        self::assertTrue($ties[0]->isOfBases());
        self::assertStringContainsString('off the mud of Riders', $ties[0]->sentence());
    }

    public function testASpotColourIsFoundAgainOrOfferedToTheSmallestAreaThatMayHaveIt(): void
    {
        $riders = [self::area('Hide', '#8d857b', 40), self::area('Bridle', '#d9661c', 2)];
        $strap = self::area('Strap', '#4d3322', 0.5, Material::Leather);
        $here = [self::area('Coat', '#2f3a40', 10), self::area('Cap', '#4a4d50', 1), $strap];

        $missing = self::only(Bond::NoSpot, Together::of($here, ['Riders' => $riders]));
        self::assertSame(['Cap', 'Bridle'], [$missing->here->area->name, $missing->there->area->name]);
        self::assertStringContainsString('On the cap (1.0 cm²) it would tie them together', $missing->sentence());

        $tied = self::only(Bond::Spot, Together::of([...$here, self::area('Lamp', '#dd6a20', 0.4)], ['Riders' => $riders]));
        self::assertSame('Lamp', $tied->here->area->name);
        self::assertLessThan(8.0, $tied->apart);

        $kept = [self::area('Coat', '#2f3a40', 10), self::area('Cap', '#4a4d50', 1, fixed: true)];
        self::assertSame([], Together::of($kept, ['Riders' => $riders]), 'what the painter keeps is not offered');
        $large = [self::area('Hide', '#8d857b', 4), self::area('Bridle', '#d9661c', 40)];
        self::assertSame([], Together::of($here, ['Riders' => $large]), 'a whole coat is no spot');
    }

    public function testWhatWantsADecisionComesFirst(): void
    {
        $ties = Together::of(
            [self::area('Coat', '#6f4a2e', 8), self::area('Belt', '#6f4a2e', 8)],
            ['Riders' => [self::area('Coat', '#704b2f', 8), self::area('Belt', '#7d5a3c', 8)]],
        );

        self::assertSame([Bond::Near, Bond::Same], array_map(static fn (Tie $t): Bond => $t->bond, $ties));
    }

    /** @param list<Tie> $ties */
    private static function only(Bond $bond, array $ties): Tie
    {
        $found = array_values(array_filter($ties, static fn (Tie $t): bool => $t->bond === $bond));
        self::assertCount(1, $found);

        return $found[0];
    }

    private static function area(
        string $name,
        ?string $hex,
        float $cm2,
        Material $material = Material::Cloth,
        bool $fixed = false,
    ): Coloured {
        return new Coloured(
            new Area($name, $name, $material, Relief::Broad, $cm2, 1, Weight::Supporting),
            $hex === null ? null : Srgb::fromHex($hex)->toLab(),
            $fixed,
        );
    }
}
