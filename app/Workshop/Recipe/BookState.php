<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\BookRow;
use App\Workshop\State\State;

/** What is written on a recipe of the book. */
final class BookState
{
    public static function of(BookRow $row): State
    {
        return self::said($row->name, $row->tags, $row->notes);
    }

    /** @param list<string> $tags */
    public static function said(string $name, array $tags, string $notes): State
    {
        return new State(['Name' => $name, 'Tags' => implode(', ', $tags), 'Notes' => $notes]);
    }
}
