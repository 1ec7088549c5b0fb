export { concat } from './bytes.ts';
export { readCarried, type Carried } from './carried.ts';
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
export { personalIn, type Personal } from './personal.ts';
export { carriedText, policies, stampFieldNames, type StampField } from './places.ts';
export { compareFields, provePhoto, sameImage, type ProofLine } from './proof.ts';
export { sidecarPacket, stampPicture, type Stamping, type StampOptions, type StampResult } from './stamp.ts';
export { wrappedPacket } from './sidecar.ts';
export { readTags, tagTexts } from './tags.ts';
export {
  planSet,
  unrepeated,
  wordsOfPicture,
  type OwnWords,
  type Picture,
  type PlannedPicture,
} from './set.ts';
export { authorOf, commentOf, policiesOf, stampSchema, usualStamp, type StampSettings } from './settings.ts';
export { fillWording, placeholders, wordingFaults, type WordingFault } from './wording.ts';
export { readWords, wordHeadings } from './wordsTable.ts';
