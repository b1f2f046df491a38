// Prints the noticeable difference along L*, a* and b* of the package d3-jnd for each line "p s".
import { createInterface } from 'node:readline';
import { createRequire } from 'node:module';

const { jndLabInterval } = createRequire(import.meta.url)('d3-jnd');
for await (const line of createInterface({ input: process.stdin })) {
    const [p, s] = line.split(' ').map(Number);
    const nd = jndLabInterval(p, s);
    console.log(JSON.stringify([nd.l, nd.a, nd.b]));
}
