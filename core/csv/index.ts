export { csvEncodings, guessCsvEncoding, type CsvEncoding } from './encoding.ts';
export * from './read.ts';
export * from './write.ts';
