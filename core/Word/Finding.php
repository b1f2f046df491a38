<?php

declare(strict_types=1);

namespace Kalokroma\Word;

/** Something the core found, as a code with the facts it was computed from, and one plain sentence made of them. */
final readonly class Finding
{
    /**
     * @param string $template an ICU message; what it counts stands as `{count, plural, one {# coat} other {# coats}}`
     * @param array<string, string|int|float> $facts numbers are printed with at most one decimal, and never as −0
     * @param Reason $about what it is a reason for
     */
    public function __construct(
        public string $code,
        public string $template,
        public array $facts = [],
        public Reason $about = Reason::Other,
    ) {
    }

    public function sentence(): string
    {
        return ucfirst(Message::said($this->template, $this->facts));
    }
}
