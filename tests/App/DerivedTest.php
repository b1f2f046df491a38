<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\PaintRow;
use App\Workshop\Derived;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;

/** What is dear to work out is kept beside the workshop, never in it, and never out of date. */
final class DerivedTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = $this->derivedApart();
    }

    public function testItIsWorkedOutOnceForTheSameSources(): void
    {
        $times = 0;
        $of = static function (mixed ...$sources) use (&$times): Reflectance {
            return Derived::of('test', array_values($sources), static function () use (&$times): Reflectance {
                ++$times;

                return Reflectance::fromSrgb(Srgb::fromHex('#336699'));
            });
        };
        self::assertSame('#336699', $of('a', 1)->toHex());
        self::assertSame('#336699', $of('a', 1)->toHex());
        self::assertSame(1, $times);
        $of('a', 2);
        self::assertSame(2, $times, 'another source');
    }

    public function testAFileThatWasCutOffIsWorthNoMoreThanNone(): void
    {
        Derived::of('test', ['a'], static fn (): array => [1, 2, 3]);
        foreach ($this->files() as $file) {
            file_put_contents($file, substr((string) file_get_contents($file), 0, 14));
        }

        self::assertSame([1, 2, 3], Derived::of('test', ['a'], static fn (): array => [1, 2, 3]));
    }

    public function testWhereNothingCanBeKeptItIsWorkedOutEachTime(): void
    {
        file_put_contents($this->folder, 'no folder');
        $times = 0;
        foreach ([1, 2] as $time) {
            self::assertSame($time, Derived::of('test', ['a'], static function () use (&$times): int {
                return ++$times;
            }));
        }
        unlink($this->folder);
    }

    public function testOldOnesAreSweptOut(): void
    {
        Derived::of('test', ['old'], static fn (): int => 1);
        [$old] = $this->files();
        touch($old, 86_400); // the second day of all clocks: old whatever day the machine believes
        Derived::of('test', ['new'], static fn (): int => 1);
        Derived::sweep();

        self::assertFileDoesNotExist($old);
        self::assertCount(1, $this->files());
    }

    /** A prediction is found again as long as nothing changes, and another one as soon as a paint, the area or the plan does. */
    public function testAPredictionFollowsEverythingItHangsOn(): void
    {
        $this->signIn();
        $area = AreaRow::query()->where('name', 'Coat')->firstOrFail();
        $looks = fn (): array => array_column((array) $this->getJson("/api/areas/{$area->id}/recipe")->assertOk()->json('steps'), 'after');
        $first = $looks();
        $kept = count($this->files());
        self::assertGreaterThan(0, $kept);
        self::assertSame($first, $looks());
        self::assertCount($kept, $this->files(), 'found again');

        $id = $this->getJson("/api/areas/{$area->id}/recipe")->json('steps.1.mix.0.paint_id');
        PaintRow::query()->whereKey($id)->firstOrFail()->update(['left_ml' => 3.3]);
        self::assertSame($first, $looks());
        self::assertCount($kept, $this->files(), 'how much is left says nothing of the look');
        PaintRow::query()->whereKey($id)->firstOrFail()->update(['hex' => '#7a2a20', 'reflectance' => array_fill(0, 18, 0.4)]);
        $second = $looks();
        self::assertNotSame($first, $second);
        $this->postJson("/api/areas/{$area->id}/recipe/edits", ['kind' => 'change', 'key' => 'wash', 'thin' => 'neat'])->assertOk();
        self::assertNotSame($second, $looks());
        $this->postJson("/api/areas/{$area->id}/recipe/undo")->assertOk();
        self::assertSame($second, $looks());
    }

    /** @return list<string> */
    private function files(): array
    {
        return array_values(array_filter(glob($this->folder.'/*/*/*') ?: [], is_file(...)));
    }
}
