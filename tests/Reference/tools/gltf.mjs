// Models in base 64 in; out, for each, how many errors the Khronos validator finds in it.
import validator from 'gltf-validator';

let input = '';
for await (const chunk of process.stdin) {
    input += chunk;
}
const counts = [];
for (const model of JSON.parse(input)) {
    const report = await validator
        .validateBytes(new Uint8Array(Buffer.from(model, 'base64')))
        .catch(() => ({ issues: { numErrors: 1 } }));
    counts.push(report.issues.numErrors);
}
process.stdout.write(JSON.stringify(counts));
