<?php

declare(strict_types=1);

namespace Kalokroma\Shelf\Typed;

use Kalokroma\Film\ColourSource;
use Kalokroma\Film\Sheen;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Purpose;
use Kalokroma\Word\Finding;

/** One line of a shelf as a painter keeps it, and what was understood of it. */
final readonly class TypedPaint
{
    /**
     * @param int $line where it stands, from 1 on
     * @param string $said the line as it was typed
     * @param string $range the maker's range; empty where none was told
     * @param string|null $hex `#rrggbb`: full hide, or one coat over white for stain, wash and ink; null where nothing tells
     * @param string $from the words the colour was guessed from; empty where it was given in figures
     * @param Sheen|null $sheen null where nobody said
     * @param float|null $bottleMl millilitres of a full bottle; null where nobody said
     * @param float|null $leftMl millilitres left in all its bottles; null where nobody said
     * @param string $notes what was not read, kept as it stands
     * @param bool $isUnsure whether the colour was guessed from a name that may not mean it
     * @param bool $isKindGuessed whether nothing says how it behaves
     * @param string $doubt what has to be told before it can be kept; empty where nothing is missing
     * @param list<PotQuestion> $questions what may be meant otherwise
     * @param list<Finding> $findings what is worth knowing of it
     */
    public function __construct(
        public int $line,
        public string $said,
        public string $name,
        public string $range,
        public Behaviour $behaviour,
        public ?string $hex,
        public ColourSource $source,
        public string $from = '',
        public Form $form = Form::Bottle,
        public Purpose $purpose = Purpose::Anything,
        public ?Sheen $sheen = null,
        public ?float $bottleMl = null,
        public ?float $leftMl = null,
        public ?int $bottles = null,
        public bool $owned = true,
        public string $place = '',
        public string $set = '',
        public string $notes = '',
        public bool $isUnsure = false,
        public bool $isKindGuessed = false,
        public string $doubt = '',
        public array $questions = [],
        public array $findings = [],
    ) {
    }
}
