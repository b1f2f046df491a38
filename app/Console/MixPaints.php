<?php

declare(strict_types=1);

namespace App\Console;

use DomainException;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;

final class MixPaints extends PlanningCommand
{
    protected $signature = 'kalokroma:mix {shelf : a shelf file in CSV} {parts* : paints with their parts, as in "Mustard Reed:3"}';

    protected $description = 'Predict the dry colour of a mix';

    protected function answer(): array
    {
        $shelf = $this->shelf((string) $this->argument('shelf'));
        /** @var list<string> $given */
        $given = (array) $this->argument('parts');
        $parts = [];
        foreach ($given as $text) {
            $colon = strrpos($text, ':');
            if ($colon === false || preg_match('/^\d{1,2}$/D', substr($text, $colon + 1)) !== 1) {
                throw new DomainException(
                    sprintf('"%s" names no parts: write a paint and its whole parts, as in "Mustard Reed:3".', $text),
                );
            }
            $parts[] = new Part($this->paint($shelf, substr($text, 0, $colon)), (int) substr($text, $colon + 1));
        }

        $mix = Mix::of($parts);

        return [
            'predicted' => $this->colour($mix->colour()),
            'certainty' => round($mix->certainty(), 2),
            'spread' => round($mix->spread(), 2),
        ];
    }
}
