<?php

declare(strict_types=1);

namespace App\Formats\Recipe;

use App\Formats\CheckedJson;
use App\Formats\UnreadableFile;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;

/**
 * A recipe, a figure or a company as one JSON document; see docs/formats/recipe.schema.json and figure.schema.json.
 *
 * @phpstan-type PortableStep array{
 *   key: string, technique: string,
 *   mix: list<array{paint: array{name: string, behaviour: string, colour: string|null}, parts: int|null}>|null,
 *   loop?: array{from: string}|null,
 * }
 */
final class RecipeJson
{
    public const RECIPE = 'kalokroma.recipe';
    public const FIGURE = 'kalokroma.figure';
    public const COMPANY = 'kalokroma.company';

    /** @param array<string, mixed> $document */
    public static function write(array $document): string
    {
        return json_encode(
            $document,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * @return array<string, mixed> its `kind` says which of the three it is
     *
     * @throws UnreadableFile that names the place at fault
     */
    public static function read(string $json): array
    {
        $glance = json_decode($json, true, 64);
        $kind = is_array($glance) && is_string($glance['kind'] ?? null) ? $glance['kind'] : null;
        if ($kind !== null && !in_array($kind, [self::RECIPE, self::FIGURE, self::COMPANY], true)) {
            throw UnreadableFile::because(sprintf('At /kind: "%s" is no recipe, figure or company.', mb_strimwidth($kind, 0, 40, '…')));
        }
        $document = CheckedJson::read(
            $json,
            $kind === self::FIGURE || $kind === self::COMPANY ? 'figure.schema.json' : 'recipe.schema.json',
        );
        if ($kind === self::RECIPE) {
            self::plan($document['plan'], '/plan');

            return $document;
        }
        /** @var list<array{name: string, recipe?: array{plan: mixed, follows?: string}}> $areas */
        $areas = $document['areas'];
        $names = [];
        foreach ($areas as $i => $area) {
            $name = mb_strtolower($area['name']);
            if (isset($names[$name])) {
                throw UnreadableFile::because(sprintf('At /areas/%d/name: "%s" is there twice.', $i, $area['name']));
            }
            $names[$name] = true;
        }
        foreach ($areas as $i => $area) {
            self::plan($area['recipe']['plan'] ?? null, sprintf('/areas/%d/recipe/plan', $i));
            $model = $area['recipe']['follows'] ?? null;
            if ($model !== null && !isset($names[mb_strtolower($model)])) {
                throw UnreadableFile::because(sprintf('At /areas/%d/recipe/follows: no area is called "%s".', $i, $model));
            }
        }

        return $document;
    }

    /** What a schema cannot say of a plan. */
    private static function plan(mixed $plan, string $path): void
    {
        /** @var list<PortableStep> $steps */
        $steps = is_array($plan) ? $plan['steps'] : [];
        $keys = [];
        foreach ($steps as $i => $step) {
            $at = sprintf('%s/steps/%d', $path, $i);
            try {
                StepKey::of($step['key']);
            } catch (RecipeProblem $problem) {
                throw UnreadableFile::because(sprintf('At %s/key: %s', $at, $problem->getMessage()));
            }
            if (isset($keys[$step['key']])) {
                throw UnreadableFile::because(sprintf('At %s/key: "%s" is there twice.', $at, $step['key']));
            }
            $keys[$step['key']] = true;
            $technique = Technique::from($step['technique']);
            if (($step['mix'] === null) === $technique->facts()->isPainted()) {
                throw UnreadableFile::because(
                    sprintf('At %s/mix: %s is done %s paint.', $at, $technique->words(), $step['mix'] === null ? 'with' : 'without'),
                );
            }
            foreach ($step['mix'] ?? [] as $j => $part) {
                if ($part['paint']['colour'] === null && Behaviour::from($part['paint']['behaviour'])->needsColour()) {
                    throw UnreadableFile::because(
                        sprintf('At %s/mix/%d/paint/colour: %s colours, so its colour has to be told.', $at, $j, $part['paint']['name']),
                    );
                }
            }
            $from = $step['loop']['from'] ?? null;
            if ($from !== null && !isset($keys[$from])) {
                throw UnreadableFile::because(sprintf('At %s/loop/from: there is no step "%s" before it.', $at, $from));
            }
        }
    }
}
