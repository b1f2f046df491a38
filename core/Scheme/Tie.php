<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\PlainName;
use Kalokroma\Figure\Material;
use Kalokroma\Word\Message;

/** An area beside its counterpart on a company that it is meant to match. */
final readonly class Tie
{
    /**
     * @param string $company the other one
     * @param float $apart the two colours, CIEDE2000; 0 while this area has none
     */
    public function __construct(
        public Bond $bond,
        public string $company,
        public Coloured $here,
        public Coloured $there,
        public float $apart,
    ) {
    }

    /** Whether both are what the figures stand on: those may share their whole recipe. */
    public function isOfBases(): bool
    {
        return $this->here->area->material === Material::Ground && $this->there->area->material === Material::Ground
            && !in_array($this->bond, [Bond::Spot, Bond::NoSpot], true);
    }

    public function sentence(): string
    {
        $facts = [
            'here' => $this->here->area->name,
            'small' => mb_strtolower($this->here->area->name),
            'there' => mb_strtolower($this->there->area->name),
            'company' => $this->company,
            'off' => $this->apart,
            'cm2' => $this->here->area->surfaceCm2,
            'colour' => $this->there->lab === null ? '' : PlainName::of(Oklch::fromLab($this->there->lab)),
        ];

        return Message::said(match ($this->bond) {
            Bond::Near => '{here}: {off} off the {there} of {company}. That is neither the same nor clearly another: use its colour, or '
                .'move further away.',
            Bond::NoSpot => 'Nothing here has the {colour} of the {there} of {company}. On the {small} ({cm2} cm²) it would tie them '
                .'together.',
            Bond::Spot => 'The {colour} of the {there} of {company} is found again on the {small}, {off} off: it ties them together.',
            Bond::Same => '{here}: the same as on {company} ({off} off).',
            Bond::Variant => '{here}: clearly another colour than on {company} ({off} off), a variant.',
        }, $facts);
    }
}
