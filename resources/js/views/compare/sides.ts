import type { Compared } from '../../api/wire';

/** What is asked of one side of a comparison, empty where nothing is. */
export type Asked = Compared['sides'][number]['asked'];

/** The name that a side has in an address. */
export const nth = (side: number) => 'abcd'.charAt(side);

/** Whatever one of these says, a side has one source: who picks another lets go of the one before. */
const SOURCES: (keyof Asked)[] = ['way', 'from', 'told'];

/** What is asked of these sides, as an address; a side of which nothing is asked is as planned. */
export function addressOf(area: number | null, sides: Asked[]): URLSearchParams {
    const all = new URLSearchParams(area ? { area: String(area) } : {});
    sides.forEach((side, i) => {
        const said = Object.entries(side).filter(([, was]) => was !== '');
        for (const [of, was] of said) all.set(`${nth(i)}[${of}]`, was);
        if (!said.length) all.set(nth(i), 'planned');
    });
    return all;
}

export function withSaid(side: Asked, name: keyof Asked, value: string): Asked {
    const now = { ...side };
    if (SOURCES.includes(name)) for (const other of SOURCES) now[other] = '';
    return { ...now, [name]: value };
}
