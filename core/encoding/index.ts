export * from './bytePlaces.ts';
export * from './decode.ts';
export {
  guessedEncodings,
  hasSignInWord,
  isValidIn,
  likelyEncodings,
  type GuessedEncoding,
  type Likely,
} from './guess.ts';
