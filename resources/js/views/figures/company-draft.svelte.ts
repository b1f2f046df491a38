import type { Company } from '../../api/wire';

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
}

/** A company as it is being written down, before the server has judged it. */
export class CompanyDraft {
    name = $state('');
    count = $state('1');
    height = $state('30');
    surface = $state('');
    areas: AreaDraft[] = $state([]);
    private next = 1;
    private readonly notes: string;

    constructor(company: Company | null) {
        this.notes = company?.notes ?? '';
        if (!company) {
            this.add();
            return;
        }
        this.name = company.name;
        this.count = String(company.count);
        this.height = String(company.height_mm);
        this.surface = String(company.surface_cm2);
        this.areas = company.areas.map((a) => ({ ...a, key: this.next++, colour: a.colour ?? '' }));
    }

    get sum(): number {
        return Math.round(this.areas.reduce((sum, a) => sum + (a.share ?? 0), 0) * 100) / 100;
    }

    get rest(): number {
        return Math.round((100 - this.sum) * 100) / 100;
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
        });
    }

    drop(key: number): void {
        this.areas = this.areas.filter((a) => a.key !== key);
    }

    body() {
        return {
            name: this.name,
            count: this.count.trim(),
            height_mm: this.height.trim().replace(',', '.'),
            surface_cm2: this.surface.trim() === '' ? null : this.surface.replace(',', '.'),
            notes: this.notes,
            areas: this.areas.map(({ id, name, material, relief, share, depth, weight, colour }) => ({
                id,
                name,
                material,
                relief,
                share,
                depth,
                weight,
                colour: colour.trim() === '' ? null : colour.trim(),
            })),
        };
    }
}
