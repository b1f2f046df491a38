export type SurroundName = 'light' | 'dark';

const KEY = 'kalokroma.surround';

/** Light or dark neutral surroundings, as the painter chose on this device; the Bench starts dark. */
class Surround {
    private pages: SurroundName = $state(read(KEY, 'light'));
    private bench: SurroundName = $state(read(`${KEY}.bench`, 'dark'));
    atBench = $state(false);

    get current(): SurroundName {
        return this.atBench ? this.bench : this.pages;
    }

    toggle(): void {
        const next = this.current === 'light' ? 'dark' : 'light';
        if (this.atBench) {
            this.bench = next;
            localStorage.setItem(`${KEY}.bench`, next);
        } else {
            this.pages = next;
            localStorage.setItem(KEY, next);
        }
    }

    /** Carbon's themes and our own tokens follow the same choice. */
    apply(): void {
        document.documentElement.setAttribute('theme', this.current === 'dark' ? 'g100' : 'white');
        document.documentElement.dataset.surround = this.current;
    }
}

function read(key: string, otherwise: SurroundName): SurroundName {
    const kept = localStorage.getItem(key);
    return kept === 'light' || kept === 'dark' ? kept : otherwise;
}

export const surround = new Surround();
