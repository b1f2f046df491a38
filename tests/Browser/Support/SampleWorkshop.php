<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use PHPUnit\Framework\TestCase;

/** One browser in the sample workshop for all tests of a class. */
abstract class SampleWorkshop extends TestCase
{
    protected static ?Studio $studio = null;

    protected Hands $hands;

    public static function tearDownAfterClass(): void
    {
        self::$studio?->close();
        self::$studio = null;
    }

    protected function setUp(): void
    {
        $begin = self::$studio === null;
        self::$studio ??= new Studio();
        $this->hands = new Hands(self::$studio);
        if ($begin) {
            self::$studio->visit('/');
            $this->hands->press('Enter the sample workshop');
            $this->hands->see('Ninety-five paints');
        }
    }

    protected function open(string $page, string $arrived): void
    {
        self::$studio?->browser->get('about:blank');
        self::$studio?->visit($page);
        $this->hands->see($arrived);
    }
}
