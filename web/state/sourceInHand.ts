import type { HostAnswer } from '#contract';

/** The source that is being checked, and where it came from. */
export interface SourceInHand {
  /** As the editor shows it: every line break is one character. */
  readonly text: string;
  /** What it is called: a file, a path or an address; ''. */
  readonly name: string;
  /** The address that relative ones are read against; ''. */
  readonly url: string;
  /** What the host answered when it was fetched. */
  readonly answer: HostAnswer | undefined;
  /** Whether its lines came with carriage returns, which it gets back. */
  readonly returns: boolean;
  readonly fetching: boolean;
  /** Where the caret was set; undefined until it was. */
  readonly caret: number | undefined;
  /** The text whose mends are being chosen; undefined while none are. */
  readonly mending: string | undefined;
}

export type SourceEvent =
  | { readonly kind: 'typed'; readonly text: string }
  /** Another source was taken up: `url` where its address is known. */
  | {
      readonly kind: 'loaded';
      readonly text: string;
      readonly name: string;
      readonly url?: string;
      readonly answer?: HostAnswer | undefined;
    }
  | { readonly kind: 'addressed'; readonly url: string }
  | { readonly kind: 'fetching'; readonly now: boolean }
  | { readonly kind: 'caret'; readonly at: number }
  | { readonly kind: 'mending'; readonly text: string | undefined };

const hasReturns = (text: string): boolean => text.includes('\r\n');
const shown = (text: string): string => text.replace(/\r\n?/g, '\n');

export const sourceInHand = (
  text: string,
  { name = '', url = '', answer }: Partial<Pick<SourceInHand, 'name' | 'url' | 'answer'>> = {},
): SourceInHand => ({
  text: shown(text),
  name,
  url,
  answer,
  returns: hasReturns(text),
  fetching: false,
  caret: undefined,
  mending: undefined,
});

/** What becomes of the source in hand. */
export function nextSource(now: SourceInHand, event: SourceEvent): SourceInHand {
  switch (event.kind) {
    case 'typed':
      return { ...now, text: event.text };
    case 'loaded': {
      const { text, name, url = now.url, answer } = event;
      return { ...now, text: shown(text), name, url, answer, returns: hasReturns(text), caret: undefined };
    }
    case 'addressed':
      return { ...now, url: event.url };
    case 'fetching':
      return { ...now, fetching: event.now };
    case 'caret':
      return { ...now, caret: event.at };
    case 'mending':
      return { ...now, mending: event.text };
  }
}

/** The source with the line breaks it came with. */
export const asItCame = ({ text, returns }: SourceInHand): string =>
  returns ? text.replaceAll('\n', '\r\n') : text;

/** The name of the file that it is kept as. */
export function fileNameOf({ name, text }: SourceInHand): string {
  const called = (name || 'source.html').split('/').at(-1) || 'source.html';
  if (/\.(html?|php|jsonld?)$/i.test(called)) return called;
  return `${called}${/^\s*[[{]/.test(text) ? '.jsonld' : '.html'}`;
}
