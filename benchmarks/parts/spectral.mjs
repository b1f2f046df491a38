// Mixes of an independent Kubelka-Munk library: one line in (hex parts hex parts), one JSON line out (sRGB, 0 to 1).
import { createInterface } from 'node:readline';
import { Color, mix } from 'spectral.js';

for await (const line of createInterface({ input: process.stdin })) {
    const [first, firstParts, second, secondParts] = line.split(' ');
    const made = mix([new Color(first), Number(firstParts)], [new Color(second), Number(secondParts)]);
    console.log(JSON.stringify(made.sRGB.map((v) => Math.min(255, Math.max(0, v)) / 255)));
}
