<?php

declare(strict_types=1);

namespace Tests;

/**
 * The day and hour at which tests take place: the same one whenever they are run. With KALOKROMA_TEST_CLOCK=machine they take place
 * at the machine's, which bin/test-days sets to days on which things have gone wrong.
 */
final class Clock
{
    /** A Wednesday evening between two evenings on which the sample's painter is free. */
    public const NOW = '2026-12-02T18:40:00Z';

    private static ?int $ahead = null;

    public static function isMachines(): bool
    {
        return getenv('KALOKROMA_TEST_CLOCK') === 'machine';
    }

    /** Seconds by which it is ahead of the machine's clock; the same for every program that a run starts. */
    public static function ahead(): int
    {
        return self::$ahead ??= self::isMachines() ? 0 : (int) strtotime(self::NOW) - time();
    }

    /**
     * What a program that a test starts has to know. Cookies are judged by the machine's clock, so they last for as long as the two can
     * be apart.
     *
     * @return array<string, string>
     */
    public static function environment(): array
    {
        $minutes = 60 * 24 * 36_500;

        return self::isMachines() ? [] : ['KALOKROMA_CLOCK_AHEAD_S' => (string) self::ahead(), 'SESSION_LIFETIME' => (string) $minutes];
    }

    /** A script that turns the clock of a page before any of its own scripts runs. */
    public static function script(): string
    {
        return sprintf('{ const ahead = %d; const Machine = Date; window.Date = class extends Machine {
            constructor(...given) { given.length === 0 ? super(Machine.now() + ahead) : super(...given); }
            static now() { return Machine.now() + ahead; }
        }; }', 1000 * self::ahead());
    }
}
