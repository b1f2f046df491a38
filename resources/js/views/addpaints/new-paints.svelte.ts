import type { PaintsAdded, TypedPaint } from '../../api/wire';
import { useWrite } from '../../api/write.svelte';
import { counted } from '../../parts/words';

/** Whether a paint can be kept as it is understood. */
export const isReady = (paint: TypedPaint) => !paint.doubt && !paint.known && !paint.twice && !paint.questions.length;

/** Puts several new paints on the shelf at once, and remembers what came of it. */
export class NewPaints {
    done = $state('');
    readonly write = useWrite();

    /** Whether they were kept. */
    async keep(paints: TypedPaint['fields'][]): Promise<boolean> {
        const answer = await this.write.send<PaintsAdded>('paint', 'POST', 'paints/many', { paints });
        if (!answer) return false;
        this.done = `${counted(answer.added + answer.changed, 'paint')} added to your shelf.`;
        return true;
    }
}
