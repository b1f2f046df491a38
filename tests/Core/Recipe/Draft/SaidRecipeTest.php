<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Draft;

use Kalokroma\Colour\Oklch;
use Kalokroma\Recipe\Draft\SaidRecipe;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Shelf\Part;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

/** Recipes as they are told, one line a step. */
final class SaidRecipeTest extends TestCase
{
    /** @param list<string> $open */
    #[DataProvider('lines')]
    public function testALineIsReadAsItIsMeant(
        string $line,
        string $technique,
        ?string $mix,
        string $thin,
        ?int $coats,
        array $open = [],
        bool $thinOpen = false,
    ): void {
        $step = SaidRecipe::read($line, Swatches::shelf())['steps'][0];

        self::assertSame($technique, $step->technique->value);
        self::assertSame($mix, $step->load->mix?->words());
        self::assertSame($thin, $step->load->thinning->ratio());
        self::assertSame($coats, $step->handling->coats);
        self::assertSame($open, $this->openNames($step));
        self::assertSame($thinOpen, $step->load->thinOpen);
        self::assertStringContainsString(ltrim($line, '-1. '), $step->why[0]->sentence(), 'what was said stays with it');
    }

    /** @return iterable<array{0: string, 1: string, 2: string|null, 3: string, 4: int|null, 5?: list<string>, 6?: bool}> */
    public static function lines(): iterable
    {
        yield ['basecoat: Dark brown, thin 2:1, two coats', 'basecoat', 'Dark brown', '2:1', 2];
        yield ['basecoat: 2 Dark brown + 1 Red, thin 1:1', 'basecoat', '2 drops Dark brown, 1 drop Red', '1:1', null];
        yield ['Base coat with bone, thin as milk, 3 coats', 'basecoat', 'Bone', '2:1', 3];
        yield ['wash: Brown wash', 'wash-all-over', 'Brown wash', '1:0', null];
        yield ['shade with Brown wash thinned 1:2 medium', 'wash-all-over', 'Brown wash', '1:2', null];
        yield ['pin wash: Black wash, straight', 'pin-wash', 'Black wash', '1:0', null];
        yield ['drybrush Bone', 'drybrush', 'Bone', '1:0', null];
        yield ['drybrush: Bone, 2 passes', 'drybrush', 'Bone', '1:0', 2];
        yield ['edge highlight: Bone', 'edge-highlight', 'Bone', '1:1', null, [], true];
        yield ['layer: Ochre and a little Bone, thinned 1:1', 'layer', '1 drop Ochre, 1 drop Bone', '1:1', null, ['Bone']];
        yield ['layer: Ochre and Bone, thinned 1:1', 'layer', '1 drop Ochre, 1 drop Bone', '1:1', null, ['Bone']];
        yield ['glaze: Red, thinned with medium', 'glaze', 'Red', '1:8', null, [], true];
        yield ['glaze Red thinned 1:10', 'glaze', 'Red', '1:10', null];
        yield ['basecoat: Brass', 'metal-coat', 'Brass', '2:1', null, [], true];
        yield ['1. highlight: Sky, thinned 60 % water', 'feathered-layer', 'Sky', '2:3', null];
        yield ['- layer: dark sea green #285048, thin 1:1', 'layer', 'dark sea green', '1:1', null];
        yield ['wait an hour', 'waiting', null, '1:0', null];
        yield ['wipe it', 'wiping', null, '1:0', null];
    }

    public function testAPaintNobodyOwnsIsTakenByItsDescription(): void
    {
        ['steps' => $steps, 'notes' => $notes] = SaidRecipe::read(
            "basecoat: very dark cold green\nlayer: pale sea foam #a8c8b8\nwash: Brown wash",
            Swatches::shelf(),
        );
        [$base, $layer, $wash] = $steps;

        self::assertFalse($base->load->mix?->isAtHand());
        $colour = Oklch::fromLab($base->load->mix->lab());
        self::assertLessThan(0.4, $colour->lightness);
        self::assertEqualsWithDelta(160.0, $colour->hue, 40.0);
        self::assertSame('#a8c8b8', $layer->load->mix?->colour()->toHex());
        self::assertTrue($wash->load->mix?->isAtHand());
        self::assertSame([1, 2], array_column($notes, 'line'));
        self::assertStringContainsString(
            '"very dark cold green" is not on your shelf: its colour is guessed from the words',
            $notes[0]['words'],
        );
        self::assertStringContainsString('its colour is as you gave it', $notes[1]['words']);
    }

    public function testAnUnknownAmountStaysUnknown(): void
    {
        $step = SaidRecipe::read('layer: 2 Ochre + some Bone', Swatches::shelf())['steps'][0];

        self::assertSame(['Bone'], $this->openNames($step));
        self::assertTrue($step->load->thinOpen);
    }

    #[DataProvider('bad')]
    public function testABadLineIsNamed(string $text, string $sentence): void
    {
        $this->expectException(RecipeProblem::class);
        $this->expectExceptionMessage($sentence);
        SaidRecipe::read($text, Swatches::shelf());
    }

    /** @return iterable<array{string, string}> */
    public static function bad(): iterable
    {
        yield ["\n  \n", 'Write at least one line'];
        yield ["basecoat: Ochre\nthen some more", 'Line 2, "then some more": begin with what is done'];
        yield ["basecoat: Ochre\nwash:", 'Line 2 names no paint'];
        yield ['basecoat: glimmer', 'Line 1: "glimmer" is not on your shelf, and no colour can be guessed from it'];
        yield ['basecoat: Ochre, thin 0:3', 'Line 1: '];
        yield [str_repeat("basecoat: Ochre\n", 41), 'These are 41 lines; a recipe has at most 40 steps.'];
    }

    public function testEveryStepHasAKeyOfItsOwn(): void
    {
        $keys = array_map(
            static fn (PlannedStep $s): string => $s->key->value,
            SaidRecipe::read("layer: Ochre\nlayer: Bone\nlayer: White", Swatches::shelf())['steps'],
        );

        self::assertSame(['layer', 'layer-2', 'layer-3'], $keys);
    }

    /** @return list<string> */
    private function openNames(PlannedStep $step): array
    {
        return array_values(
            array_map(
                static fn (Part $p): string => $p->paint->name,
                array_filter($step->load->mix->parts ?? [], static fn (Part $p): bool => in_array($p->paint->id, $step->load->open, true)),
            ),
        );
    }
}
