/** The metadata that a picture's file holds, block by block; undefined where it has none. */
interface Blocks {
  /** A TIFF structure, without "Exif\0\0". */
  readonly exif: Uint8Array | undefined;
  /** An XMP packet in UTF-8. */
  readonly xmp: Uint8Array | undefined;
  /** Image resources with IPTC IIM, which only a JPEG has. */
  readonly resources: Uint8Array | undefined;
}

/** The blocks that are written anew; those left undefined stay as they are. */
export type NewBlocks = { readonly [Block in keyof Blocks]?: Uint8Array };

/** A file taken apart, ready to be put together again with other blocks. */
export interface Container {
  readonly format: 'JPEG' | 'PNG' | 'WebP';
  readonly blocks: Blocks;
  /** Whether the format has a place for IPTC IIM. */
  readonly takesIptc: boolean;
  /** Width and height in pixels, where a new Exif block has to say them. */
  readonly size: { readonly width: number; readonly height: number } | undefined;
  /** The packed texts of a PNG by their keywords, of those keywords that a stamp's fields have; of a profile, that it is there. */
  readonly texts?: ReadonlyMap<string, string>;
  /** Whether it holds content credentials (C2PA Specification, "Embedding manifests"): they are signed over its bytes. */
  readonly isSigned: boolean;
  /** Whether further pictures stand behind the first, with metadata of their own (CIPA DC-007). */
  readonly isMultiple?: boolean;
  /** What is no metadata: the stretches that have to be the same before and after. */
  readonly image: readonly Uint8Array[];
  /**
   * The file with new blocks, in stretches; its image is the same memory. A block that is too large gives a message.
   * Texts of a PNG that stand under one of the keywords say the new one, or go where that is ''; none is added. A
   * thumbnail that stands beside the blocks goes where that is asked for.
   */
  readonly write: (
    blocks: NewBlocks,
    texts?: ReadonlyMap<string, string>,
    removesThumbnail?: boolean,
  ) => ContainerWriting;
}

export type ContainerReading =
  { readonly ok: true; readonly container: Container } | { readonly ok: false; readonly message: string };

type ContainerWriting =
  | { readonly ok: true; readonly parts: readonly Uint8Array[] }
  | { readonly ok: false; readonly message: string };
