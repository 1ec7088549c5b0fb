import { Dialog, DialogActions, DialogContent, DialogTitle, type DialogProps } from '@mui/material';
import { useId, type ReactNode } from 'react';

/** The frame of every dialog: its title, what it holds, and its buttons. With `onSubmit` it is a form, and Enter does it. */
export function Frame({
  title,
  onClose,
  actions,
  onSubmit,
  width = 'sm',
  open = true,
  tight = false,
  children,
}: {
  title: ReactNode;
  onClose: () => void;
  actions?: ReactNode;
  onSubmit?: () => void;
  width?: Exclude<DialogProps['maxWidth'], false>;
  open?: boolean;
  /** Whether what it holds brings its own space, and fills the frame. */
  tight?: boolean;
  children: ReactNode;
}) {
  const id = useId();
  const inside = (
    <>
      <DialogTitle id={id}>{title}</DialogTitle>
      {tight ? children : <DialogContent>{children}</DialogContent>}
      {actions && <DialogActions>{actions}</DialogActions>}
    </>
  );
  return (
    <Dialog open={open} onClose={onClose} fullWidth maxWidth={width} aria-labelledby={id}>
      {onSubmit ? (
        <form
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            onSubmit();
          }}
        >
          {inside}
        </form>
      ) : (
        inside
      )}
    </Dialog>
  );
}
