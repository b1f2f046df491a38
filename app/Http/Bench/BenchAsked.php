<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\Company;
use DomainException;
use Illuminate\Http\Request;
use Kalokroma\Recipe\Technique\Level;

/** What of a company is looked at: one figure, or all of them in a row, up to a level. */
final readonly class BenchAsked
{
    /**
     * @param int|null $figure null for all in a row
     * @param Level|null $goal up to which level of finish; null for all of it
     */
    private function __construct(public Company $company, public ?int $figure, public ?Level $goal)
    {
    }

    /** @param int $usual figure that is meant where the question names none */
    public static function of(Request $request, Company $company, int $usual = 1): self
    {
        $company->loadMissing('areas.recipe', 'records', 'passes');
        $level = $request->query('level');
        $figure = $request->query('by') === 'row' ? null : ($request->filled('figure') ? $request->integer('figure') : $usual);
        if ($figure !== null && ($figure < 1 || $figure > $company->count)) {
            throw new DomainException(sprintf('%s has figures 1 to %d: there is no figure %d.', $company->name, $company->count, $figure));
        }

        return new self($company, $figure, is_string($level) ? Level::tryFrom($level) : null);
    }
}
