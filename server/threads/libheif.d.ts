/** What is used of libheif-js, which brings no types of this entry. */
declare module 'libheif-js/wasm-bundle.js' {
  interface HeifImage {
    get_width(): number;
    get_height(): number;
    /** Whether it is the one to show of several (ISO/IEC 23008-12, `pitm`). */
    is_primary(): boolean | number;
    /** Fills the data with RGBA and hands it on; null where it cannot be decoded. Turns and mirrors are applied. */
    display(
      target: { readonly data: Uint8ClampedArray; readonly width: number; readonly height: number },
      done: (target: object | null) => void,
    ): void;
    free(): void;
  }
  const libheif: {
    /** Decodes the top-level images of a file; none of a file that it cannot read. */
    readonly HeifDecoder: new () => { decode(bytes: Uint8Array): readonly HeifImage[] };
  };
  export default libheif;
}
