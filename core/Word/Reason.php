<?php

declare(strict_types=1);

namespace Kalokroma\Word;

/** What a finding about a step is a reason for, as far as that matters when the step is changed. */
enum Reason: string
{
    /** Why this paint or mix: void once another is taken. */
    case Mix = 'mix';
    /** Why it is thinned so: told differently once it is thinned otherwise. */
    case Thinning = 'thinning';
    /** Why one pass is enough: void where it is gone through again. */
    case Once = 'once';
    case Other = 'other';
}
