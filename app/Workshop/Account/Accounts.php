<?php

declare(strict_types=1);

namespace App\Workshop\Account;

use App\Models\InvitationRow;
use App\Models\Painter;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Database\Eloquent\Builder;

/** Who has a workshop in this installation, and how another one is made. */
final class Accounts
{
    public const SHORTEST = 8;
    public const LONGEST_NAME = 80;
    private const LONGEST = 200;

    /** Days an invitation is good for. */
    public const DAYS = 14;

    /** Whether nobody has a workshop here yet, so that whoever comes first makes it. */
    public static function isFresh(): bool
    {
        return self::painters()->doesntExist();
    }

    /** Whether this painter was the first here, who lets others in. */
    public static function isFirst(Painter $painter): bool
    {
        return self::painters()->orderBy('id')->value('id') === $painter->id;
    }

    /**
     * A painter with an empty workshop.
     *
     * @throws DomainException with a sentence, where name or password will not do
     */
    public static function make(string $name, string $password): Painter
    {
        $name = trim($name);
        self::check($password);
        if ($name === '' || mb_strlen($name) > self::LONGEST_NAME) {
            throw new DomainException(sprintf('A painter\'s name has 1 to %d characters.', self::LONGEST_NAME));
        }
        if (self::named($name) !== null) {
            throw new DomainException(sprintf('There is a painter called %s already.', $name));
        }

        return Painter::query()->create(['name' => $name, 'password' => $password])->refresh();
    }

    public static function named(string $name): ?Painter
    {
        return Painter::query()->whereRaw('lower(name) = ?', [mb_strtolower(trim($name))])->first()
            ?? Painter::query()->where('name', trim($name))->first();
    }

    /** @throws DomainException where it is too short or too long */
    public static function check(string $password): void
    {
        $length = mb_strlen($password);
        if ($length < self::SHORTEST || $length > self::LONGEST) {
            throw new DomainException(sprintf(
                'The password has %d characters: at least %d are needed, at most %d are kept.',
                $length,
                self::SHORTEST,
                self::LONGEST,
            ));
        }
    }

    /** @return string the secret of a new link, which is told only now */
    public static function invite(Painter $host): string
    {
        $secret = bin2hex(random_bytes(16));
        InvitationRow::query()->create([
            'painter_id' => $host->id,
            'hash' => self::hash($secret),
            'expires_at' => CarbonImmutable::now()->addDays(self::DAYS),
        ]);

        return $secret;
    }

    /** The invitation that this secret belongs to, as long as it is open. */
    public static function invitation(string $secret): ?InvitationRow
    {
        return InvitationRow::query()->withoutGlobalScope('painter')->with('painter')->where('hash', self::hash($secret))
            ->whereNull('taken_by')->where('expires_at', '>', CarbonImmutable::now())->first();
    }

    private static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }

    /** @return Builder<Painter> without the sample workshop, which is nobody's own */
    private static function painters(): Builder
    {
        return Painter::query()->where('name', '!=', (string) config('kalokroma.demo_painter'));
    }
}
