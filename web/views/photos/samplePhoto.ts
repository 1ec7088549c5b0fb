import type { Photo } from '#contract';

/** A photo as tests need one. */
export const photo = (id: number, part: Partial<Photo> = {}): Photo => ({
  id,
  name: `${String(id)}.jpg`,
  size: 1,
  format: 'JPEG',
  isDisguised: false,
  carried: null,
  own: {},
  twin: '',
  state: 'bare',
  message: '',
  proof: [],
  stamped: null,
  uses: [],
  ...part,
});
