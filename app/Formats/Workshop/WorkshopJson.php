<?php

declare(strict_types=1);

namespace App\Formats\Workshop;

use App\Formats\CheckedJson;
use App\Formats\UnreadableFile;

/** A whole workshop as one JSON document. */
final class WorkshopJson
{
    /**
     * @return array<string, mixed>
     *
     * @throws UnreadableFile
     */
    public static function read(string $json): array
    {
        return CheckedJson::read($json, 'workshop.schema.json');
    }
}
