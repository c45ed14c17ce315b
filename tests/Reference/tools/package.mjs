// Reads an unpacked package with libraries that nobody here wrote, and says what they find amiss, as JSON.
import { Package } from 'datapackage';

const folder = process.argv[2];
const found = [];
const rows = {};
const data = await Package.load(`${folder}/datapackage.json`, { basePath: folder });
found.push(...data.errors.map((error) => `descriptor: ${error.message}`));
for (const resource of data.resources.filter((one) => one.tabular)) {
    try {
        const read = await resource.read({ keyed: true, relations: true });
        rows[resource.name] = read.length;
    } catch (error) {
        const all = error.multiple ? error.errors : [error];
        found.push(...all.map((one) => `${resource.name}: ${one.message}`));
    }
}
process.stdout.write(JSON.stringify({ found, rows }));
