<?php

declare(strict_types=1);

namespace App\Workshop\State;

use BackedEnum;
use DateTimeInterface;

/** What a form shows of something, in words: its version is a fingerprint of that, so that whoever saves says what they had seen. */
final readonly class State
{
    /**
     * @param array<string, string> $words by what they tell of
     * @param string $more what counts too, but cannot be told in words
     */
    public function __construct(private array $words, private string $more = '')
    {
    }

    /** A value of a row or a form in a word, the same however it is held. */
    public static function word(mixed $value): string
    {
        return match (true) {
            $value instanceof BackedEnum => (string) $value->value,
            $value instanceof DateTimeInterface => $value->format('Y-m-d'),
            is_bool($value) => $value ? 'yes' : 'no',
            is_float($value) => rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.'),
            default => is_scalar($value) ? (string) $value : '',
        };
    }

    public function version(): string
    {
        return substr(sha1($this->more.json_encode($this->words, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE)), 0, 16);
    }

    /**
     * @param string|null $seen the version somebody saves on; null where they do not say, which is taken for the newest
     *
     * @throws Conflict where another state is there by now, and not the one that is wanted
     */
    public function check(string $what, ?string $seen, self $wanted): void
    {
        $differences = $seen === null || $seen === $this->version() ? [] : $this->differences($wanted);
        if ($differences !== []) {
            throw new Conflict($what, $this->version(), $differences);
        }
    }

    /** @return list<array{what: string, there: string, yours: string}> */
    public function differences(self $wanted): array
    {
        $found = [];
        foreach ($this->words + $wanted->words as $what => $_) {
            [$there, $yours] = [$this->words[$what] ?? '', $wanted->words[$what] ?? ''];
            if ($there !== $yours) {
                $found[] = ['what' => $what, 'there' => $there, 'yours' => $yours];
            }
        }

        return $found;
    }
}
