<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

/** One fact of a step in words: "Until": "bright enough". */
final readonly class StepFact
{
    /**
     * @param string $key what it is about: `load`, `thin`, `tool`, `place`, `who`, `coats`, `until`, `wait`, `latest`, `level`, `hand`,
     *   `how`,
     *   `note`, `watch`, `caution` or `why`
     * @param string $label as it stands before the words
     * @param string $text never empty
     */
    public function __construct(public string $key, public string $label, public string $text)
    {
    }
}
