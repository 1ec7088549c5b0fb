import { Button, Menu, MenuItem } from '@mui/material';
import { useSnackbar } from 'notistack';
import { memo, useContext, useState } from 'react';
import { useNavigate } from 'react-router';
import { jsonLd } from '#core/markup';
import { fileName } from '#core/text';
import { useDuplicate } from '../../api/queries.ts';
import { downloadText, useComplain } from '../../parts/actions.ts';
import { viewPath } from '../../parts/place.ts';
import { RecordContext } from './useRecordInHand.ts';

/** What is done less often. */
export const More = memo(function More({
  label,
  branchId,
  onDialog,
}: {
  label: string;
  branchId: number | undefined;
  onDialog: (dialog: 'start' | 'intake') => void;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const inHand = useContext(RecordContext);
  const navigate = useNavigate();
  const duplicate = useDuplicate();
  const complain = useComplain();
  const { enqueueSnackbar } = useSnackbar();
  const item = (words: string, act: () => void) => (
    <MenuItem
      onClick={() => {
        setAnchor(null);
        act();
      }}
    >
      {words}
    </MenuItem>
  );
  const copy = (): void => {
    if (!branchId) return;
    duplicate.mutateAsync({ branchId, label: `${label} (copy)` }).then(({ id }) => {
      enqueueSnackbar(`A copy of ${label} without its own page, @id and pin.`);
      void navigate(viewPath(id, 'record'));
    }, complain);
  };
  return (
    <>
      <Button aria-haspopup="menu" onClick={({ currentTarget }) => setAnchor(currentTarget)}>
        More
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {item('Start from a page or markup …', () => onDialog('start'))}
        {item('Intake sheet for the client …', () => onDialog('intake'))}
        {item('Export the record as JSON-LD', () => {
          const record = inHand.get();
          const written = jsonLd({ ...record, output: null }).text.replace(
            /^<script[^>]*>\n|\n<\/script>$/g,
            '',
          );
          downloadText(
            `${written}\n`,
            `${fileName(`${record.name} ${label}`)}.jsonld`,
            'application/ld+json',
          );
        })}
        {branchId !== undefined && item('Duplicate this branch', copy)}
      </Menu>
    </>
  );
});
