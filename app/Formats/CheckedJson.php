<?php

declare(strict_types=1);

namespace App\Formats;

use JsonException;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use stdClass;

/** A JSON document, checked against its schema before anything is read from it. */
final class CheckedJson
{
    /** What the ids of our schemas begin with: one may point into another. */
    private const HOME = 'https://kalokroma.invalid/formats/';

    /**
     * @param string $schema a file of docs/formats
     *
     * @return array<string, mixed>
     *
     * @throws UnreadableFile that names the place at fault
     */
    public static function read(string $json, string $schema): array
    {
        try {
            $document = json_decode($json, false, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $problem) {
            throw UnreadableFile::because(sprintf('The file is not JSON (%s).', $problem->getMessage()));
        }
        $rules = json_decode((string) file_get_contents(base_path('docs/formats/'.$schema)), false, 64, JSON_THROW_ON_ERROR);
        assert($rules instanceof stdClass);
        $validator = new Validator();
        $validator->resolver()?->registerPrefix(self::HOME, base_path('docs/formats'));
        $error = $validator->validate($document, $rules)->error();
        if ($error !== null) {
            $deepest = self::deepest($error);
            $path = '/'.implode('/', array_map(strval(...), $deepest->data()->fullPath()));
            throw UnreadableFile::because(sprintf('At %s: %s.', $path, rtrim((new ErrorFormatter())->formatErrorMessage($deepest), '.')));
        }

        /** @var array<string, mixed> $read */
        $read = json_decode($json, true, 64, JSON_THROW_ON_ERROR);

        return $read;
    }

    private static function deepest(ValidationError $error): ValidationError
    {
        $inner = $error->subErrors();

        return $inner === [] ? $error : self::deepest($inner[0]);
    }
}
