<?php

declare(strict_types=1);

namespace App\Console;

use DomainException;
use Kalokroma\Shelf\Matcher;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\RankedMix;

final class MatchColour extends PlanningCommand
{
    protected $signature = 'kalokroma:match {shelf : a shelf file in CSV}
        {--target= : the colour wanted, as #rrggbb}
        {--paints=2 : most paints in a mix, 1 to 3}
        {--parts=6 : most drops in a mix, in all}
        {--top=10 : how many to tell}
        {--by=expected : in which order: expected or predicted difference}';

    protected $description = 'Find the paints and whole-drop mixes of a shelf that come nearest to a colour';

    protected function answer(): array
    {
        $target = $this->swatch('target');
        $most = $this->whole('paints', 1, 3);
        $parts = $this->whole('parts', 1, 12);
        $top = $this->whole('top', 1, 1000);
        $shelf = $this->shelf((string) $this->argument('shelf'));
        $usable = array_values(array_filter($shelf, static fn (Paint $p): bool => $p->isMixable() && $p->isAtHand()));
        $found = match ($by = (string) $this->text('by')) {
            'expected' => (new Matcher())->expected($target->toLab(), $usable, $top, $most, $parts),
            'predicted' => (new Matcher())->best($target->toLab(), $usable, $top, $most, $parts),
            default => throw new DomainException(sprintf('--by is "%s": give expected or predicted.', $by)),
        };

        return ['target' => $target->toHex(), 'matches' => array_map(fn (RankedMix $r): array => [
            'parts' => $this->parts($shelf, $r->mix),
            'predicted' => $this->colour($r->mix->colour()),
            'certainty' => round($r->mix->certainty(), 2),
            'spread' => round($r->mix->spread(), 2),
            'delta_e_00' => round($r->difference, 4),
        ], $found)];
    }
}
