/** Where a value of a range falls between two ends of a drawing; values outside stop at the ends. */
export function linear(value: number, range: [number, number], ends: [number, number]): number {
    const along = Math.max(0, Math.min(1, (value - range[0]) / (range[1] - range[0])));
    return ends[0] + along * (ends[1] - ends[0]);
}
