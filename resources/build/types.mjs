// Turns docs/formats/wire/*.schema.json, one a page, into resources/js/api/wire.ts.
import { readdir, readFile, writeFile } from 'node:fs/promises';
import { compile } from 'json-schema-to-typescript';

const folder = 'docs/formats/wire';
const all = { title: 'Wire', type: 'object', additionalProperties: false, properties: {}, $defs: {} };
for (const file of (await readdir(folder)).sort()) {
    const text = (await readFile(`${folder}/${file}`, 'utf8')).replace(/"\w+\.schema\.json#/g, '"#');
    const { properties, $defs } = JSON.parse(text);
    for (const [name, definition] of Object.entries($defs)) {
        if (name in all.$defs) throw new Error(`${name} is defined twice, again in ${file}.`);
        all.$defs[name] = definition;
    }
    Object.assign(all.properties, properties);
}
const types = await compile(all, 'Wire', {
    bannerComment: '/* Made from docs/formats/wire by npm run types. */',
    additionalProperties: false,
    style: { singleQuote: true, tabWidth: 4 },
});
await writeFile('resources/js/api/wire.ts', types);
