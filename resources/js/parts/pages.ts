export interface Page {
    path: string;
    name: string;
}

export const pages: Page[] = [
    { path: 'tonight', name: 'Tonight' },
    { path: 'shelf', name: 'Shelf' },
    { path: 'figures', name: 'Figures' },
    { path: 'scheme', name: 'Scheme' },
    { path: 'recipe', name: 'Recipe' },
    { path: 'order', name: 'Running order' },
    { path: 'bench', name: 'Bench' },
    { path: 'ledger', name: 'Ledger' },
    { path: 'tables', name: 'Tables' },
];

/** Pages that belong together, in the second line of the head. */
export const together: Record<string, Page[]> = {
    shelf: [
        { path: 'shelf', name: 'Paints' },
        { path: 'add-paints', name: 'Add paints' },
        { path: 'buy', name: 'Stock check and shopping' },
        { path: 'own', name: 'What you own' },
    ],
    scheme: [
        { path: 'scheme', name: 'Scheme' },
        { path: 'undercoat', name: 'Undercoat' },
    ],
    recipe: [
        { path: 'recipe', name: 'Recipe' },
        { path: 'compare', name: 'Compare' },
        { path: 'book', name: 'Recipe book' },
    ],
};
