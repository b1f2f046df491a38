/** Whether keys pressed there are letters of a text. */
export function typesInto(target: EventTarget | null): boolean {
    return (
        (target as HTMLElement | null)?.closest?.('input:not([type="radio"], [type="checkbox"]), select, textarea') !==
        null
    );
}

interface Keys {
    name: string;
    keys: [string, string][];
}

const EVERYWHERE: Keys = {
    name: 'On every page',
    keys: [
        ['?', 'open and close this list'],
        ['Tab, Shift+Tab', 'go to the next or the last button, field or link'],
        ['Enter, Space', 'press it'],
        ['Esc', 'close a dialog or an explanation'],
    ],
};

const SEARCH: [string, string] = ['/', 'go to the search field'];
const UNDO: [string, string][] = [
    ['Ctrl+Z', 'undo'],
    ['Ctrl+Shift+Z', 'redo'],
];

/** By the first word of the address. */
const OF_PAGE: Record<string, Keys> = {
    shelf: { name: 'Shelf', keys: [SEARCH, ['arrow keys', 'on the map: go to the nearest paint that way']] },
    'add-paints': {
        name: 'Click on a picture',
        keys: [
            ['arrow keys', 'move the point on the picture; with Shift in larger steps'],
            ['Enter', 'on the picture: pick the point; in a name: go on to the next'],
        ],
    },
    book: { name: 'Recipe book', keys: [SEARCH] },
    recipe: { name: 'Recipe', keys: UNDO },
    undercoat: { name: 'Undercoat', keys: UNDO },
    bench: {
        name: 'Bench',
        keys: [
            ['Enter', 'done: on this figure, or on the whole row'],
            ['1–9', 'in a row: done on that figure'],
            ['A', 'done on all figures, all coats'],
            ['D', 'done differently'],
            ['S', 'something went wrong'],
            ['U', 'add something unplanned'],
            ['Z', 'undo the last entry'],
            ['← →', 'the step before, the step after'],
        ],
    },
};

/** What keys do on this page, and everywhere. */
export function keysOf(location: string): Keys[] {
    const page = OF_PAGE[location.split('/')[1] || 'shelf'];
    return page ? [page, EVERYWHERE] : [EVERYWHERE];
}
