/** Tags of Exif 2.32 (4.6.4, 4.6.5, 4.6.6) and the XP* tags that follow them in practice. */
export const tagNumbers = {
  imageDescription: 0x010e,
  artist: 0x013b,
  copyright: 0x8298,
  exifIfd: 0x8769,
  gpsIfd: 0x8825,
  xpTitle: 0x9c9b,
  xpComment: 0x9c9c,
  xpKeywords: 0x9c9e,
  xpSubject: 0x9c9f,
  userComment: 0x9286,
  gpsVersionId: 0x0000,
  gpsLatitudeRef: 0x0001,
  gpsLatitude: 0x0002,
  gpsLongitudeRef: 0x0003,
  gpsLongitude: 0x0004,
  gpsMapDatum: 0x0012,
} as const;
