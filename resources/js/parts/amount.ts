import type { Amount } from '../api/wire';
import { counted } from './words';

type Batch = Pick<Amount, 'drops' | 'thinner_drops'>;

/** "2 Bone, 1 Rust and 3 of water", "2 drops and 2 of water", and of a second colour what it takes. */
export function batch(amount: Amount, thinner: string): string {
    const one = (b: Batch, named: boolean) =>
        `${b.drops.map((d) => (named ? `${d.drops} ${d.paint}` : counted(d.drops, 'drop'))).join(', ')}${
            b.thinner_drops ? ` and ${b.thinner_drops} of ${thinner}` : ''
        }`;
    return amount.meets
        ? `${one(amount, true)}; beside it ${one(amount.meets, true)}`
        : one(amount, amount.drops.length > 1);
}
