<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\StepWords;

/** A step as it is read aloud: what to load, where, how often, until when. What is only read is left out. */
final class Spoken
{
    private const LEFT_OUT = ['why', 'level', 'caution'];

    /** @param string $area empty for the whole figure */
    public static function of(StepOutcome $outcome, string $area): string
    {
        $said = [trim($area.', '.$outcome->step->technique->words(), ', ')];
        foreach ($outcome->cautions as $caution) {
            $said[] = $caution;
        }
        foreach (StepWords::of($outcome)->facts as $fact) {
            if (!in_array($fact->key, self::LEFT_OUT, true)) {
                $said[] = $fact->label.': '.$fact->text;
            }
        }

        return implode(' ', array_map(
            static fn (string $words): string => ucfirst(rtrim((string) preg_replace('/(\d):(\d)/', '$1 to $2', $words), '.')).'.',
            $said,
        ));
    }
}
