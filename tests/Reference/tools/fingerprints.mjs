// Pictures of 32 × 32 grays in; out, the 64 bits that another library makes of each: row by row of waves across, then
// down.
import phash from 'sharp-phash';
import sharp from 'sharp';

let input = '';
for await (const chunk of process.stdin) {
    input += chunk;
}
const bits = [];
for (const grays of JSON.parse(input)) {
    bits.push(
        await phash(
            await sharp(Buffer.from(grays), { raw: { width: 32, height: 32, channels: 1 } })
                .png()
                .toBuffer(),
        ),
    );
}
process.stdout.write(JSON.stringify(bits));
