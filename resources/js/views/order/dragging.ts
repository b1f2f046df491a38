import type { OrderJob, OrderSlot } from '../../api/wire';
import type { Moving } from './moving.svelte';

/** So far a pressed block is drawn before it is taken up, pixels. */
const MOVED_PX = 5;

/** A block that is drawn with the mouse or a finger to where it is wanted. */
export class Dragging {
    private press: { x: number; y: number } | null = null;

    constructor(private readonly moving: Moving) {}

    down(event: PointerEvent): void {
        if (event.button === 0) this.press = { x: event.clientX, y: event.clientY };
    }

    up(): void {
        this.press = null;
    }

    move(event: PointerEvent, job: OrderJob): void {
        if (!this.press || this.moving.job) return;
        const far = Math.max(Math.abs(event.clientX - this.press.x), Math.abs(event.clientY - this.press.y));
        if (far < MOVED_PX) return;
        this.press = null;
        void this.moving.lift(job);
        const over = (e: PointerEvent) => this.over(e);
        window.addEventListener('pointermove', over);
        window.addEventListener(
            'pointerup',
            (e) => {
                window.removeEventListener('pointermove', over);
                const slot = this.under(e);
                if (slot) void this.moving.put(slot);
            },
            { once: true },
        );
    }

    private over(event: PointerEvent): void {
        const slot = this.under(event);
        if (slot) this.moving.at = this.moving.slots.indexOf(slot);
    }

    private under(event: PointerEvent): OrderSlot | null {
        for (const mark of document.elementsFromPoint(event.clientX, event.clientY)) {
            if (mark instanceof HTMLElement && mark.dataset.slot !== undefined) {
                return this.moving.slots[Number(mark.dataset.slot)] ?? null;
            }
        }
        return null;
    }
}

/** The keys that move a block which has the focus; whether this was one. */
export function moved(event: KeyboardEvent, job: OrderJob, moving: Moving): boolean {
    const lifted = moving.job?.id === job.id;
    const enters = event.key === 'Enter' || event.key === ' ';
    if (event.key === 'Escape' && lifted) moving.drop();
    else if (event.key === 'ArrowRight' && lifted) moving.step(1);
    else if (event.key === 'ArrowLeft' && lifted) moving.step(-1);
    else if (enters && lifted) void moving.put();
    else if (enters) void moving.lift(job);
    else return false;
    return true;
}
