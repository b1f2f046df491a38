<?php

declare(strict_types=1);

namespace App\Devices;

use DomainException;
use Kalokroma\Colour\Srgb;

/** What lies on the bench beside the simulated reader. */
final class Things
{
    private const ALL = [
        'oak' => ['a weathered oak post', '#8b8172'],
        'brass' => ['an old brass button', '#8a6f3c'],
        'feather' => ['a heron feather', '#8f9aa3'],
        'mud' => ['dried marsh mud', '#5c5345'],
        'samphire' => ['a sprig of samphire', '#5f7a3c'],
        'sail' => ['a scrap of tanned sail', '#7a3b26'],
    ];

    /** @return list<array{id: string, name: string}> */
    public static function list(): array
    {
        return array_map(
            static fn (string $id, array $thing): array => ['id' => $id, 'name' => $thing[0]],
            array_keys(self::ALL),
            array_values(self::ALL),
        );
    }

    /** @throws DomainException where no such thing lies there */
    public static function spot(mixed $id): Spot
    {
        $thing = is_string($id) ? (self::ALL[$id] ?? null) : null;
        if ($thing === null) {
            throw new DomainException('Say what the reader is on: '.implode(', ', array_keys(self::ALL)).'.');
        }

        return Spot::onThing(Srgb::fromHex($thing[1])->toLab());
    }
}
