/** How large what users bring may be. Larger input gets a clear message and nothing is lost. */
export const limits = {
  /** A page or pasted source, bytes. */
  pageBytes: 16 * 1024 * 1024,
  /** Photos that are stamped in one go. */
  photosInSet: 10_000,
  /** A photo, bytes. */
  photoBytes: 100 * 1024 * 1024,
  /** Pixels of a picture that is decoded. */
  photoPixels: 80_000_000,
  /** The same of a HEIC, which takes more memory for each. */
  heicPixels: 50_000_000,
  /** All files of one upload together, bytes. */
  uploadBytes: 512 * 1024 * 1024,
  /** The zip of a whole client, bytes, and the list in it of what it holds. */
  archiveBytes: 8 * 1024 * 1024 * 1024,
  manifestBytes: 128 * 1024 * 1024,
  /** Characters of a page's path on its site, and of an address. */
  pathLength: 500,
  addressLength: 2000,
  /** Findings of one page, and of a whole site, that are kept; the others are counted. */
  keptFindings: 500,
  /** What a page's businesses may take, bytes of JSON. */
  carriedBytes: 4 * 1024 * 1024,
  /** How deep JSON of a request may be nested. */
  jsonDepth: 64,
  /** Old-generation heap of one thread, MB. */
  threadMegabytes: 1024,
  /** Days that what was deleted can be brought back. */
  trashDays: 30,
  /** A zip of photos as uploaded, bytes. */
  photosZipBytes: 2 * 1024 * 1024 * 1024,
  /** A zip of pages as uploaded, bytes. */
  zipBytes: 100 * 1024 * 1024,
  /** Everything a zip holds when unpacked, bytes. */
  unpackedBytes: 200 * 1024 * 1024,
  /** Files in a zip. */
  zipEntries: 5000,
  /** How many times larger than packed an entry may be: text packs 20 times, a bomb a thousand. */
  zipRatio: 200,
  /** A spreadsheet of branches, bytes. */
  csvBytes: 32 * 1024 * 1024,
  /** Branches taken in at once. */
  importRows: 10_000,
  /** The JSON of branches taken in at once, bytes. */
  importBytes: 64 * 1024 * 1024,
  /** Pages of one check. */
  sitePages: 2000,
  /** Pages that are shown while a check is carried out. */
  pagesOnTheWay: 100,
  /** Files taken into a check at once. */
  checkFiles: 500,
  /** A sitemap when unpacked, bytes (sitemaps.org, 0.9). */
  sitemapBytes: 50 * 1024 * 1024,
  /** A request's JSON, bytes. */
  jsonBytes: 512 * 1024,
} as const;

/** "16 MB", for messages. */
export const megabytes = (bytes: number): string => `${String(Math.round(bytes / 1024 / 1024))} MB`;
