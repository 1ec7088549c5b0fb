export { concat } from './bytes.ts';
export { changedFields } from './changed.ts';
export { dayTaken, readCarried, type Carried } from './carried.ts';
export { stampFields, stampFieldsSchema, type StampFields } from './fields.ts';
export {
  formatOf,
  formats,
  isDisguised,
  isMeantPicture,
  isPictureName,
  readContainer,
  type PictureFormat,
} from './formats.ts';
export { readJpeg } from './jpeg.ts';
export { personalIn } from './personal.ts';
export { imageElements, imageObjects, imageSitemap, type ToldPicture } from './pictureMarkup.ts';
export { overlong } from './room.ts';
export { photoReport } from './report.ts';
export { fieldName, stampFieldNames, type Policy, type StampField } from './places.ts';
export { compareFields, provePhoto, sameImage, type ProofLine } from './proof.ts';
export { sidecarPacket, stampPicture, type Stamping, type StampOptions, type StampResult } from './stamp.ts';
export { sidecarNames, wrappedPacket } from './sidecar.ts';
export { readTags, tagTexts } from './tags.ts';
export { packetText } from './xmp.ts';
export type { OwnWords } from './ownWords.ts';
export { plannedAgain, planSet, subjectOf, type Picture, type PlannedPicture } from './set.ts';
export {
  commentFacts,
  commentOf,
  firstStamp,
  policiesOf,
  stampJsonSchema,
  stampSchema,
  usualStamp,
  type StampSettings,
} from './settings.ts';
export { placeholders, wordingFaults, wordLists } from './wording.ts';
export { giveWords, readWords, type FoundPicture } from './wordsTable.ts';
