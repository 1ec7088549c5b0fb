import { Button } from '@mui/material';

/** A button that opens the browser's own choice of files. */
export const FilePick = ({
  label,
  accept,
  children,
  onPick,
}: {
  label: string;
  accept: string;
  children: string;
  onPick: (file: File) => void;
}) => (
  <Button component="label">
    {children}
    <input
      type="file"
      accept={accept}
      aria-label={label}
      hidden
      onChange={({ target }) => {
        const [file] = target.files ?? [];
        if (file) onPick(file);
      }}
    />
  </Button>
);
