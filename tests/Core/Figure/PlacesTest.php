<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Kalokroma\Figure\Draft;
use Kalokroma\Figure\FigureKind;
use Kalokroma\Figure\Places;
use Kalokroma\Figure\Template;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where areas are on the drawing of their sort of model. */
final class PlacesTest extends TestCase
{
    /** Every place is drawn in three tones: a drawing that misses one would leave an area unseen. */
    #[DataProvider('kinds')]
    public function testEveryPlaceIsDrawnInThreeTones(FigureKind $kind): void
    {
        $svg = (string) file_get_contents(dirname(__DIR__, 3).'/database/plates/'.$kind->value.'.svg');
        preg_match_all('/<g data-area="([^"]+)">(.*?)<\/g>/s', $svg, $groups, PREG_SET_ORDER);
        $tones = [];
        foreach ($groups as [, $area, $inside]) {
            preg_match_all('/data-tone="(\w+)"/', $inside, $found);
            $tones[$area] = array_unique([...$tones[$area] ?? [], ...$found[1]]);
        }

        self::assertSame([], array_diff(array_keys($tones), Places::all($kind)), 'nothing is drawn that no area can be');
        foreach (Places::all($kind) as $place) {
            self::assertSame([], array_diff(['recess', 'plane', 'ridge'], $tones[$place] ?? []), $place);
        }
    }

    /** @return iterable<string, array{FigureKind}> */
    public static function kinds(): iterable
    {
        foreach (FigureKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function testATemplateHasItsPlaces(FigureKind $kind): void
    {
        $names = array_map(static fn (Draft $d): string => $d->name, Template::of($kind));
        $places = Places::of($kind, array_fill_keys($names, 10.0));

        self::assertSame($names, array_values(array_intersect($names, $places->taken)));
        foreach ($names as $name) {
            self::assertSame($name, $places->areaAt($name));
        }
        self::assertSame([], $places->beside);
        self::assertTrue($places->isDrawn());
    }

    public function testAreasOfOnesOwnFindTheirPlaceByWhatTheyAreCalled(): void
    {
        $places = Places::of(FigureKind::Foot, [
            'Oilskin coat' => 30.0, 'Sea boots' => 10.0, 'Beard' => 5.0, 'Tide lamp' => 5.0, 'Face' => 5.0, 'Marsh base' => 15.0,
            'Gauntlets' => 4.0, 'Driftwood staff' => 8.0, 'Third eye stalk of the familiar' => 3.0, 'Moon dust' => 5.0,
        ]);

        self::assertSame('Oilskin coat', $places->areaAt('Coat'));
        self::assertSame('Sea boots', $places->areaAt('Boots'));
        self::assertSame('Beard', $places->areaAt('Hair'));
        self::assertSame('Tide lamp', $places->areaAt('Glow'));
        self::assertSame('Gauntlets', $places->areaAt('Hands'));
        self::assertSame('Driftwood staff', $places->areaAt('Weapon or tool'));
        self::assertSame(['Moon dust'], $places->beside);
    }

    /** An area that was taken out is painted as what is around it; what a survey might have added is not drawn. */
    public function testWhatIsNotThereIsPaintedAsWhatIsAroundItOrNotDrawn(): void
    {
        $places = Places::of(FigureKind::Foot, ['Face' => 10.0, 'Coat' => 70.0, 'Base' => 20.0]);

        self::assertSame('Face', $places->areaAt('Hair'));
        self::assertSame('Coat', $places->areaAt('Boots'));
        self::assertSame('Coat', $places->areaAt('Buckles'));
        self::assertFalse($places->areaAt('Weapon or tool'), 'it is there, in grey');
        self::assertNull($places->areaAt('Lens'));
        self::assertNull($places->areaAt('Inside of the cape'));
    }

    /** Two areas of one name's sense: the better fit has the place, the other is shown beside. */
    public function testAPlaceHasOneArea(): void
    {
        $places = Places::of(FigureKind::Foot, ['Coat' => 20.0, 'Mail tunic' => 40.0, 'Face' => 10.0]);

        self::assertSame('Coat', $places->areaAt('Coat'));
        self::assertSame(['Mail tunic'], $places->beside);
    }

    public function testAFigureOfAnotherSortIsNotDrawn(): void
    {
        self::assertFalse(Places::of(FigureKind::Foot, ['Blob' => 60.0, 'Face' => 40.0])->isDrawn());
        self::assertTrue(Places::of(FigureKind::Foot, ['Blob' => 40.0, 'Face' => 60.0])->isDrawn());
    }
}
