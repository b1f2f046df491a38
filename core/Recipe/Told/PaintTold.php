<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\SaidColour;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\UsualWash;
use Kalokroma\Word\Finding;

/** The paint that is meant by a name: one of the shelf, or a description with a colour guessed from its words. */
final readonly class PaintTold
{
    /** Stands for a colour that no word tells. */
    private const UNKNOWN = '#808080';

    /** Letters of a paint's name. */
    private const LONGEST_NAME = 80;

    /** @param list<Paint> $shelf */
    public function __construct(private array $shelf)
    {
    }

    /**
     * @param Paint|null $paint of the shelf
     * @param Technique|null $technique null while it is not known
     *
     * @return array{Paint, list<Finding>}
     */
    public function named(string $said, ?Paint $paint, ?Technique $technique): array
    {
        if ($paint !== null) {
            $isSo = mb_strtolower($paint->name) === mb_strtolower($said) || mb_strtolower($paint->line.' '
                .''.$paint->name) === mb_strtolower($said);

            return [$paint, $isSo ? [] : [new Finding('told.read-as', '"{said}" is read as '
                .'{paint}.', ['said' => $said, 'paint' => $paint->name])]];
        }
        $name = trim((string) preg_replace('/#[0-9a-f]{6}/i', '', $said));
        $behaviour = self::behaviour(mb_strtolower($name), $technique);
        $colour = SaidColour::read($said);
        $hex = $behaviour->colours() ? $colour?->toSrgb()->clipped()->toHex() ?? self::UNKNOWN : null;
        $seen = $hex === null ? null : Reflectance::fromSrgb(Srgb::fromHex($hex));
        if ($seen !== null && !str_contains($said, '#') && $behaviour->isTransparent()) {
            $hex = Srgb::fromXyz(UsualWash::overWhite($behaviour, $seen)->toXyz())->clipped()->toHex();
        }
        $facts = ['name' => $name === '' ? (string) $hex : mb_substr($name, 0, self::LONGEST_NAME)];
        $finding = match (true) {
            $hex === null => new Finding('told.not-owned', '"{name}" is not on your shelf.', $facts),
            $colour === null => new Finding('told.no-colour', '"{name}" is not on your shelf, and no word tells its colour: middle grey '
                .'stands in.', $facts),
            str_contains($said, '#') => new Finding('told.given', '"{name}" is not on your shelf: its colour is as you gave it.', $facts),
            default => new Finding('told.guessed', '"{name}" is not on your shelf: its colour is guessed from the words.', $facts),
        };

        return [Paint::described($facts['name'], $behaviour, $hex), [$finding]];
    }

    /**
     * Where no paint is named: the varnish of that sheen, the glue or paste itself; a colour is never invented.
     *
     * @return array{Mix|null, list<Finding>}
     */
    public function unnamed(Technique $technique): array
    {
        $facts = $technique->facts();
        foreach ($facts->sheen === null ? [] : $this->shelf as $paint) {
            if ($paint->behaviour === Behaviour::Varnish && $paint->sheen === $facts->sheen && $paint->isAtHand()) {
                return [Mix::single($paint), []];
            }
        }
        if (!$facts->takes[0]->colours()) {
            [$paint, $findings] = $this->named($technique->words(), null, $technique);

            return [Mix::single($paint), $findings];
        }

        return [null, [new Finding('told.no-paint', 'No paint is named: choose one.', [])]];
    }

    /** What kind of paint the words mean, as the step takes it. */
    private static function behaviour(string $plain, ?Technique $technique): Behaviour
    {
        $takes = $technique?->facts()->takes ?? Behaviour::cases();
        $kind = match (true) {
            preg_match('/\b(?:wash(?:es)?|shade|tints?)\b/', $plain) === 1 => Behaviour::Wash,
            preg_match('/\binks?\b/', $plain) === 1 => Behaviour::Ink,
            preg_match('/\bstains?\b/', $plain) === 1 => Behaviour::Stain,
            preg_match('/\bprimer\b/', $plain) === 1 => Behaviour::Primer,
            preg_match('/\b(?:metallic|silver|gold|brass|bronze|copper|steel|iron)\b/', $plain) === 1 => Behaviour::Metallic,
            default => $technique === null || in_array(Behaviour::Opaque, $takes, true) ? Behaviour::Opaque : $takes[0],
        };

        return in_array($kind, $takes, true) ? $kind : (in_array(Behaviour::Opaque, $takes, true) ? Behaviour::Opaque : $takes[0]);
    }
}
