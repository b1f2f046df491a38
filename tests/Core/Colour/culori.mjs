// Reads hex colours, one a line, and prints what the package culori makes of them: Lab under D65, OKLCh, and the
// CIEDE2000 difference from the colour before.
import { createInterface } from 'node:readline';
import { converter, differenceCiede2000, parse } from 'culori';

const lab = converter('lab65');
const oklch = converter('oklch');
const difference = differenceCiede2000();
let before = null;
for await (const line of createInterface({ input: process.stdin })) {
    const colour = parse(line);
    const a = lab(colour);
    const b = oklch(colour);
    console.log(JSON.stringify([a.l, a.a, a.b, b.l, b.c, b.h ?? 0, before ? difference(before, colour) : 0]));
    before = colour;
}
