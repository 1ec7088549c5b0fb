import { Box, Button } from '@mui/material';
import { useMemo, useState } from 'react';
import type { Branch, Photo } from '#contract';
import { stampSchema, type StampSettings } from '#core/photo';
import { useSaveBranchStamp, useSaveStamps, useStamps } from '../../api/photos.ts';
import { useComplain } from '../../parts/actions.ts';
import { Frame } from '../../parts/Frame.tsx';
import { KeptByName } from '../../parts/KeptByName.tsx';
import { TabBar } from '../../parts/TabBar.tsx';
import { colour } from '../../theme.ts';
import { ContactFields, ListFields, WhenFields, WordingFields } from './stampFields.tsx';
import { StampPreview } from './StampPreview.tsx';

const TABS = {
  wordings: 'Wordings',
  lists: 'Lists',
  contact: 'Comment, author, copyright',
  when: 'When',
} as const;

/** What is written into the photos: wordings, lists, comment, author, and when; with what comes of it beside it. */
export function StampDialog({
  branch,
  photos,
  targets,
  stamp,
  onClose,
}: {
  branch: Branch;
  photos: readonly Photo[];
  targets: readonly Photo[];
  stamp: StampSettings;
  onClose: () => void;
}) {
  const [draft, setDraft] = useState(stamp);
  const [tab, setTab] = useState<keyof typeof TABS>('wordings');
  const save = useSaveBranchStamp(branch.id);
  const complain = useComplain();
  const checked = useMemo(() => stampSchema.safeParse(draft), [draft]);
  const set = (part: Partial<StampSettings>): void => setDraft((before) => ({ ...before, ...part }));
  const keep = (): void => {
    if (checked.success) save.mutateAsync(checked.data).then(onClose, complain);
  };
  return (
    <Frame
      title="What the photos are stamped with"
      width="lg"
      tight
      onClose={onClose}
      onSubmit={keep}
      actions={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={!checked.success || save.isPending}>
            Use it for {branch.label}
          </Button>
        </>
      }
    >
      <Box sx={{ px: 3, pb: 1 }}>
        <KeptStamps clientId={branch.clientId} draft={draft} isWhole={checked.success} onTake={setDraft} />
      </Box>
      <TabBar label="Parts of the stamp" tabs={TABS} value={tab} onChange={setTab} />
      <Box sx={{ display: 'grid', gridTemplateColumns: '3fr 2fr', height: 'min(58vh, 520px)' }}>
        <Box sx={{ overflow: 'auto', p: 2, borderRight: `1px solid ${colour.light}` }}>
          {tab === 'wordings' && <WordingFields draft={draft} set={set} />}
          {tab === 'lists' && <ListFields draft={draft} set={set} record={branch.record} />}
          {tab === 'contact' && <ContactFields draft={draft} set={set} />}
          {tab === 'when' && <WhenFields draft={draft} set={set} />}
        </Box>
        <StampPreview record={branch.record} photos={photos} targets={targets} draft={draft} />
      </Box>
    </Frame>
  );
}

/** The client's own stamps. */
function KeptStamps({
  clientId,
  draft,
  isWhole,
  onTake,
}: {
  clientId: number;
  draft: StampSettings;
  isWhole: boolean;
  onTake: (stamp: StampSettings) => void;
}) {
  const { data } = useStamps(clientId);
  const save = useSaveStamps(clientId);
  return (
    <KeptByName
      kept={data?.stamps ?? []}
      now={draft}
      label="Name, to keep it for other branches"
      isWhole={isWhole}
      onTake={onTake}
      onName={(name) => onTake({ ...draft, name })}
      onKeep={(stamps) => save.mutateAsync(stamps)}
    />
  );
}
