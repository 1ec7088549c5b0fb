export { concat } from './bytes.ts';
export { changedFields } from './changed.ts';
export { dayTaken, readCarried, type Carried } from './carried.ts';
export {
  stampFields,
  wordingsFor,
  type MoreWords,
  type StampFields,
  type WordField,
  type Wordings,
} from './fields.ts';
export {
  formatOf,
  formats,
  isDisguised,
  isPictureName,
  readContainer,
  type PictureFormat,
} from './formats.ts';
export { readJpeg } from './jpeg.ts';
export { personalIn } from './personal.ts';
export { stampFieldNames } from './places.ts';
export { compareFields, provePhoto, sameImage, type ProofLine } from './proof.ts';
export { sidecarPacket, stampPicture, type Stamping, type StampOptions, type StampResult } from './stamp.ts';
export { wrappedPacket } from './sidecar.ts';
export { readTags, tagTexts } from './tags.ts';
export { planSet, wordsOfPicture, type OwnWords, type PlannedPicture } from './set.ts';
export {
  commentOf,
  policiesOf,
  stampJsonSchema,
  stampSchema,
  usualStamp,
  type StampSettings,
} from './settings.ts';
export { placeholders, wordingFaults } from './wording.ts';
export { readWords } from './wordsTable.ts';
