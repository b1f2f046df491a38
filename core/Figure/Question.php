<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/** One question of the survey: what is easily overlooked, why it is worth finding first, and the area it would be. */
final readonly class Question
{
    /**
     * @param list<string> $signs words by which an area of a figure answers it already
     * @param string $added the area as it is said: "a lining", "eyes"
     */
    public function __construct(
        public string $id,
        public string $ask,
        public string $why,
        public array $signs,
        public Draft $area,
        public string $added,
    ) {
    }

    /** @param list<string> $names of the areas there are */
    public function answeredBy(array $names): ?string
    {
        foreach ($names as $name) {
            foreach ($this->signs as $sign) {
                if (preg_match('/\b'.$sign.'/iu', $name) === 1) {
                    return $name;
                }
            }
        }

        return null;
    }
}
