<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Kalokroma\Colour\Harmony;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Scheme\Coloured;
use Kalokroma\Scheme\Promise;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PromiseTest extends TestCase
{
    /**
     * Colours as hue and chroma; the hue that leads is 30°.
     *
     * @return iterable<string, array{Harmony, array<string, array{Material, float, float}>, bool}>
     */
    public static function schemes(): iterable
    {
        $lead = ['lead' => [Material::Cloth, 30.0, 0.12]];
        yield 'opposite' => [Harmony::Complement, $lead + ['coat' => [Material::Cloth, 230.0, 0.08]], true];
        yield 'not opposite' => [Harmony::Complement, $lead + ['coat' => [Material::Cloth, 50.0, 0.08]], false];
        yield 'a grey is no opposite' => [Harmony::Complement, $lead + ['coat' => [Material::Cloth, 210.0, 0.01]], false];
        yield 'beside the opposite' => [Harmony::NearComplement, $lead + ['coat' => [Material::Cloth, 170.0, 0.08]], true];
        yield 'two of three' => [Harmony::Triad, $lead + ['coat' => [Material::Cloth, 150.0, 0.08]], false];
        yield 'three, one of them leather' => [
            Harmony::Triad,
            $lead + ['coat' => [Material::Cloth, 150.0, 0.08], 'belt' => [Material::Leather, 265.0, 0.05]],
            true,
        ];
        yield 'neighbours, and leather as it is' => [
            Harmony::Analogous,
            $lead + ['coat' => [Material::Cloth, 70.0, 0.08], 'belt' => [Material::Leather, 200.0, 0.05]],
            true,
        ];
        yield 'no neighbour' => [Harmony::Analogous, $lead + ['coat' => [Material::Cloth, 95.0, 0.08]], false];
        yield 'all warm' => [Harmony::WarmCold, $lead + ['coat' => [Material::Cloth, 60.0, 0.08]], false];
        yield 'warm and cold' => [Harmony::WarmCold, $lead + ['coat' => [Material::Cloth, 250.0, 0.08]], true];
        yield 'one spot' => [Harmony::Spot, $lead + ['coat' => [Material::Cloth, 250.0, 0.05]], true];
        yield 'two spots' => [Harmony::Spot, $lead + ['coat' => [Material::Cloth, 250.0, 0.13]], false];
        yield 'no spot' => [Harmony::Spot, ['lead' => [Material::Cloth, 30.0, 0.08]], false];
    }

    /** @param array<string, array{Material, float, float}> $colours */
    #[DataProvider('schemes')]
    public function testATitleIsKeptOrNot(Harmony $harmony, array $colours, bool $isKept): void
    {
        $coloured = [];
        foreach ($colours as $name => [$material, $hue, $chroma]) {
            $area = new Area($name, ucfirst($name), $material, Relief::Broad, 2.0, 1, Weight::Supporting);
            $coloured[] = new Coloured($area, (new Oklch(0.5, $chroma, $hue))->toLab(), $name === 'lead');
        }

        self::assertSame($isKept, (new Promise($harmony, 30.0))->isKept($coloured, $harmony === Harmony::Spot ? 'lead' : null));
    }
}
