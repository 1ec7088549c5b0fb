export { noText } from './binary.ts';
export * from './bytePlaces.ts';
export * from './decode.ts';
export {
  encodingsOfLanguage,
  guessedEncodings,
  hasSignInWord,
  isValidIn,
  latinEncodings,
  likelyEncodings,
  type GuessedEncoding,
  type Likely,
} from './guess.ts';
