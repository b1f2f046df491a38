<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Technique;

use Kalokroma\Caution\Tool;
use Kalokroma\Film\Application;
use Kalokroma\Film\Finish;

/** What is usual about one technique: a row of {@see Vocabulary}. */
final readonly class TechniqueFacts
{
    /**
     * @param string                     $words   the step in two or three words
     * @param string                     $where   where on the area it goes and how the hand does it
     * @param Application|null           $lies    how its film lies; null where it leaves none
     * @param string                     $use     row of {@see Defaults::THINNING}; empty where nothing is thinned
     * @param string                     $face    the face that decides how many coats it takes
     * @param bool                       $counts  whether coats are counted until the colour hides
     * @param array{string, float}       $effort  per `cm2`, `edge` (cm), `each` or `once`, with the minutes
     * @param int                        $dry     minutes before the next step, at 20 °C and 50 % humidity
     * @param int|null                   $latest  minutes after which it is too late for the step that belongs to it
     * @param string                     $tool    a tool's value, or `brush`, `fine`, `detail` by size of the area
     * @param list<string>               $takes   behaviours of paint it is done with; empty where it takes none
     * @param int                        $phase   its place within an area, 0..99; steps of one phase may trade places
     * @param list<string>               $reveals techniques whose film it takes off again
     * @param array{float, float, float} $removed share of that film taken off recess, plane and ridge
     * @param list<string>               $needs   equipment it cannot do without: `airbrush`, `solvents`
     * @param list<string>               $doing   what the hand does that cautions hang on: `glue`, `blade`, `sand`, `heat`
     */
    public function __construct(
        public string $words,
        public Stage $stage,
        public string $where,
        public ?Application $lies,
        public string $use,
        public string $face,
        public bool $counts,
        public array $effort,
        public int $dry,
        public ?int $latest,
        public string $tool,
        public array $takes,
        public int $phase,
        public Level $level,
        public string $watch,
        public string $exit,
        public array $reveals,
        public array $removed,
        public ?Finish $finish,
        public array $needs,
        public array $doing,
    ) {
    }

    public function toolFor(float $surfaceCm2): Tool
    {
        return match ($this->tool) {
            'brush' => $surfaceCm2 >= 3.0 ? Tool::LargeBrush : ($surfaceCm2 >= 0.8 ? Tool::MiddleBrush : Tool::SmallBrush),
            'round' => $surfaceCm2 >= 0.8 ? Tool::MiddleBrush : Tool::SmallBrush,
            'fine' => $surfaceCm2 >= 0.8 ? Tool::SmallBrush : Tool::DetailBrush,
            default => Tool::from($this->tool),
        };
    }

    /** Whether paint is loaded for it at all. */
    public function isPainted(): bool
    {
        return $this->takes !== [];
    }
}
