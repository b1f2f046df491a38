/** Everything whose answers are laid with paints of the shelf. */
const LAID = ['shelf', 'figures', 'recipe', 'scheme', 'undercoat', 'bench', 'book'] as const;

/**
 * What each change makes stale: the first words of keys in queries.ts, with everything below them. The first one is waited for, so
 * that what was written is seen when the page goes on.
 */
export const STALE = {
    paint: LAID,
    stock: LAID,
    lesson: LAID,
    purchase: LAID,
    prices: ['prices', 'shelf'],
    figure: ['figures', 'scheme', 'undercoat', 'recipe', 'bench', 'book', 'ledger', 'shelf'],
    plate: ['figures'],
    scheme: ['scheme', 'figures', 'undercoat', 'recipe', 'bench', 'shelf'],
    trial: ['scheme', 'recipe'],
    undercoat: ['undercoat', 'recipe', 'figures', 'scheme', 'bench', 'shelf'],
    recipe: ['recipe', 'figures', 'scheme', 'undercoat', 'bench', 'shelf'],
    book: ['book'],
    brought: ['book', 'figures', 'scheme', 'undercoat', 'recipe', 'bench', 'shelf'],
    record: ['bench', 'ledger', 'figures', 'recipe', 'undercoat', 'shelf'],
    habits: ['recipe', 'bench', 'undercoat', 'figures', 'scheme', 'shelf', 'vocabulary'],
    session: ['session'],
} as const satisfies Record<string, readonly string[]>;

export type Change = keyof typeof STALE;
