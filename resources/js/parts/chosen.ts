/** What an address asks for: the first of all where it names none, null where it names one that is not there. */
export function chosen<T extends { id: number }>(all: T[], asked: string | null | undefined): T | null {
    if (asked === null || asked === undefined || asked === '') return all[0] ?? null;
    return all.find((each) => String(each.id) === asked) ?? null;
}
