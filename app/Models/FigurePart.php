<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;

/** What of a figure's plan belongs to no area, as something that is changed and undone for itself. */
final readonly class FigurePart implements Remembering
{
    public const UNDERCOAT = 'undercoat';
    public const WHOLE = 'whole';

    private function __construct(private Company $company, private string $part)
    {
    }

    public static function undercoat(Company $company): self
    {
        return new self($company, self::UNDERCOAT);
    }

    /** The steps over the whole figure. */
    public static function whole(Company $company): self
    {
        return new self($company, self::WHOLE);
    }

    /** @return HasMany<RevisionRow, Company> */
    public function revisions(): HasMany
    {
        return $this->company->hasMany(RevisionRow::class)->withAttributes(['part' => $this->part])->orderBy('number');
    }

    public function standsAt(): int
    {
        return $this->part === self::WHOLE ? $this->company->whole_version : $this->company->undercoat_version;
    }

    public function highest(): int
    {
        return $this->part === self::WHOLE ? $this->company->whole_counter : $this->company->undercoat_counter;
    }

    public function stand(int $at, int $highest): void
    {
        if ($this->part === self::WHOLE) {
            [$this->company->whole_version, $this->company->whole_counter] = [$at, $highest];
        } else {
            [$this->company->undercoat_version, $this->company->undercoat_counter] = [$at, $highest];
        }
    }

    public function save(array $options = []): bool
    {
        return $this->company->save($options);
    }
}
