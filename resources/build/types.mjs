// Turns docs/formats/wire.schema.json into resources/js/api/wire.ts.
import { writeFile } from 'node:fs/promises';
import { compileFromFile } from 'json-schema-to-typescript';

const types = await compileFromFile('docs/formats/wire.schema.json', {
    bannerComment: '/* Made from docs/formats/wire.schema.json by npm run types. */',
    additionalProperties: false,
    style: { singleQuote: true, tabWidth: 4 },
});
await writeFile('resources/js/api/wire.ts', types);
