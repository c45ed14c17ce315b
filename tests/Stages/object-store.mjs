// A stand-in for a storage that speaks S3, that keeps what it is given in a folder: node tests/Stages/object-store.mjs
// PORT FOLDER
import S3rver from 's3rver';

const [port, directory] = process.argv.slice(2);
await new S3rver({
    address: '127.0.0.1',
    port: Number(port),
    directory,
    silent: true,
    configureBuckets: [{ name: 'slate' }],
}).run();
console.log('ready');
