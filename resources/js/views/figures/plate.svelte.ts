import type { Method } from '../../api/client';
import type { Figure, PlateAnswer, Shape } from '../../api/wire';
import { useWrite } from '../../api/write.svelte';

/** The drawing of a company while its shapes are given to areas, or outlines traced over a photograph. */
export class PlateDesk {
    said = $state('');
    tone: Shape['tone'] = $state('plane');
    /** places of the marked shapes in the plate's list */
    marked: number[] = $state([]);
    /** corners of the outline that is being traced, in units of the plate */
    points: [number, number][] = $state([]);
    private picked: number | null = $state(null);
    readonly write = useWrite();

    constructor(private readonly company: () => Figure) {}

    readonly figure: Figure = $derived.by(() => this.company());
    readonly plate = $derived(this.figure.plate?.own ? this.figure.plate : null);
    readonly free: number = $derived(this.plate?.shapes.filter((s) => s.area === null && s.tone !== 'ink').length ?? 0);
    readonly outline: string = $derived(this.points.map((p) => p.join(',')).join(' '));

    get area(): number | null {
        return this.picked ?? this.figure.areas[0]?.id ?? null;
    }

    set area(id: number | null) {
        this.picked = id;
    }

    nameOf(id: number | null): string | undefined {
        return this.figure.areas.find((a) => a.id === id)?.name;
    }

    send(file: File | undefined): void {
        if (!file) return;
        const form = new FormData();
        form.append('file', file);
        if (this.plate) form.append('version', this.plate.version);
        void this.run('POST', form);
    }

    give(): void {
        const area = this.tone === 'ink' ? null : this.area;
        this.change({ given: this.marked.map((shape) => ({ shape, area, tone: this.tone })) });
    }

    keepOutline(): void {
        this.change({ outlines: [{ area: this.area, tone: this.tone, points: this.points }] });
    }

    takeAway(): void {
        this.change({ removed: this.marked });
    }

    discard(): void {
        void this.run('DELETE', { version: this.plate?.version });
    }

    mark(shape: number): void {
        this.marked = this.marked.includes(shape) ? this.marked.filter((m) => m !== shape) : [...this.marked, shape];
    }

    /** A corner of the outline, where the pointer is. */
    place(event: MouseEvent): void {
        if (!this.plate?.picture) return;
        const svg = event.currentTarget as SVGSVGElement;
        const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()?.inverse());
        this.points = [...this.points, [Math.round(at.x), Math.round(at.y)]];
    }

    private get url(): string {
        return `companies/${this.figure.id}/plate`;
    }

    private change(body: object): void {
        void this.run('PUT', { ...body, version: this.plate?.version });
    }

    private async run(method: Method, body: object): Promise<void> {
        const answer = await this.write.send<PlateAnswer>('plate', method, this.url, body);
        if (!answer) return;
        this.said = answer.left_out;
        this.done();
    }

    /** Nothing is marked or traced any more. */
    done(): void {
        this.marked = [];
        this.points = [];
    }
}
