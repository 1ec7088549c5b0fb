export { readCarried, type Carried } from './carried.ts';
export { concat } from './iptc.ts';
export { readJpeg } from './jpeg.ts';
export { provePhoto, sameImage, type ProofLine } from './proof.ts';
export { stampFields, wordingsFor, type StampFields, type WordField, type Wordings } from './fields.ts';
export { jpegStamper, type StampResult } from './stamp.ts';
