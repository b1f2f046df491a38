<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Change\Following;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Draft\Specials;
use Kalokroma\Recipe\Judge\OrderRules;
use Kalokroma\Recipe\Plan\Contrast;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\LightToward;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\ShadeToward;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Word\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Swatches;

/** Any area, equipment, wish and shelf gives a valid recipe or an honest refusal; chance has a seed. */
final class AnyRecipeTest extends TestCase
{
    use JudgesRecipes;
    /** What every draft keeps, though a painter may do it another way. */
    private const STRONG = ['order.stepping-stone', 'order.base', 'order.shade', 'order.layer', 'order.rim', 'order.spot'];

    #[DataProvider('seeds')]
    public function testADraftIsSoundOrHonestlyRefused(int $seed): void
    {
        $brief = $this->brief($seed);
        try {
            $plan = Drafter::draft($brief);
        } catch (RecipeProblem $refusal) {
            $covering = array_filter($brief->shelf, static fn ($p): bool => $p->behaviour->isMixable() && $p->isAtHand());
            self::assertTrue($covering === [] || ($brief->way === Way::Airbrush && !$brief->equipment->airbrush), $refusal->getMessage());

            return;
        }
        $outcomes = Simulation::run($plan->steps, $brief->area, $brief->surface());
        $this->assertSound($plan, $outcomes, $brief->area, $brief->equipment);
        self::assertSame([], Following::differences($plan, $plan));
        self::assertSame($this->told($plan), $this->told(Drafter::draft($brief)), 'the same brief gives the same recipe');
    }

    #[DataProvider('seeds')]
    public function testASpecialStartIsSound(int $seed): void
    {
        $brief = $this->brief(1000 + $seed);
        $dice = new Randomizer(new Mt19937(2000 + $seed));
        $offered = Specials::offered($brief->area);
        $chosen = $offered[$dice->getInt(0, count($offered) - 1)];
        $before = $chosen['adds'] && $brief->way->isAllowedBy($brief->equipment) && array_filter(
            $brief->shelf,
            static fn ($p): bool => $p->behaviour->isMixable() && $p->isAtHand(),
        ) !== [] ? Drafter::draft($brief) : null;
        $plan = Specials::draft($chosen['id'], $brief, $before);

        foreach ($before->steps ?? [] as $i => $step) {
            self::assertSame($step, $plan->steps[$i], 'what is added leaves the rest as it was');
        }
        $outcomes = Simulation::run($plan->steps, $brief->area, $brief->surface());
        self::assertSame(
            [],
            array_map(
                static fn ($m): string => $m->finding->sentence(),
                array_filter(OrderRules::broken($plan->steps), static fn ($m): bool => $m->hard || in_array($m->code, self::STRONG, true)),
            ),
            $chosen['id'],
        );
        foreach ($outcomes as $outcome) {
            if ($outcome->step->technique !== Technique::WashAllOver && $outcome->step->technique !== Technique::Drybrush) {
                $this->assertSoundStep($outcome, $brief->area, $brief->equipment);
            }
        }
    }

    /** @return list<list<mixed>> */
    private function told(Plan $plan): array
    {
        return array_map(
            static fn (PlannedStep $s): array => [
                $s->key->value,
                $s->technique->value,
                $s->load->mix?->key(),
                $s->load->thinning->ratio(),
                $s->handling->coats,
                $s->scope->place->words(),
                array_map(static fn (Finding $f): string => $f->sentence(), $s->why),
            ],
            $plan->steps,
        );
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            yield 'seed '.$seed => [$seed];
        }
    }

    private function brief(int $seed): Brief
    {
        $dice = new Randomizer(new Mt19937($seed));
        $coin = static fn (): bool => $dice->getInt(0, 1) === 1;
        $shelf = Swatches::randomShelf($seed, $dice->getInt(0, 25));
        foreach (Behaviour::cases() as $i => $behaviour) {
            if ($coin()) {
                $shelf[] = Swatches::paint(
                    'K'.$i,
                    Swatches::randomHex($dice),
                    $behaviour,
                    $dice->getInt(0, 5) > 0,
                    $dice->getInt(0, 5) > 0 ? 8.0 : 0.0,
                );
            }
        }
        $from = static fn (array $cases): mixed => $cases[$dice->getInt(0, count($cases) - 1)];
        $dark = Swatches::reflectance('#1b1b1b');
        $light = Swatches::reflectance('#e6dfcc');
        $ground = $from(
            [
                Surface::uniform($dark),
                Surface::uniform(Swatches::reflectance('#868686')),
                Surface::uniform($light),
                new Surface($dark, $dark->blend($light, 0.5), $light),
            ],
        );

        return new Brief(
            new Area(
                '1',
                'Area',
                $from(Material::cases()),
                $from(Relief::cases()),
                $dice->getInt(1, 3000) / 100,
                $dice->getInt(1, 9),
                $from(Weight::cases()),
                $coin(),
                $coin(),
            ),
            Srgb::fromHex(Swatches::randomHex($dice))->toOklch(),
            $from(Way::cases()),
            $ground,
            $shelf,
            new LadderWish($from(Contrast::cases()), $from(LightToward::cases()), $from(ShadeToward::cases()), $coin(), $coin()),
            new Equipment($coin(), $coin(), $coin(), $coin(), $coin(), $coin()),
            $dice->getInt(0, 2),
        );
    }
}
