<?php

declare(strict_types=1);

namespace Kalokroma\Film;

/** What paint is thinned with. White spirit, turpentine and what an enamel's label names are one kind here: solvent. */
enum Thinner: string
{
    case Water = 'water';
    case Medium = 'medium';
    case Thinner = 'thinner';
    case Retarder = 'retarder';
    case Solvent = 'solvent';

    /** The words that stand for each, longest first, as they are looked for in what somebody typed. */
    private const WORDS = [
        'white spirit' => self::Solvent,
        'turpentine' => self::Solvent,
        'solvent' => self::Solvent,
        'spirit' => self::Solvent,
        'retarder' => self::Retarder,
        'thinner' => self::Thinner,
        'medium' => self::Medium,
        'water' => self::Water,
    ];

    /** Times as long as usual that water-based paint can be worked which holds as much of it as of itself; starting values of our own. */
    private const OPEN = ['medium' => 2.0, 'retarder' => 3.0];

    /** Times as long as usual that it dries; a starting value of our own. */
    private const DRYING = ['retarder' => 2.0];

    /** All words that mean a thinner, for a pattern. */
    public static function pattern(): string
    {
        return implode('|', array_map(static fn (string $w): string => str_replace(' ', '\s+', $w), array_keys(self::WORDS)));
    }

    /** What somebody means by this word; null where it is no thinner. */
    public static function said(string $word): ?self
    {
        $plain = (string) preg_replace('/\s+/', ' ', trim(mb_strtolower($word)));

        return self::WORDS[$plain] ?? self::WORDS[(string) preg_replace('/s$/D', '', $plain)] ?? null;
    }

    /** @return list<string> as files and pages say them */
    public static function values(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** Whether pigment stays spread in it however thin the mix: water lets it gather at the rim of a puddle. */
    public function keepsPigmentSpread(): bool
    {
        return $this !== self::Water;
    }

    /** Times as long as usual that paint thinned so can be worked: medium does little where it is less than the paint itself. */
    public function openTime(Thinning $thinning): float
    {
        $isEnough = $thinning->thinner >= $thinning->paint || ($this === self::Retarder && !$thinning->isUndiluted());

        return $isEnough ? self::OPEN[$this->value] ?? 1.0 : 1.0;
    }

    /** Times as long as usual that paint thinned so takes to dry. */
    public function dryingTime(Thinning $thinning): float
    {
        return $thinning->isUndiluted() ? 1.0 : self::DRYING[$this->value] ?? 1.0;
    }

    /** Whether water-based paint curdles in it, and brushes are cleaned in it instead of in water. */
    public function isSolvent(): bool
    {
        return $this === self::Solvent;
    }
}
