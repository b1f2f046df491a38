<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Told;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Draft\Specials;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\Scope;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Predict\StepWords;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Recipe\Told\ToldRecipe;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\OrdinaryShelf;
use Tests\Core\SaidLines;

/** What is printed of a step is read back as that step. */
final class RoundTripTest extends TestCase
{
    private const COLOURS = ['#a82a20', '#6f4a2e', '#efece2', '#e8b530', '#232327', '#5f5d3a', '#c98e6b', '#2d5596'];
    private const FIGURES = [
        [Material::Cloth, Relief::Broad], [Material::Cloth, Relief::Tight], [Material::Leather, Relief::Trim],
        [Material::Metal, Relief::Plate],
        [Material::Fur, Relief::Texture], [Material::Glass, Relief::Orb], [Material::Skin, Relief::Tight],
    ];

    #[DataProvider('ways')]
    public function testDraftsAreReadBack(Way $way): void
    {
        $shelf = OrdinaryShelf::paints();
        $palette = new Palette($shelf);
        $wrong = [];
        $drafts = 0;
        foreach (['#1d1d1d', '#f0f0ee'] as $ground) {
            $below = Surface::uniform(Reflectance::fromSrgb(Srgb::fromHex($ground)));
            foreach (self::FIGURES as $i => [$material, $relief]) {
                foreach (array_slice(self::COLOURS, $i % 2, 6) as $hex) {
                    $area = new Area('1', 'Area', $material, $relief, 3.0);
                    $colour = Srgb::fromHex($hex)->toOklch();
                    $brief = new Brief($area, $colour, $way, $below, $shelf, equipment: new Equipment(true, true), palette: $palette);
                    $wrong = [...$wrong, ...self::otherwise(Drafter::draft($brief)->steps, $shelf)];
                    ++$drafts;
                }
            }
        }

        self::assertSame([], array_slice($wrong, 0, 12), count($wrong).' of them');
        self::assertGreaterThan(71, $drafts, 'five hundred in seven ways');
    }

    /** @return iterable<string, array{Way}> */
    public static function ways(): iterable
    {
        foreach (Way::cases() as $way) {
            yield $way->value => [$way];
        }
    }

    public function testStartsAreReadBack(): void
    {
        $shelf = OrdinaryShelf::paints();
        $wrong = [];
        foreach (self::FIGURES as $i => [$material, $relief]) {
            $area = new Area('1', 'Area', $material, $relief, 3.0);
            $brief = new Brief(
                $area,
                Srgb::fromHex(self::COLOURS[$i])->toOklch(),
                Way::Mixed,
                Surface::uniform(Reflectance::fromSrgb(Srgb::fromHex('#868686'))),
                $shelf,
                equipment: new Equipment(true, true),
            );
            foreach (Specials::offered($area) as $start) {
                $plan = Specials::draft($start['id'], $brief, $start['adds'] ? Drafter::draft($brief) : null);
                $wrong = [...$wrong, ...self::otherwise($plan->steps, $shelf)];
            }
        }

        self::assertSame([], array_slice($wrong, 0, 12), count($wrong).' of them');
    }

    public function testEveryTechniqueIsReadBackWithAllThatCanBeSaidOfIt(): void
    {
        $shelf = self::everyKind();
        $wrong = [];
        $steps = 0;
        foreach (Technique::cases() as $n => $technique) {
            if (in_array($technique, [Technique::Undercoat, Technique::Waiting], true)) {
                continue;
            }
            foreach (self::ofAllKinds($technique, $n) as $step) {
                $wrong = [...$wrong, ...self::otherwise([$step], $shelf)];
                ++$steps;
            }
        }

        self::assertSame([], array_slice($wrong, 0, 12), count($wrong).' of '.$steps);
        self::assertGreaterThan(500, $steps);
    }

    /** What was told is printed and told once more. */
    public function testWhatWasToldIsReadBack(): void
    {
        $lines = SaidLines::of(__DIR__.'/../../data/said.txt');
        $wrong = [];
        foreach ($lines->lines as ['said' => $said]) {
            $wrong = [...$wrong, ...self::otherwise(ToldRecipe::read($said, $lines->shelf)->steps(), $lines->shelf)];
        }

        self::assertSame([], array_slice($wrong, 0, 12), count($wrong).' of them');
    }

    /** @return iterable<PlannedStep> */
    private static function ofAllKinds(Technique $technique, int $n): iterable
    {
        $paints = array_values(array_filter(
            self::everyKind(),
            static fn (Paint $p): bool => in_array($p->behaviour, $technique->facts()->takes, true),
        ));
        $mix = $paints === [] ? null : Mix::single($paints[$n % count($paints)]);
        $load = $mix === null ? Load::none() : Load::usual($mix, Load::use($technique, $mix));
        // What dries in spirit is not thinned with water.
        $isWater = $mix !== null && $load->thinner !== Thinner::Solvent && $technique->facts()->takes[0]->colours();
        $thin = $isWater ? $load->thinned(Thinning::parts(1, 3), Thinner::Water) : $load;
        $key = StepKey::of($technique->value);
        foreach ([
            [new Scope(), new Handling()],
            [new Scope(Place::said('recess')), new Handling(2, before: 'belt and strap')],
            [new Scope(), new Handling(line: 'thin', after: 'steel', before: 'storm cape and hood')],
            [new Scope(Place::said('-recess', 'upper parts', '', 0.8)), new Handling(sloppy: true)],
            [new Scope(Place::said('ridge', 'the rims')), new Handling(line: 'hair-thin')],
            [new Scope(Place::said('', 'the lower third', 'from above')), new Handling(unwashed: true)],
            [new Scope(Place::said('-ridge', 'a few spots')), new Handling(batch: 'fresh each time', lively: 4.0)],
            [new Scope(new Place(), Who::leaders(), Level::Finished), new Handling(wait: 90)],
            [new Scope(new Place(), Who::except([2, 4])), new Handling(batch: 'one batch for all')],
            [new Scope(new Place(), Who::only([3]), Level::Showpiece), new Handling(null, true, note: 'mind the hem; not 2:1')],
            [
                new Scope(new Place(), new Who(), null, Loop::smaller($key->value, 4, 'bright enough')),
                new Handling(strokes: 'along the hem'),
            ],
        ] as $i => [$scope, $handling]) {
            yield new PlannedStep($key, $technique, null, $i % 2 === 0 ? $load : $thin, $scope, $handling, []);
        }
    }

    /** @return list<Paint> an ordinary shelf with one pot of each kind that it lacks */
    private static function everyKind(): array
    {
        $shelf = OrdinaryShelf::paints();
        foreach (Behaviour::cases() as $behaviour) {
            $colour = $behaviour->colours() ? Reflectance::fromSrgb(Srgb::fromHex('#7a5a3a')) : null;
            $name = 'Stilt '.ucfirst($behaviour->value);
            $shelf[] = new Paint($name, $name, '', $behaviour, $colour, true, 10.0);
        }

        return $shelf;
    }

    /**
     * @param list<PlannedStep> $steps
     * @param list<Paint> $shelf
     *
     * @return list<string>
     */
    private static function otherwise(array $steps, array $shelf): array
    {
        $wrong = [];
        foreach ($steps as $step) {
            if (in_array($step->technique, [Technique::Undercoat, Technique::Waiting], true)) {
                continue;
            }
            $printed = $step->technique->words().': '.implode(' · ', StepWords::asPlanned($step));
            $read = ToldRecipe::read($printed, $shelf)->steps();
            $its = self::fields($step);
            $back = count($read) === 1 ? self::fields($read[0]) : [count($read).' steps'];
            foreach (array_diff_assoc($its, $back) as $field => $value) {
                $wrong[] = $printed.' → '.$field.' '.($back[$field] ?? $back[0] ?? '').' for '.$value;
            }
        }

        return $wrong;
    }

    /** @return array<string, string> */
    private static function fields(PlannedStep $step): array
    {
        [$load, $place, $handling, $loop] = [$step->load, $step->scope->place, $step->handling, $step->scope->loop];
        $mix = static fn (?Mix $m): string => $m === null ? '' : $m->words();

        return [
            'technique' => $step->technique->value,
            'mix' => $mix($load->mix).' '.$mix($load->meets),
            'open' => implode(',', array_map(strval(...), $load->open)),
            'thinning' => $load->thinWords(),
            'face' => $place->faceId(),
            'part' => $place->part,
            'light' => $place->light,
            'share' => (string) $place->percent(),
            'who' => $step->scope->who->value(),
            'level' => $step->scope->level->value ?? '',
            'coats' => (string) $handling->coats,
            'loop' => $loop?->words() ?? '',
            'how' => $handling->words(),
            'omitted' => $handling->omitted ? 'yes' : 'no',
            'note' => $handling->note,
        ];
    }
}
