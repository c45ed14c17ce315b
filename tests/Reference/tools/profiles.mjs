// "FOLDER": writes pictures with color profiles into a folder, as cameras and programs do, and prints their names.
import sharp from 'sharp';

const folder = process.argv[2];
const picture = (profile) =>
    sharp({ create: { width: 900, height: 700, channels: 3, background: '#5f7049' } }).withIccProfile(profile);
const writers = {
    jpg: (image) => image.jpeg({ quality: 90 }),
    png: (image) => image.png(),
    tif: (image) => image.tiff({ compression: 'lzw' }),
    webp: (image) => image.webp({ quality: 90 }),
};
const made = {};
for (const profile of ['srgb', 'p3']) {
    for (const [ending, write] of Object.entries(writers)) {
        const name = `${profile}.${ending}`;
        made[name] = `${folder}/${name}`;
        await write(picture(profile)).toFile(made[name]);
    }
}
process.stdout.write(JSON.stringify(made));
