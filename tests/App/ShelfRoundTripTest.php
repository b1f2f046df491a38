<?php

declare(strict_types=1);

namespace Tests\App;

use App\Formats\Shelf\PaintFields;
use App\Models\Painter;
use App\Models\PaintRow;
use App\Workshop\Shelf\ShelfImport;
use Illuminate\Testing\TestResponse;
use Kalokroma\Film\Sheen;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Purpose;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is written of a shelf is read as it was: every colour, form and amount, whatever the names are. */
final class ShelfRoundTripTest extends TestCase
{
    private const LISTS = 100;
    private const EACH = 6;

    /** Words that say something to whoever guesses, and signs that trouble files. */
    private const WORDS = ['spray', 'wash', 'varnish', 'gloss', 'tube', 'oil', 'airbrush', 'primer', 'decal', 'fixer',
        'medium', 'pen', 'chipping',
        'Grau', 'Öl', 'a "quoted" one', 'comma, here', 'semi; colon', "line\tbreak", '½', 'émail', '=1+1', '#ff0000', 'no', '7', 'clean'];

    private const KEPT = ['name', 'line', 'behaviour', 'hex', 'bottle_ml', 'left_ml', 'price_minor', 'currency', 'owned', 'bottles',
        'place', 'state', 'set_name', 'sheen', 'form', 'purpose', 'colour_source', 'notes'];

    public function testOddShelvesAreReadAsTheyWereWritten(): void
    {
        $dice = new Randomizer(new Mt19937(33));
        [$from, $to] = [$this->painter('From'), $this->painter('To')];
        foreach (['', '?as=json'] as $as) {
            for ($n = 0; $n < self::LISTS / 2; ++$n) {
                $this->empty($from);
                for ($i = 0; $i < self::EACH; ++$i) {
                    $from->paints()->create($this->odd($dice, $i));
                }
                $file = (string) $this->get('/api/shelf/file'.$as)->assertOk()->getContent();
                $this->empty($to);
                $report = ShelfImport::run($to, $file);

                self::assertSame(self::EACH, $report->count('taken'), json_encode($report, JSON_THROW_ON_ERROR));
                self::assertEquals(self::kept($from), self::kept($to), $file);
                self::assertSame($file, (string) $this->get('/api/shelf/file'.$as)->getContent(), 'and written once more it is the same');
                $again = ShelfImport::run($to, $file);
                self::assertSame([self::EACH, []], [$again->count('same'), $again->bottled], 'nothing changes, and nothing is asked');
            }
        }
    }

    /** One press changes the kind and the form of many pots; what needs a colour is not made of one that has none. */
    public function testKindAndFormOfManyPotsAreChangedAtOnce(): void
    {
        $painter = $this->signIn();
        $make = static fn (string $name, string $behaviour, string $hex): int => (int) $painter->paints()
            ->create(PaintFields::read(['name' => $name, 'behaviour' => $behaviour, 'colour' => $hex])->attributes)->id;
        [$black, $grey, $matt] = [$make('Pitch', 'opaque', '#1b1a18'), $make('Fog', 'opaque', '#787b7e'), $make('Flat', 'varnish', '')];
        $change = fn (array $ids, array $to): TestResponse => $this->patchJson('/api/paints', ['ids' => $ids, ...$to]);

        $change([$black, $grey], ['behaviour' => 'primer', 'form' => 'spray can'])->assertOk();
        $its = static fn (int $id): array => [PaintRow::query()->findOrFail($id)->behaviour, PaintRow::query()->findOrFail($id)->form];
        self::assertSame([[Behaviour::Primer, 'spray can'], [Behaviour::Primer, 'spray can']], [$its($black), $its($grey)]);
        $refused = $change([$black, $matt], ['behaviour' => 'opaque']);
        $this->assertRefused(422, 'needs its colour, and of these none is known: Flat', $refused);
        self::assertSame(Behaviour::Primer, $its($black)[0], 'and none of them was changed');
        $this->assertRefused(422, 'A form is one of bottle', $change([$black], ['form' => 'bucket']));
    }

    private function empty(Painter $painter): void
    {
        $this->become($painter);
        PaintRow::withTrashed()->where('painter_id', $painter->id)->forceDelete();
    }

    /** @return array<string, mixed> */
    private function odd(Randomizer $dice, int $i): array
    {
        $word = static fn (): string => self::WORDS[$dice->getInt(0, count(self::WORDS) - 1)];
        $one = static fn (array $of): mixed => $of[$dice->getInt(0, count($of) - 1)];
        $behaviour = $one(Behaviour::cases());
        $read = PaintFields::read([
            'name' => $i.' '.$word().' '.$word(),
            'line' => $dice->getInt(0, 1) === 0 ? '' : $word(),
            'behaviour' => $behaviour->value,
            'colour' => $behaviour->needsColour() ? sprintf('#%06x', $dice->getInt(0, 0xFFFFFF)) : '',
            'bottle_ml' => $dice->getInt(0, 1) === 0 ? '' : (string) ($dice->getInt(1, 400) / 2),
            'left_ml' => $dice->getInt(0, 1) === 0 ? '' : (string) ($dice->getInt(0, 40) / 4),
            'price' => $dice->getInt(0, 1) === 0 ? '' : '3.50',
            'owned' => $one(['yes', 'no']),
            'bottles' => $one(['', '1', '3']),
            'place' => $word(),
            'state' => $one(['', 'dry']),
            'set' => $one(['', $word()]),
            'finish' => $one(['', ...array_column(Sheen::cases(), 'value')]),
            'form' => $one(array_column(Form::cases(), 'value')),
            'for' => $behaviour->serves() ? $one(['anything', ...array_filter(array_column(Purpose::cases(), 'value'))]) : '',
            'colour_source' => $one(['', 'guessed from words']),
            'notes' => $word(),
        ]);
        self::assertSame([], $read->problems);

        return $read->attributes;
    }

    /** @return list<array<string, mixed>> */
    private static function kept(Painter $painter): array
    {
        return array_values(PaintRow::query()->withoutGlobalScopes()->where('painter_id', $painter->id)->orderBy('name')->get()
            ->map(static fn (PaintRow $p): array => $p->only(self::KEPT))->all());
    }
}
