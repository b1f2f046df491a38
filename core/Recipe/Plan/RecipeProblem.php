<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use DomainException;

/** Raised when a recipe cannot be drafted or changed as asked. */
final class RecipeProblem extends DomainException
{
    public static function noSuchStep(string $key): self
    {
        return new self(sprintf('This recipe has no step "%s".', mb_strimwidth($key, 0, 40, '…')));
    }

    public static function reservedKey(string $key): self
    {
        return new self(sprintf('"%s" means something else here and cannot be the key of a step.', $key));
    }

    /** @param int $longest letters */
    public static function noKey(string $key, int $longest): self
    {
        return new self(sprintf(
            '"%s" cannot be the key of a step: small letters, digits and single hyphens, %d at most, as in "glaze-2".',
            mb_strimwidth($key, 0, 44, '…'),
            $longest,
        ));
    }

    public static function nothingToPaintWith(): self
    {
        return new self('No opaque or semi-opaque paint on your shelf has anything left in it: add a few paints first.');
    }

    public static function shareOutOfRange(float $share): self
    {
        return new self(sprintf('%.0f %% of a place cannot be painted: give more than 0 and at most 100 %%.', 100 * $share));
    }

    public static function noSuchPlace(string $said): self
    {
        return new self(sprintf('"%s" is no place on an area that is known here.', mb_strimwidth($said, 0, 60, '…')));
    }

    public static function noFigures(string $said): self
    {
        return new self(sprintf('"%s" names no figures: write their numbers from 1 to 99, as in 3, 5.', $said));
    }

    public static function notAmong(string $who, int $count): self
    {
        return new self(sprintf('This company has figures 1 to %d: "%s" names others.', $count, $who));
    }

    public static function waitOutOfRange(int $minutes): self
    {
        return new self(sprintf('A wait of %d minutes cannot be planned: it runs from none to four weeks.', $minutes));
    }

    public static function noSuchBatch(string $said): self
    {
        return new self(sprintf('"%s" is no way to keep a mix: one batch for all, or fresh each time.', $said));
    }

    public static function livelyOutOfRange(float $said): self
    {
        return new self(sprintf('Mixes of one step may differ by 0 to 20, not by %g.', $said));
    }

    public static function asItComes(string $paint, string $form): self
    {
        return new self(sprintf('%s is a %s: it is used as it comes, and nothing thins it.', $paint, $form));
    }

    public static function solventOnly(string $paint): self
    {
        return new self(sprintf('%s is thinned with its own solvent: water and acrylic thinner make it curdle.', $paint));
    }

    public static function cannotMeet(string $first, string $second): self
    {
        return new self(sprintf('%s and %s cannot meet wet: one is thinned with its own solvent, the other with water.', $first, $second));
    }

    /** @param bool $omitted whether it was to be left out */
    public static function notOfUndercoat(bool $omitted): self
    {
        return new self($omitted
            ? 'The undercoat belongs to the whole figure and cannot be left out: every later step holds on to it.'
            : 'Of an undercoat the paint, the thinning or the number of coats can be changed.');
    }

    public static function onePrimer(): self
    {
        return new self('An undercoat is one primer: choose one paint.');
    }

    public static function meetsNothing(string $technique): self
    {
        return new self(sprintf('A second colour meets the first in a wet blend only, not in a %s.', $technique));
    }

    public static function cannotDiffer(string $technique): self
    {
        return new self(sprintf(
            'This %s cannot differ on some figures: name figures that it is for now, and end its loop first.',
            $technique,
        ));
    }

    public static function roundsOutOfRange(int $rounds): self
    {
        return new self(sprintf('%d rounds make no loop: choose 2 to %d.', $rounds, Loop::MOST_ROUNDS));
    }

    public static function needsAirbrush(): self
    {
        return new self('Airbrush fades need an airbrush, and your answers on the Figures page say that you have '
            .'none: choose another way of painting.');
    }

    public static function tooManySteps(int $most): self
    {
        return new self(sprintf('A recipe has at most %d steps: merge or drop some first.', $most));
    }

    public static function noSuchPlaceInOrder(int $to, int $count): self
    {
        return new self(sprintf('There is no place %d among %d steps.', $to + 1, $count));
    }

    public static function nothingToMerge(string $key): self
    {
        return new self(sprintf('After step "%s" there is none to merge it with.', mb_strimwidth($key, 0, 40, '…')));
    }

    public static function cannotMerge(string $first, string $second): self
    {
        return new self(sprintf('%s and %s lie differently and cannot become one step.', ucfirst($first), $second));
    }

    public static function nothingToJoin(): self
    {
        return new self('Only two tones that differ, each of paint that covers, can be joined by glazes.');
    }

    public static function loopBackward(string $from, string $to): self
    {
        return new self(sprintf('A loop goes from an earlier step to a later one: "%s" comes after "%s".', $from, $to));
    }

    public static function hardRule(string $sentence): self
    {
        return new self('That cannot be: '.lcfirst($sentence));
    }

    public static function noSuchStart(string $id): self
    {
        return new self(sprintf('There is no start "%s" for a recipe.', mb_strimwidth($id, 0, 40, '…')));
    }

    public static function notDrafted(string $area): self
    {
        return new self(sprintf('%s has no recipe yet: draft one first.', $area));
    }

    public static function changedMeanwhile(): self
    {
        return new self('Another window has changed this recipe meanwhile: it is shown as it is now, look at it and press again.');
    }

    public static function nothingToUndo(): self
    {
        return new self('There is nothing to undo.');
    }

    public static function nothingToRedo(): self
    {
        return new self('There is nothing to redo.');
    }

    public static function followsInACircle(): self
    {
        return new self('That recipe follows this one already: two recipes cannot follow each other.');
    }

    public static function noSuchEdit(string $kind): self
    {
        return new self(sprintf('"%s" is no way to change a recipe.', mb_strimwidth($kind, 0, 40, '…')));
    }

    public static function nothingSaid(): self
    {
        return new self('Write at least one line, such as "basecoat: dark brown, thin 2:1, two coats".');
    }

    public static function tooManyLines(int $lines, int $most): self
    {
        return new self(sprintf('These are %d lines; a recipe has at most %d steps.', $lines, $most));
    }

    public static function nothingToDo(): self
    {
        return new self('No line says what is done: name a paint or a technique, such as "wash: brown wash" or "bone on the edges".');
    }

    public static function noSuchMishap(): self
    {
        return new self('Say what went wrong: choose one from the list.');
    }

    public static function coatsOutOfRange(int $coats): self
    {
        return new self(sprintf('%d coats cannot be planned: choose 1 to 20.', $coats));
    }

    public static function undercoatOnce(): self
    {
        return new self('The undercoat belongs to the whole figure and is below already: choose another one there, '
            .'or add an undercoat repair.');
    }
}
