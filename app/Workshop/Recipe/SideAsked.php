<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use Kalokroma\Recipe\Plan\Contrast;
use Kalokroma\Recipe\Technique\Way;

/** What is asked of one side of a comparison; as planned where nothing is. */
final readonly class SideAsked
{
    /**
     * @param string|null $ground id of a ground, null for the one that is there
     * @param int|null $trial of whose colours, null for those that are chosen
     * @param string $from `start:ID`, `book:ID` or `area:ID`, what the recipe is taken from; empty for none
     * @param string $told a recipe in somebody's words; empty for none
     */
    public function __construct(
        public ?Way $way = null,
        public ?Contrast $contrast = null,
        public ?string $ground = null,
        public ?int $trial = null,
        public string $from = '',
        public string $told = '',
    ) {
    }

    /** As a page sends it: strings by name; what is not understood counts as not asked. */
    public static function read(mixed $given): self
    {
        $given = is_array($given) ? $given : [];
        $said = static fn (string $key): string => is_string($given[$key] ?? null) ? trim($given[$key]) : '';

        return new self(
            Way::tryFrom($said('way')),
            Contrast::tryFrom($said('contrast')),
            $said('ground') === '' ? null : $said('ground'),
            $said('trial') === '' ? null : (int) $said('trial'),
            preg_match('/^(?:start:[a-z-]+|(?:book|area):\d+)$/D', $said('from')) === 1 ? $said('from') : '',
            mb_substr($said('told'), 0, 4000),
        );
    }

    public function isAsPlanned(): bool
    {
        return $this->way === null && $this->contrast === null && $this->trial === null && $this->from === '' && $this->told === '';
    }

    /** @return array{string, string} kind and id of what the recipe is taken from */
    public function source(): array
    {
        return [...explode(':', $this->from, 2), '', ''];
    }

    /** @return array<string, string> as it is asked for, so that a page can show it */
    public function asked(): array
    {
        return [
            'way' => $this->way->value ?? '',
            'contrast' => $this->contrast->value ?? '',
            'ground' => $this->ground ?? '',
            'trial' => $this->trial === null ? '' : (string) $this->trial,
            'from' => $this->from,
            'told' => $this->told,
        ];
    }
}
