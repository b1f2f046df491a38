<?php

declare(strict_types=1);

namespace App\Console;

use App\Formats\CheckedJson;
use App\Formats\Shelf\PaintFields;
use App\Formats\Shelf\ShelfCsv;
use DomainException;
use Illuminate\Console\Command;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\ColourSource;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;

/**
 * A command that asks the core without a browser, a database or a painter: one JSON document on standard output,
 * or one sentence on standard error and exit code 2.
 */
abstract class PlanningCommand extends Command
{
    final public function handle(): int
    {
        try {
            $answer = $this->answer();
        } catch (DomainException $problem) {
            $this->getOutput()->getErrorStyle()->writeln($problem->getMessage());

            return 2;
        }
        $this->getOutput()->writeln(
            json_encode(
                $answer,
                JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            ),
        );

        return self::SUCCESS;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws DomainException on bad input
     */
    abstract protected function answer(): array;

    protected function text(string $option): ?string
    {
        $given = $this->option($option);

        return is_string($given) ? $given : null;
    }

    /** @throws DomainException */
    protected function whole(string $option, int $least, int $most): int
    {
        $given = (string) $this->text($option);
        if (preg_match('/^\d{1,6}$/D', $given) !== 1 || (int) $given < $least || (int) $given > $most) {
            throw new DomainException(sprintf('--%s is "%s": give a whole number from %d to %d.', $option, $given, $least, $most));
        }

        return (int) $given;
    }

    /** @throws DomainException */
    protected function number(string $option, float $least, float $most): float
    {
        $given = (string) $this->text($option);
        if (!is_numeric($given) || !((float) $given >= $least && (float) $given <= $most)) {
            throw new DomainException(sprintf('--%s is "%s": give a number from %s to %s.', $option, $given, $least, $most));
        }

        return (float) $given;
    }

    /** @throws DomainException */
    protected function swatch(string $option): Srgb
    {
        return Srgb::fromHex(
            $this->text($option) ?? throw new DomainException(sprintf('--%s is missing: give a colour as in --%1$s="#8a5a2b".', $option)),
        );
    }

    /**
     * @return array<string, mixed> a JSON file that keeps to its schema
     *
     * @throws DomainException that names the file and the place in it
     */
    protected function document(string $file, string $schema): array
    {
        $bytes = is_file($file) && is_readable($file) ? file_get_contents($file) : false;
        if ($bytes === false) {
            throw new DomainException(sprintf('%s cannot be read: name a JSON file.', $file));
        }
        try {
            return CheckedJson::read($bytes, $schema);
        } catch (DomainException $problem) {
            throw new DomainException($file.': '.$problem->getMessage());
        }
    }

    /**
     * @return list<Paint>
     *
     * @throws DomainException that names the file and the line
     */
    protected function shelf(string $file): array
    {
        $bytes = is_file($file) && is_readable($file) ? file_get_contents($file) : false;
        if ($bytes === false) {
            throw new DomainException(sprintf('%s cannot be read: name a shelf file in CSV.', $file));
        }
        $paints = [];
        try {
            $rows = ShelfCsv::read($bytes);
        } catch (DomainException $problem) {
            throw new DomainException($file.': '.$problem->getMessage());
        }
        foreach ($rows as $row) {
            $read = PaintFields::read($row['fields']);
            $problem = $row['problem'] ?? implode(' ', $read->problems);
            if ($problem !== '') {
                throw new DomainException(sprintf('%s, line %d: %s', $file, $row['line'], $problem));
            }
            /**
             * @var array{
             *   name: string, line: string, behaviour: Behaviour, reflectance: list<float>|null, owned: bool,
             *   left_ml: float|null, colour_source: string,
             * } $paint
             */
            $paint = $read->attributes;
            $paints[] = new Paint(
                (string) $row['line'],
                $paint['name'],
                $paint['line'],
                $paint['behaviour'],
                $paint['reflectance'] === null ? null : Reflectance::of($paint['reflectance']),
                $paint['owned'],
                $paint['left_ml'],
                null,
                ColourSource::fromText($paint['colour_source']),
            );
        }

        return $paints;
    }

    /**
     * @param list<Paint> $shelf
     * @param string $address a name, or line/name where the name stands twice
     *
     * @throws DomainException
     */
    protected function paint(array $shelf, string $address): Paint
    {
        $named = array_values(array_filter($shelf, static fn (Paint $p): bool => $p->name === $address));
        $exact = array_values(array_filter($shelf, static fn (Paint $p): bool => $p->line.'/'.$p->name === $address));
        if (count($named) > 1 && $exact === []) {
            throw new DomainException(
                sprintf(
                    '"%s" is %d times on this shelf: write line/name, for instance "%s/%s".',
                    $address,
                    count($named),
                    $named[0]->line,
                    $named[0]->name,
                ),
            );
        }

        return $named[0] ?? $exact[0] ?? throw new DomainException(sprintf('"%s" is not on this shelf.', $address));
    }

    /**
     * How a paint is addressed so that {@see self::paint()} finds it again.
     *
     * @param list<Paint> $shelf
     */
    protected function address(array $shelf, Paint $paint): string
    {
        $same = array_filter($shelf, static fn (Paint $p): bool => $p->name === $paint->name);

        return count($same) > 1 ? $paint->line.'/'.$paint->name : $paint->name;
    }

    /** @return array{hex: string, lab: list<float>} */
    protected function colour(Reflectance $look): array
    {
        return ['hex' => $look->toHex(), 'lab' => self::lab($look->toLab())];
    }

    /** @return list<float> */
    protected static function lab(Lab $lab): array
    {
        return array_map(static fn (float $v): float => round($v, 4) + 0.0, [$lab->l, $lab->a, $lab->b]);
    }

    /**
     * @param list<Paint> $shelf
     *
     * @return list<array{paint: string, parts: int}>
     */
    protected function parts(array $shelf, Mix $mix): array
    {
        return array_map(fn (Part $p): array => ['paint' => $this->address($shelf, $p->paint), 'parts' => $p->parts], $mix->parts);
    }
}
