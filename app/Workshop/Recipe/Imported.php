<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

/** What came of a document that was brought in. */
final readonly class Imported
{
    /** @param list<string> $notes what had to be done differently than the document says */
    public function __construct(public string $words, public array $notes, public ?int $bookId = null, public ?int $companyId = null)
    {
    }
}
