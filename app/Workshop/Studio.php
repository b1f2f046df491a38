<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\Painter;
use App\Workshop\Plan\PlanStore;
use App\Workshop\Recipe\Drafting;
use App\Workshop\Recipe\Predictions;
use App\Workshop\Recipe\RecipeRows;
use App\Workshop\Shelf\ShelfRows;
use App\Workshop\Undercoat\UndercoatDesk;
use Kalokroma\Recipe\Choose\Palette;

/**
 * What one painter works with during one request: the shelf, read once, and what lays paint from it over figures. Of all of it only the
 * store of plans writes.
 */
final readonly class Studio
{
    public ShelfRows $shelf;
    public Palette $palette;
    public UndercoatDesk $undercoats;
    public RecipeRows $recipes;
    public Predictions $predictions;
    public Drafting $drafting;
    public PlanStore $plans;

    public function __construct(public Painter $painter)
    {
        $this->shelf = ShelfRows::of($painter);
        $this->palette = new Palette(fn (): array => $this->shelf->paints());
        $this->undercoats = new UndercoatDesk($painter, $this->shelf);
        $this->recipes = new RecipeRows($this->shelf);
        $this->predictions = new Predictions($this->recipes, $this->undercoats);
        $this->drafting = new Drafting($this);
        $this->plans = new PlanStore($this);
    }
}
