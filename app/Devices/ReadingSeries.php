<?php

declare(strict_types=1);

namespace App\Devices;

use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\OnScreen;
use Kalokroma\Colour\Readings;

/** Lays a reader on a spot several times, tries again where it fails, and keeps what agrees. */
final readonly class ReadingSeries
{
    private const READINGS = 5;
    private const MOST_FAILURES = 3;

    private function __construct(public Readings $readings, public int $failures, public string $reader)
    {
    }

    /** @throws ReaderFailed|ColourProblem */
    public static function take(ColourReader $reader, Spot $spot): self
    {
        $taken = [];
        $failures = 0;
        while (count($taken) < self::READINGS) {
            try {
                $taken[] = $reader->read($spot);
            } catch (ReaderFailed) {
                if (++$failures >= self::MOST_FAILURES) {
                    throw ReaderFailed::tooOften($reader->name(), $failures);
                }
            }
        }

        return new self(Readings::of($taken), $failures, $reader->name());
    }

    /** @return array<string, mixed> */
    public function view(): array
    {
        return [
            'reader' => $this->reader,
            'readings' => array_map(static fn (Lab $lab, bool $kept): array => [
                'lab' => $lab->rounded(),
                'hex' => OnScreen::of($lab->toXyz())->toHex(),
                'kept' => $kept,
            ], $this->readings->all, $this->readings->kept),
            'lab' => $this->readings->mean->rounded(),
            'hex' => OnScreen::of($this->readings->mean->toXyz())->toHex(),
            'rejected' => $this->readings->rejected(),
            'failures' => $this->failures,
            'spread' => round($this->readings->spread, 2),
        ];
    }
}
