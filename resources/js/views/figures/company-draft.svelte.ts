import type { AreaDraft as Proposed, Figure } from '../../api/wire';

export interface AreaDraft {
    key: number;
    id: number | null;
    name: string;
    material: string;
    relief: string;
    share: number | null;
    depth: number | null;
    weight: string;
    colour: string;
    /** keys of the areas it lies beside */
    touches: number[];
    part: string;
    reachable: boolean;
    fragile: boolean;
    notes: string;
}

/** A company as it is being written down, before the server has judged it. */
export class CompanyDraft {
    name = $state('');
    kind = $state('foot');
    count = $state('1');
    leaders = $state('0');
    height = $state('30');
    surface = $state('');
    notes = $state('');
    matches = $state('');
    areas: AreaDraft[] = $state([]);
    private next = 1;
    /** the areas of the template as it was laid out; empty without */
    private template = '';
    /** ids of the areas it was opened with */
    private readonly known = new Set<number>();

    constructor(
        private readonly company: Figure | null,
        /** whether the painter measures in inches */
        readonly inches: boolean,
    ) {
        if (!company) return;
        this.name = company.name;
        this.kind = company.kind;
        this.count = String(company.count);
        this.leaders = String(company.leaders);
        this.height = String(inches ? company.height_in : company.height_mm);
        this.surface = String(company.surface_cm2);
        this.notes = company.notes;
        this.matches = company.matches_id === null ? '' : String(company.matches_id);
        this.adopt(company);
    }

    /** Takes in the areas it does not know of, which another window added: saving this draft never deletes them. */
    adopt(company: Figure): void {
        const added = company.areas.filter((a) => !this.known.has(a.id));
        const keys = new Map([
            ...this.areas.flatMap((a): [number, number][] => (a.id === null ? [] : [[a.id, a.key]])),
            ...added.map((a): [number, number] => [a.id, this.next++]),
        ]);
        for (const a of added) {
            this.known.add(a.id);
            this.areas.push({
                ...a,
                key: keys.get(a.id) ?? 0,
                colour: a.colour ?? '',
                touches: a.touches.flatMap((id) => keys.get(id) ?? []),
            });
        }
    }

    get sum(): number {
        return Math.round(this.areas.reduce((sum, a) => sum + (a.share ?? 0), 0) * 100) / 100;
    }

    get rest(): number {
        return Math.round((100 - this.sum) * 100) / 100;
    }

    /** Whether the areas are still those of a template, or none were written down. */
    get isBare(): boolean {
        return (
            this.areas.every((a) => a.id === null && a.name === '') ||
            JSON.stringify(bare(this.areas)) === this.template
        );
    }

    add(): void {
        this.areas.push({
            key: this.next++,
            id: null,
            name: '',
            material: 'cloth',
            relief: 'tight',
            share: null,
            depth: 3,
            weight: 'supporting',
            colour: '',
            touches: [],
            part: '',
            reachable: true,
            fragile: false,
            notes: '',
        });
    }

    /** Begins with the areas a template proposes. */
    begin(template: Proposed[]): void {
        const keys = new Map(template.map((a) => [a.name, this.next++]));
        this.areas = template.map((a) => ({
            ...a,
            key: keys.get(a.name) ?? 0,
            id: null,
            colour: '',
            part: '',
            notes: '',
            touches: a.touches.flatMap((name) => keys.get(name) ?? []),
        }));
        this.template = JSON.stringify(bare(this.areas));
    }

    /** Begins with one empty area. */
    clear(): void {
        this.areas = [];
        this.template = '';
        this.add();
    }

    drop(key: number): void {
        this.areas = this.areas
            .filter((a) => a.key !== key)
            .map((a) => ({ ...a, touches: a.touches.filter((t) => t !== key) }));
    }

    /** Being neighbours holds for both. */
    touch(one: number, other: number, beside: boolean): void {
        for (const [a, b] of [
            [one, other],
            [other, one],
        ] as const) {
            const area = this.areas.find((x) => x.key === a);
            if (area) area.touches = [...area.touches.filter((t) => t !== b), ...(beside ? [b] : [])];
        }
    }

    /** The height in the painter's unit; one that was not touched stays as exact as it is. */
    private measured() {
        const said = this.height.trim().replace(',', '.');
        if (!this.inches) return { height_mm: said };
        return this.company && said === String(this.company.height_in)
            ? { height_mm: this.company.height_mm }
            : { height_in: said, height_mm: said };
    }

    body(normalise: boolean) {
        const names = new Map(this.areas.map((a) => [a.key, a.name]));
        return {
            name: this.name,
            kind: this.kind,
            count: this.count.trim(),
            leaders: this.leaders.trim() === '' ? 0 : this.leaders.trim(),
            ...this.measured(),
            surface_cm2: this.surface.trim() === '' ? null : this.surface.replace(',', '.'),
            notes: this.notes,
            matches_id: this.matches === '' ? null : Number(this.matches),
            normalise,
            areas: this.areas.map(({ key: _, colour, touches, ...area }) => ({
                ...area,
                colour: colour.trim() === '' ? null : colour.trim(),
                touches: touches.flatMap((t) => names.get(t) || []),
            })),
        };
    }
}

/** What tells areas apart from those of another draft. */
const bare = (areas: AreaDraft[]) => areas.map(({ key: _, touches, ...area }) => ({ ...area, beside: touches.length }));
