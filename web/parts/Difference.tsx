import { Box } from '@mui/material';
import { difference } from '#core/agreement';
import { colour, mono, typeSize } from '../theme.ts';

/** Blanks, no-break blanks and line ends made visible. */
const showSpace = (text: string): string =>
  text
    .replace(/ /g, '·')
    .replace(/\u00a0/g, '⍽')
    .replace(/\n/g, '⏎\n')
    .replace(/\t/g, '⇥');

/** A text with the very characters marked in which it differs from the reference. */
export function DifferentText({ reference, text }: { reference: string; text: string }) {
  return (
    <Box
      component="span"
      sx={{ fontFamily: mono, fontSize: typeSize.body, whiteSpace: 'pre-wrap', overflowWrap: 'anywhere' }}
    >
      {difference(reference, text).map(({ side, text: part }, at) => {
        if (side === 'both') return <span key={at}>{part}</span>;
        const removed = side === 'reference';
        return (
          <Box
            component={removed ? 'del' : 'ins'}
            key={at}
            sx={{
              backgroundColor: removed ? colour.removed : colour.added,
              textDecoration: removed ? 'line-through' : 'none',
              borderBottom: removed ? 'none' : `2px solid ${colour.dark}`,
            }}
          >
            {showSpace(part)}
          </Box>
        );
      })}
    </Box>
  );
}
