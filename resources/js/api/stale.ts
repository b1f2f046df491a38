/** Everything whose answers are laid with paints of the shelf. */
const LAID = [
    'shelf',
    'told',
    'figures',
    'recipe',
    'scheme',
    'undercoat',
    'bench',
    'order',
    'book',
    'start',
    'tonight',
    'sitting',
] as const;

/**
 * What each change makes stale: the first words of keys in queries.ts, with everything below them. The first one is waited for, so
 * that what was written is seen when the page goes on.
 */
export const STALE = {
    paint: [...LAID, 'session'],
    stock: LAID,
    lesson: LAID,
    purchase: LAID,
    prices: ['prices', 'shelf'],
    figure: [
        'figures',
        'tonight',
        'scheme',
        'undercoat',
        'recipe',
        'bench',
        'order',
        'book',
        'ledger',
        'shelf',
        'start',
    ],
    plate: ['figures'],
    scheme: ['scheme', 'tonight', 'figures', 'undercoat', 'recipe', 'bench', 'order', 'shelf', 'start'],
    trial: ['scheme', 'recipe'],
    undercoat: ['undercoat', 'tonight', 'recipe', 'figures', 'scheme', 'bench', 'order', 'shelf', 'start'],
    recipe: ['recipe', 'tonight', 'figures', 'scheme', 'undercoat', 'bench', 'order', 'shelf', 'start'],
    book: ['book'],
    told: ['told'],
    brought: ['book', 'tonight', 'figures', 'scheme', 'undercoat', 'recipe', 'bench', 'order', 'shelf', 'start'],
    record: [
        'bench',
        'tonight',
        'sitting',
        'order',
        'ledger',
        'figures',
        'recipe',
        'undercoat',
        'shelf',
        'start',
        'session',
    ],
    sitting: ['sitting', 'bench', 'tonight', 'session'],
    habits: ['recipe', 'tonight', 'bench', 'order', 'undercoat', 'figures', 'scheme', 'shelf', 'vocabulary'],
    order: ['order', 'tonight'],
    shown: [],
    session: ['session', 'invitation'],
    account: ['account'],
    devices: ['devices'],
} as const satisfies Record<string, readonly string[]>;

export type Change = keyof typeof STALE;
