export { readCarried, type Carried, type CarriedTexts } from './carried.ts';
export { concat } from './iptc.ts';
export { readJpeg } from './jpeg.ts';
export { provePhoto, sameImage, type PhotoProof, type ProofLine } from './proof.ts';
export { stampFields, stampJpeg, type StampFields, type StampResult, type Wordings } from './stamp.ts';
