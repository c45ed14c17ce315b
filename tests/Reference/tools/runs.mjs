// Permutations in; out, for each: the length of the longest common subsequence with the sorted row, which is that of
// its longest rising run.
import { diffArrays } from 'diff';

let input = '';
for await (const chunk of process.stdin) {
    input += chunk;
}
process.stdout.write(
    JSON.stringify(
        JSON.parse(input).map((ranks) =>
            diffArrays(
                ranks,
                [...ranks].sort((a, b) => a - b),
            )
                .filter((part) => !part.added && !part.removed)
                .reduce((count, part) => count + part.value.length, 0),
        ),
    ),
);
