import { tagNumbers } from './exifTags.ts';
import { pngProfiles } from './png.ts';
import { numberOf, partOf, textOf, valueOf, type Tags } from './tags.ts';

/** What of a picture's metadata says something of a person or a device. */
export interface Personal {
  readonly what: string;
  readonly value: string;
}

/** Tags of Exif that name an owner or a device; maker notes hold serial numbers of their own (Exif 2.32, 4.6.5). */
export const personalExif: ReadonlySet<number> = new Set([
  tagNumbers.cameraOwnerName,
  tagNumbers.bodySerialNumber,
  tagNumbers.lensSerialNumber,
  tagNumbers.imageUniqueId,
  tagNumbers.makerNote,
]);
export const personalIfd0: ReadonlySet<number> = new Set([
  tagNumbers.hostComputer,
  tagNumbers.cameraSerialNumber,
]);
/** Data sets of IPTC IIM 4.2, record 2: the title of the by-line, and who wrote the caption. */
export const personalIptc: readonly number[] = [85, 122];

/** Image resources that hold a small copy of the picture as it once was. */
export const thumbnailResources: ReadonlySet<number> = new Set([0x0409, 0x040c]);

const EXIF = 'http://ns.adobe.com/exif/1.0/';
const AUX = 'http://ns.adobe.com/exif/1.0/aux/';
const EXIF_EX = 'http://cipa.jp/exif/1.0/';
const IPTC_EXT = 'http://iptc.org/std/Iptc4xmpExt/2008-02-29/';

/** Properties of XMP, whole names: owner, serial numbers, writers, faces, thumbnails, and the place where it was taken. */
export const personalXmp: readonly string[] = [
  `${AUX}OwnerName`,
  `${AUX}SerialNumber`,
  `${AUX}LensSerialNumber`,
  `${EXIF_EX}CameraOwnerName`,
  `${EXIF_EX}BodySerialNumber`,
  `${EXIF_EX}LensSerialNumber`,
  `${EXIF}ImageUniqueID`,
  'http://www.metadataworkinggroup.com/schemas/regions/Regions',
  'http://ns.microsoft.com/photo/1.2/RegionInfo',
  'http://ns.adobe.com/xap/1.0/Thumbnails',
  'http://ns.adobe.com/photoshop/1.0/AuthorsPosition',
  'http://ns.adobe.com/photoshop/1.0/CaptionWriter',
  `${IPTC_EXT}ImageRegion`,
  `${IPTC_EXT}PersonInImage`,
  `${IPTC_EXT}PersonInImageWDetails`,
  `${IPTC_EXT}LocationCreated`,
  ...[
    'Latitude',
    'Longitude',
    'Altitude',
    'AltitudeRef',
    'TimeStamp',
    'DestLatitude',
    'DestLongitude',
    'ImgDirection',
    'ImgDirectionRef',
    'Speed',
    'SpeedRef',
    'Track',
    'TrackRef',
    'AreaInformation',
    'ProcessingMethod',
    'DOP',
    'MapDatum',
    'VersionID',
  ].map((name) => `${EXIF}GPS${name}`),
];

/** What belongs to the position at which a picture was taken and is not set with its coordinates (Exif 2.32, 4.6.6). */
const OF_POSITION = {
  altitude: 'GPSAltitude',
  direction: 'GPSImgDirection',
  speed: 'GPSSpeed',
  track: 'GPSTrack',
  'latitude of its destination': 'GPSDestLatitude',
  'longitude of its destination': 'GPSDestLongitude',
  'name of its area': 'GPSAreaInformation',
} as const;

/** What a picture says of where it was taken besides its coordinates. */
export const besidesCoordinates = ({ exif, xmp }: Tags): readonly Personal[] =>
  Object.entries(OF_POSITION).flatMap(([what, name]) => {
    const value = textOf(exif[name]) || textOf(xmp[name]);
    return value ? [{ what, value }] : [];
  });

/** What the place where a picture was taken is called among them. */
export const POSITION = 'position';

/** What a picture holds of this, for people to see before it goes. */
export function personalIn(tags: Tags): readonly Personal[] {
  const { exif, iptc, xmp, gps, thumbnail, png } = tags;
  const text = (what: string, value: string): Personal[] =>
    value.trim() ? [{ what, value: value.trim() }] : [];
  const has = (what: string, tag: unknown, value: string): Personal[] => (tag ? [{ what, value }] : []);
  return [
    ...text(
      'owner',
      textOf(exif['CameraOwnerName']) || textOf(xmp['OwnerName']) || textOf(xmp['CameraOwnerName']),
    ),
    ...text(
      'serial number',
      textOf(exif['BodySerialNumber']) ||
        textOf(exif['CameraSerialNumber']) ||
        textOf(xmp['SerialNumber']) ||
        textOf(xmp['BodySerialNumber']),
    ),
    ...text('writer of the caption', textOf(xmp['CaptionWriter']) || textOf(iptc['Writer/Editor'])),
    ...text('position of the author', textOf(xmp['AuthorsPosition']) || textOf(iptc['By-line Title'])),
    ...text('lens serial number', textOf(exif['LensSerialNumber']) || textOf(xmp['LensSerialNumber'])),
    ...text('computer', textOf(exif['HostComputer'])),
    ...text('number of the picture', textOf(exif['ImageUniqueID'])),
    ...has('maker note', exif['MakerNote'], 'there'),
    ...has('copy of its Exif in a text', pngProfiles.map((keyword) => png[keyword]).find(Boolean), 'there'),
    ...has(
      'faces',
      xmp['Regions'] ?? xmp['RegionInfo'] ?? xmp['ImageRegion'] ?? xmp['PersonInImage'],
      'marked',
    ),
    ...has('thumbnail', thumbnail['JPEGInterchangeFormat'] ?? xmp['Thumbnails'], 'there'),
    ...text('place where it was taken', partOf(xmp['LocationCreated'], 'City')),
    ...has(
      POSITION,
      valueOf(exif['GPSLatitude']) ?? gps['Latitude'],
      [gps['Latitude'], gps['Longitude']].flatMap((one) => numberOf(one) ?? []).join(', ') || 'there',
    ),
  ];
}
