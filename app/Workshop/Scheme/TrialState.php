<?php

declare(strict_types=1);

namespace App\Workshop\Scheme;

use App\Models\TrialRow;
use App\Workshop\State\State;

/** What is written on a trial. */
final class TrialState
{
    public static function of(TrialRow $trial): State
    {
        return self::said($trial->name, $trial->verdict, $trial->notes);
    }

    public static function said(string $name, string $verdict, string $notes): State
    {
        return new State(['Name' => $name, 'Verdict' => $verdict, 'Notes' => $notes]);
    }
}
