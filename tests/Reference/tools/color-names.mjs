// The names of colors of the web, each with red, green and blue.
import names from 'color-name';

process.stdout.write(JSON.stringify(names));
