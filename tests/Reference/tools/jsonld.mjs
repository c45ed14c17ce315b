// Expands a JSON-LD document with jsonld.js, and checks its properties against schema.org as schema-dts has it, with
// TypeScript.
import { readFileSync, writeFileSync, unlinkSync } from 'node:fs';
import { join } from 'node:path';
import jsonld from 'jsonld';
import ts from 'typescript';

const document = JSON.parse(readFileSync(0, 'utf8'));

// schema.org's published context maps every term into its vocabulary; the address terms are ids.
const context = {
    '@vocab': 'https://schema.org/',
    id: '@id',
    type: '@type',
    url: { '@type': '@id' },
    contentUrl: { '@type': '@id' },
    availability: { '@type': '@id' },
    variesBy: { '@type': '@vocab' },
};
const documentLoader = async (url) => {
    if (!/^https?:\/\/schema\.org\/?$/.test(url)) {
        throw new Error(`The document asks for ${url}`);
    }
    return { contextUrl: null, document: { '@context': context }, documentUrl: url };
};
const expanded = await jsonld.expand(document, { documentLoader });

const file = join(process.cwd(), `tests/Reference/tools/check-${process.pid}.ts`);
const type = document['@type'];
writeFileSync(
    file,
    `import type { WithContext, ${type} } from 'schema-dts';\nconst document: WithContext<${type}> = ${JSON.stringify(document)};\nexport default document;\n`,
);
try {
    const program = ts.createProgram([file], {
        noEmit: true,
        strict: true,
        skipLibCheck: true,
        types: [],
        moduleResolution: ts.ModuleResolutionKind.NodeJs,
    });
    const faults = ts
        .getPreEmitDiagnostics(program)
        .map((fault) => ts.flattenDiagnosticMessageText(fault.messageText, '\n').slice(0, 600));
    process.stdout.write(JSON.stringify({ expanded, faults }));
} finally {
    unlinkSync(file);
}
