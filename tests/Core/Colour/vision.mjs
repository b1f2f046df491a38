// Reads "kind red green blue" with linear components and prints what culori's matrices make of them: it multiplies
// whatever components it is given.
import { createInterface } from 'node:readline';
import { filterDeficiencyDeuter, filterDeficiencyProt, filterDeficiencyTrit } from 'culori';

const see = {
    protanopia: filterDeficiencyProt(1),
    deuteranopia: filterDeficiencyDeuter(1),
    tritanopia: filterDeficiencyTrit(1),
};
for await (const line of createInterface({ input: process.stdin })) {
    const [kind, r, g, b] = line.split(' ');
    const seen = see[kind]({ mode: 'rgb', r: Number(r), g: Number(g), b: Number(b) });
    console.log(JSON.stringify([seen.r, seen.g, seen.b]));
}
