import { Button } from '@mui/material';

/** The button in a message that takes back what the message tells. */
export const undoButton = (undo: () => void, what = '') => (
  <Button
    onClick={undo}
    aria-label={what ? `Undo: ${what}` : undefined}
    sx={{ color: 'inherit', borderColor: 'currentColor' }}
  >
    Undo
  </Button>
);
