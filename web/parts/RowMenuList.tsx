import { Divider, Menu, MenuItem } from '@mui/material';

/** The open menu of a row. */
export default function RowMenuList({
  anchor,
  items,
  onDelete,
  onClose,
}: {
  anchor: HTMLElement;
  items: readonly (readonly [words: string, act: () => void])[];
  onDelete: (() => void) | undefined;
  onClose: () => void;
}) {
  const item = (words: string, act: () => void) => (
    <MenuItem
      key={words}
      onClick={() => {
        onClose();
        act();
      }}
    >
      {words}
    </MenuItem>
  );
  return (
    <Menu anchorEl={anchor} open onClose={onClose} onClick={(event) => event.stopPropagation()}>
      {items.map(([words, act]) => item(words, act))}
      {onDelete && <Divider />}
      {onDelete && item('Delete', onDelete)}
    </Menu>
  );
}
