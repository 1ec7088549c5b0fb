export { withRecordMend } from './fromRecord.ts';
export { certainMends } from './mend.ts';
export { mendAll, type MendChoices, type Mended, type MendStep } from './mendAll.ts';
export { apartFromShown, leadsTo, linkLed, shownInstead } from './shown.ts';
