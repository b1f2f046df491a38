<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\Painter;
use App\Workshop\Recipe\Drafting;
use App\Workshop\Recipe\Predictions;
use App\Workshop\Recipe\RecipeRows;
use App\Workshop\Shelf\ShelfRows;
use App\Workshop\Undercoat\UndercoatDesk;
use App\Workshop\Undercoat\UndercoatEdits;
use Kalokroma\Recipe\Choose\Palette;

/** What one painter works with during one request: the shelf, read once, and what lays paint from it over figures. */
final readonly class Studio
{
    public ShelfRows $shelf;
    public Palette $palette;
    public UndercoatDesk $undercoats;
    public UndercoatEdits $undercoatEdits;
    public RecipeRows $recipes;
    public Predictions $predictions;
    public Drafting $drafting;

    /** @param bool $keeps whether what is worked out on the way is written down; whoever only looks writes nothing */
    public function __construct(public Painter $painter, public bool $keeps = true)
    {
        $this->shelf = ShelfRows::of($painter);
        $this->palette = new Palette(fn (): array => $this->shelf->paints());
        $this->undercoats = new UndercoatDesk($painter, $this->shelf, $keeps);
        $this->undercoatEdits = new UndercoatEdits($painter, $this->shelf, $this->undercoats);
        $this->recipes = new RecipeRows($this->shelf);
        $this->predictions = new Predictions($this->recipes, $this->undercoats, $keeps);
        $this->drafting = new Drafting($this);
    }
}
