// The digits of the minor unit of each currency, as the package currency-codes has them of ISO 4217.
import codes from 'currency-codes';

process.stdout.write(JSON.stringify(Object.fromEntries(codes.data.map(({ code, digits }) => [code, digits]))));
