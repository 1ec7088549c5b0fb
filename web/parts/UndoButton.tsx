import { Button } from '@mui/material';

/** The button in a message that takes back what the message tells. */
export const undoButton = (undo: () => void) => (
  <Button onClick={undo} sx={{ color: 'inherit', borderColor: 'currentColor' }}>
    Undo
  </Button>
);
