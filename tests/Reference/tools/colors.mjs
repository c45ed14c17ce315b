// Pairs of hex colors in; out, for each: the first in CIE Lab under D65, the difference by CIEDE2000, the luminance of
// the first, the contrast of the two.
import { converter, differenceCiede2000, wcagContrast, wcagLuminance } from 'culori';

let input = '';
for await (const chunk of process.stdin) {
    input += chunk;
}
const lab = converter('lab65');
const difference = differenceCiede2000();
process.stdout.write(
    JSON.stringify(
        JSON.parse(input).map(([one, other]) => {
            const { l, a, b } = lab(one);
            return {
                lab: [l, a, b],
                difference: difference(one, other),
                luminance: wcagLuminance(one),
                contrast: wcagContrast(one, other),
            };
        }),
    ),
);
