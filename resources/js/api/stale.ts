/** Everything whose answers are laid with paints of the shelf. */
const LAID = ['shelf', 'figures', 'recipe', 'scheme', 'undercoat', 'bench', 'book', 'start'] as const;

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
    figure: ['figures', 'scheme', 'undercoat', 'recipe', 'bench', 'book', 'ledger', 'shelf', 'start'],
    plate: ['figures'],
    scheme: ['scheme', 'figures', 'undercoat', 'recipe', 'bench', 'shelf', 'start'],
    trial: ['scheme', 'recipe'],
    undercoat: ['undercoat', 'recipe', 'figures', 'scheme', 'bench', 'shelf', 'start'],
    recipe: ['recipe', 'figures', 'scheme', 'undercoat', 'bench', 'shelf', 'start'],
    book: ['book'],
    brought: ['book', 'figures', 'scheme', 'undercoat', 'recipe', 'bench', 'shelf', 'start'],
    record: ['bench', 'ledger', 'figures', 'recipe', 'undercoat', 'shelf', 'start'],
    habits: ['recipe', 'bench', 'undercoat', 'figures', 'scheme', 'shelf', 'vocabulary'],
    session: ['session', 'invitation'],
    account: ['account'],
    devices: ['devices'],
} as const satisfies Record<string, readonly string[]>;

export type Change = keyof typeof STALE;
