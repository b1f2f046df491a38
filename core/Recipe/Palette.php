<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Matcher;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\RankedMix;

/** What the shelf offers for a step: the paints at hand, by what they can do, ranked by how near they come. */
final class Palette
{
    /** @var list<Paint> */
    private readonly array $atHand;

    /** @param list<Paint> $shelf */
    public function __construct(array $shelf, private readonly Matcher $matcher = new Matcher())
    {
        $this->atHand = array_values(array_filter($shelf, static fn (Paint $p): bool => $p->isAtHand() && $p->colour !== null));
    }

    /** @return list<Paint> */
    public function mixable(): array
    {
        return $this->only(static fn (Paint $p): bool => $p->behaviour->isMixable());
    }

    /** @return list<Paint> */
    public function metallics(): array
    {
        return $this->only(static fn (Paint $p): bool => $p->behaviour === Behaviour::Metallic);
    }

    /** @return list<RankedMix> singles of the mixable paints, best first */
    public function singles(Lab $target): array
    {
        return $this->matcher->singles($target, $this->mixable());
    }

    /** @return list<RankedMix> two-paint mixes, best first */
    public function pairs(Lab $target, int $most = 8): array
    {
        return $this->matcher->pairs($target, $this->mixable(), $most);
    }

    /** @return list<RankedMix> metallic singles, best first */
    public function metalSingles(Lab $target): array
    {
        return $this->matcher->singles($target, $this->metallics());
    }

    /**
     * Washes, inks and stains by the shade they would leave in the recess of this surface, best first.
     *
     * @return list<RankedMix>
     */
    public function shades(Lab $wantedInRecess, Surface $below, Technique $technique): array
    {
        $ranked = [];
        foreach ($this->only(static fn (Paint $p): bool => $p->behaviour->isTransparent()) as $paint) {
            $mix = Mix::single($paint);
            $load = self::shadeThinning($paint->behaviour)->load();
            $look = $technique->application($paint->behaviour)->pass($mix->pigment(), $load, $below)->recess;
            $ranked[] = new RankedMix($mix, Ciede2000::difference($look->toLab(), $wantedInRecess));
        }
        usort($ranked, static fn (RankedMix $a, RankedMix $b): int => round($a->difference, 4) <=> round($b->difference, 4) ?: $a->mix->key() <=> $b->mix->key());

        return $ranked;
    }

    public static function shadeThinning(Behaviour $behaviour): Thinning
    {
        return Thinning::fromRatio(Defaults::THINNING[match ($behaviour) {
            Behaviour::Wash => 'wash',
            Behaviour::Stain, Behaviour::Ink => 'stain',
            default => 'recess-shade',
        }]['ratio']);
    }

    /**
     * @param callable(Paint): bool $keep
     *
     * @return list<Paint>
     */
    private function only(callable $keep): array
    {
        return array_values(array_filter($this->atHand, $keep));
    }
}
