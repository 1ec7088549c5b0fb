import { styled } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { colour, typeSize } from '../theme.ts';

/** Words that stand back: hints, counts, what is beside the matter. */
export const Soft = styled('span')({ color: colour.middle });

/** The same, smaller, as a paragraph. */
export const Hint = styled('div')({ color: colour.middle, fontSize: typeSize.small });

/** Takes the space between what stands left and what stands right. */
export const Fill = styled('div')({ flex: 1 });

/** Things beside one another on a line. */
export const Line = styled('div')({ display: 'flex', alignItems: 'center', gap: 6 });

/** A line over a pane that says what is the matter with what it shows. */
export const Remark = styled(Line)({ padding: '4px 12px' });

/** A view whose bar stands and whose surface scrolls. */
export const Column = styled('div')({ height: '100%', display: 'flex', flexDirection: 'column' });

/** What scrolls in a column. */
export const Scroll = styled('div')({ flex: 1, minHeight: 0, overflow: 'auto' });

/** A list without its bullets. */
export const Plain = styled('ul')({ listStyle: 'none', margin: 0, padding: 0 });

const Framed = styled('div')({
  padding: 8,
  border: `1px solid ${colour.plum}`,
  backgroundColor: colour.plumLight,
  flex: 'none',
});

/** What has to be said where one works: read out, and in sight. */
export const Telling = ({ children }: { children: ReactNode }) => <Framed role="alert">{children}</Framed>;

const Bar = styled(Line)({
  gap: 8,
  padding: '8px 16px',
  flexWrap: 'wrap',
  borderBottom: `1px solid ${colour.light}`,
});
const Title = styled('h1')({ margin: 0, fontSize: typeSize.head, flex: 1 });

/** The bar over a view that has a heading of its own. */
export const HeadBar = ({ title, children }: { title: string; children: ReactNode }) => (
  <Bar>
    <Title>{title}</Title>
    {children}
  </Bar>
);

/** One of a list, with a line below it. */
export const ListRow = styled('li')({
  display: 'flex',
  alignItems: 'baseline',
  gap: 8,
  padding: '4px 16px',
  borderBottom: `1px solid ${colour.light}`,
});

/** Words that may be as long as they like beside something that keeps its width. */
export const Words = styled('div')({ flex: 1, minWidth: 0, overflowWrap: 'anywhere' });

/** The heading of a part of a view, in the size of its text. */
export const PartHead = styled('h2')({ margin: '12px 0 4px', fontSize: typeSize.text });
