import { Box, Button } from '@mui/material';
import { styled } from '@mui/material/styles';
import { Frame } from './Frame.tsx';
import { Hint } from './layout.tsx';

/** Every key that does something, by where it does it. */
const KEYS: readonly (readonly [where: string, keys: readonly (readonly [keys: string, does: string])[]])[] =
  [
    [
      'Everywhere',
      [
        ['Ctrl+K', 'Find a client, a branch, a view or an action'],
        ['?', 'This list'],
        ['Escape', 'Close what is open'],
        ['Tab', 'On to the next control; the first leads past the rail'],
      ],
    ],
    [
      'Record',
      [
        ['Ctrl+Z', 'Undo'],
        ['Ctrl+Shift+Z', 'Redo'],
        ['Tab in the type', 'Take the type that fits best what was typed'],
      ],
    ],
    [
      'Pin',
      [
        ['Arrow keys', 'Move the pin by a pixel of the map'],
        ['Shift+Arrow', 'by ten'],
      ],
    ],
    [
      'Check',
      [
        ['F8', 'On to the next finding'],
        ['Shift+F8', 'Back to the one before'],
        ['Ctrl+F', 'Search in the source'],
      ],
    ],
    ['Tray', [['Arrow up, down', 'Make it higher or lower, on its upper edge']]],
  ];

/** The shortcuts, so that nobody has to know them. */
export default function Shortcuts({ onClose }: { onClose: () => void }) {
  return (
    <Frame
      title="Keyboard shortcuts"
      onClose={onClose}
      actions={
        <Button autoFocus onClick={onClose}>
          Close
        </Button>
      }
    >
      {KEYS.map(([where, keys]) => (
        <Box key={where} component="section" sx={{ mb: 1.5 }}>
          <Hint as="h3" sx={{ m: 0, mb: 0.5 }}>
            {where}
          </Hint>
          <Keys>
            {keys.map(([key, does]) => (
              <div key={key}>
                <dt>{key}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </Keys>
        </Box>
      ))}
    </Frame>
  );
}

const Keys = styled('dl')({
  margin: 0,
  '& > div': { display: 'grid', gridTemplateColumns: '150px 1fr', paddingBottom: 2 },
  '& dt': { fontWeight: 600 },
  '& dd': { margin: 0 },
});
