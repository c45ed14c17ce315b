// Colors as they are typed on the web in; out, for each: sRGB from 0 to 255, not rounded and not cut off.
import { converter } from 'culori';

let input = '';
for await (const chunk of process.stdin) {
    input += chunk;
}
const rgb = converter('rgb');
process.stdout.write(
    JSON.stringify(
        JSON.parse(input).map((typed) => {
            const { r, g, b } = rgb(typed);
            return [r, g, b].map((channel) => 255 * channel);
        }),
    ),
);
