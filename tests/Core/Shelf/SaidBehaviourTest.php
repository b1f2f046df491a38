<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\SaidBehaviour;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SaidBehaviourTest extends TestCase
{
    /** "Medium" before a colour says how light it is, and not what kind of pot. */
    #[DataProvider('names')]
    public function testANameSaysWhatKindOfPotItIs(string $name, Behaviour $meant): void
    {
        self::assertSame($meant, SaidBehaviour::named($name));
    }

    /** @return iterable<array{string, Behaviour}> */
    public static function names(): iterable
    {
        yield ['Medium Flesh', Behaviour::Opaque];
        yield ['Medium sea grey', Behaviour::Opaque];
        yield ['Glaze Medium', Behaviour::Medium];
        yield ['Medium', Behaviour::Medium];
        yield ['Matt mediums', Behaviour::Medium];
        yield ['Medium steel', Behaviour::Metallic];
        yield ['Brown Ink', Behaviour::Ink];
    }
}
