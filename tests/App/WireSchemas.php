<?php

declare(strict_types=1);

namespace Tests\App;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use RuntimeException;
use stdClass;

/** The schemas of docs/formats/wire, one a page, read and parsed once for all tests of a process. */
final class WireSchemas
{
    private const PREFIX = 'https://kalokroma.invalid/formats/wire/';

    private static ?Validator $validator = null;
    /** @var array<string, string> kind of answer to the schema of its page */
    private static array $pages = [];

    /** @return string what is wrong with an answer of this kind; empty where nothing is */
    public static function check(string $kind, string $answer): string
    {
        $validator = self::validator();
        $wrapped = new stdClass();
        $wrapped->{$kind} = json_decode($answer, false, 64, JSON_THROW_ON_ERROR);
        $page = self::$pages[$kind] ?? throw new RuntimeException('No schema in docs/formats/wire knows answers of the kind '.$kind.'.');
        $error = $validator->validate($wrapped, $page)->error();

        return $error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error));
    }

    /** @return array<string, string> */
    public static function pages(): array
    {
        self::validator();

        return self::$pages;
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator();
            foreach (glob(dirname(__DIR__, 2).'/docs/formats/wire/*.schema.json') ?: [] as $file) {
                $id = self::PREFIX.basename($file);
                self::$validator->resolver()?->registerFile($id, $file);
                /** @var array{properties: array<string, mixed>} $schema */
                $schema = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
                self::$pages += array_fill_keys(array_keys($schema['properties']), $id);
            }
        }

        return self::$validator;
    }
}
