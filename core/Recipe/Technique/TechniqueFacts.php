<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Technique;

use Kalokroma\Caution\Tool;
use Kalokroma\Film\Application;
use Kalokroma\Film\Face;
use Kalokroma\Film\Faces;
use Kalokroma\Film\Sheen;
use Kalokroma\Shelf\Behaviour;

/** What is usual about one technique: a row of {@see Vocabulary}. */
final readonly class TechniqueFacts
{
    /** Share taken off recess, plane and ridge of the film that it {@see self::$reveals}. */
    public Faces $removed;

    /**
     * @param string $words the step in two or three words
     * @param Position $at its place in the order of work within an area
     * @param string $where where on the area it goes and how the hand does it
     * @param array{string, float} $effort per `cm2`, `edge` (cm), `each` or `once`, with the minutes
     * @param int $dry minutes before the next step, at 20 °C and 50 % humidity
     * @param string $tool a tool's value, or `brush`, `round`, `fine` by size of the area
     * @param Level $level level of finish it belongs to
     * @param Application|null $lies how its film lies; null where it leaves none
     * @param string $use row of {@see Defaults::THINNING}; empty where nothing is thinned
     * @param Face $face the face that decides how many coats it takes
     * @param bool $counts whether coats are counted until the colour hides
     * @param int|null $most passes, where it is a stroke that nobody paints until it hides; null for a coat
     * @param Sheen|null $sheen of the varnish it is
     * @param int|null $latest minutes after which it is too late for the step that belongs to it
     * @param list<Behaviour> $takes behaviours of paint it is done with; empty where it takes none
     * @param string $watch what to look out for
     * @param string $exit how to tell that it is enough
     * @param list<Technique> $reveals techniques whose film it takes off again
     * @param array{float, float, float} $removed share of that film, of recess, plane and ridge
     * @param list<string> $needs equipment it cannot do without: `airbrush`, `solvents`
     * @param list<string> $doing what the hand does that cautions hang on: `glue`, `blade`, `sand`, `heat`
     */
    public function __construct(
        public string $words,
        public Stage $stage,
        public Position $at,
        public string $where,
        public array $effort,
        public int $dry,
        public string $tool,
        public Level $level = Level::Fieldable,
        public ?Application $lies = null,
        public string $use = '',
        public Face $face = Face::Plane,
        public bool $counts = false,
        public ?int $most = null,
        public ?Sheen $sheen = null,
        public ?int $latest = null,
        public array $takes = [],
        public string $watch = '',
        public string $exit = '',
        public array $reveals = [],
        array $removed = [0.0, 0.0, 0.0],
        public array $needs = [],
        public array $doing = [],
    ) {
        $this->removed = new Faces(...$removed);
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

    public function takesMetal(): bool
    {
        return in_array(Behaviour::Metallic, $this->takes, true);
    }
}
