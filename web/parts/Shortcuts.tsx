import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { typeSize } from '../theme.ts';

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
    <Dialog open onClose={onClose} aria-labelledby="shortcuts-title" fullWidth maxWidth="sm">
      <DialogTitle id="shortcuts-title" sx={{ fontSize: typeSize.title, fontWeight: 700 }}>
        Keyboard shortcuts
      </DialogTitle>
      <DialogContent tabIndex={0}>
        {KEYS.map(([where, keys]) => (
          <Box key={where} component="section" sx={{ mb: 1.5 }}>
            <Box component="h3" sx={{ m: 0, mb: 0.5, fontSize: typeSize.note, color: 'text.secondary' }}>
              {where}
            </Box>
            <Box
              component="dl"
              sx={{ m: 0, display: 'grid', gridTemplateColumns: '150px 1fr', rowGap: 0.25 }}
            >
              {keys.map(([key, does]) => (
                <Box key={key} sx={{ display: 'contents' }}>
                  <Box component="dt" sx={{ fontWeight: 600 }}>
                    {key}
                  </Box>
                  <Box component="dd" sx={{ m: 0 }}>
                    {does}
                  </Box>
                </Box>
              ))}
            </Box>
          </Box>
        ))}
      </DialogContent>
      <DialogActions>
        <Button autoFocus onClick={onClose}>
          Close
        </Button>
      </DialogActions>
    </Dialog>
  );
}
