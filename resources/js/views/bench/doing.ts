import type { BenchStep } from '../../api/wire';

/** What is written down besides the work that is planned. */
export type Occasion = 'slip' | 'repair' | 'test' | 'other';

export interface Real {
    mix: { paint_id: number | null; name: string; parts: number | null }[];
    thin: string | null;
    coats: number | null;
    tool: string | null;
    minutes: number | null;
    rounds: number | null;
    /** what was done outside the plan */
    technique?: string | null;
}

export interface Doing {
    area_id: number | null;
    step: string | null;
    /** what was planned, as it was shown */
    as: BenchStep['as'] | null;
    stage: string;
    figures: number[];
    real: Real;
    note: string;
    /** when it was done, as this device's clock has it */
    at?: string;
    kind?: Occasion;
    mishap?: { what: string; step: string | null; on: number | null };
}

export const OCCASIONS: Record<Occasion, string> = {
    slip: 'Slip',
    repair: 'Repair',
    test: 'Test piece',
    other: 'Something else',
};
