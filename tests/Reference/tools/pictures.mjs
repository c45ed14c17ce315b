// "make FOLDER": writes pictures of 4 × 3 patches of known color in many ways of writing a picture, and names them.
// "read": of each file named in, what another engine reads of it, upright and in sRGB: its size and the color of each
// patch.
import sharp from 'sharp';

const PATCHES = [
    [180, 105, 74],
    [95, 112, 73],
    [74, 90, 111],
    [217, 201, 163],
    [138, 53, 87],
    [58, 61, 99],
    [20, 20, 22],
    [250, 249, 247],
    [200, 40, 40],
    [60, 160, 90],
    [128, 128, 128],
    [230, 190, 60],
];
const SIDE = 60;

async function patches(file) {
    const { data, info } = await sharp(file)
        .rotate()
        .toColourspace('srgb')
        .removeAlpha()
        .raw()
        .toBuffer({ resolveWithObject: true });
    const [across, down] = info.width > info.height ? [4, 3] : [3, 4];
    const colors = [];
    for (let y = 0; y < down; y++) {
        for (let x = 0; x < across; x++) {
            const at =
                (Math.floor(((y + 0.5) * info.height) / down) * info.width +
                    Math.floor(((x + 0.5) * info.width) / across)) *
                info.channels;
            colors.push(info.channels < 3 ? [data[at], data[at], data[at]] : [...data.subarray(at, at + 3)]);
        }
    }
    const meta = await sharp(file).metadata();
    return {
        width: info.width,
        height: info.height,
        colors,
        format: meta.format,
        bits: meta.depth,
        hasProfile: meta.icc !== undefined,
        hasExif: meta.exif !== undefined,
    };
}

async function make(folder) {
    const raw = Buffer.alloc(4 * SIDE * 3 * SIDE * 3);
    for (let y = 0; y < 3 * SIDE; y++) {
        for (let x = 0; x < 4 * SIDE; x++) {
            raw.set(PATCHES[Math.floor(y / SIDE) * 4 + Math.floor(x / SIDE)], (y * 4 * SIDE + x) * 3);
        }
    }
    const picture = () => sharp(raw, { raw: { width: 4 * SIDE, height: 3 * SIDE, channels: 3 } });
    const jpeg = { quality: 95, chromaSubsampling: '4:4:4' };
    const made = {};
    const keep = async (name, made_) => {
        made[name] = `${folder}/${name}`;
        await made_.toFile(made[name]);
    };
    await keep('plain.jpg', picture().jpeg(jpeg));
    await keep('wide-gamut.jpg', picture().withIccProfile('p3').jpeg(jpeg));
    await keep('wide-gamut.png', picture().withIccProfile('p3').png());
    await keep('cmyk.jpg', picture().toColourspace('cmyk').withIccProfile('cmyk').jpeg(jpeg));
    await keep('sixteen-bit.png', picture().toColourspace('rgb16').png());
    await keep('gray.png', picture().toColourspace('b-w').png());
    await keep('plain.webp', picture().webp({ lossless: true }));
    await keep('plain.tif', picture().tiff({ compression: 'lzw' }));
    await keep('cmyk.tif', picture().toColourspace('cmyk').withIccProfile('cmyk').tiff({ compression: 'lzw' }));
    await keep('plain.gif', picture().gif({ dither: 0 }));
    for (let orientation = 1; orientation <= 8; orientation++) {
        await keep(`turned-${orientation}.jpg`, picture().withMetadata({ orientation }).jpeg(jpeg));
    }
    return made;
}

let input = '';
for await (const chunk of process.stdin) {
    input += chunk;
}
const asked = JSON.parse(input);
const answer =
    asked.make !== undefined
        ? await make(asked.make)
        : Object.fromEntries(
              await Promise.all(Object.entries(asked.read).map(async ([name, file]) => [name, await patches(file)])),
          );
process.stdout.write(JSON.stringify(answer));
