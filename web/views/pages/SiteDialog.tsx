import { Box, Button, TextField } from '@mui/material';
import { useState } from 'react';
import type { Site, TriedSite } from '#contract';
import { trySite, useKeepSite } from '../../api/pages.ts';
import { inWords } from '../../api/request.ts';
import { Frame } from '../../parts/Frame.tsx';
import { Hint, Telling } from '../../parts/layout.tsx';
import { Toggle } from '../../parts/Toggle.tsx';
import { accessOf, fieldsOf, WAYS, type SiteFields, type Way } from './siteFields.ts';

type Field = Exclude<keyof SiteFields, 'way'>;

/** What is asked for each way to a site, besides its name and address. */
const ASKED: Readonly<Record<Way, readonly (readonly [Field, string, string])[]>> = {
  sftp: [
    ['host', 'Host', 'files.example.com'],
    ['port', 'Port', '22'],
    ['user', 'User', ''],
    ['folder', 'Folder of the site', '/var/www/html'],
  ],
  webdav: [
    ['address', 'WebDAV address', 'https://dav.example.com/site/'],
    ['user', 'User', ''],
  ],
  folder: [['folder', 'Folder on this server', '/srv/site']],
  hand: [],
};

/** A site of a client: how its pages are reached, tried before it is kept. */
export function SiteDialog({
  clientId,
  site,
  onClose,
  onKept,
}: {
  clientId: number;
  site: Site | undefined;
  onClose: () => void;
  onKept: (id: number) => void;
}) {
  const { fields, tried, problem, busy, set, attempt, save, trust } = useSite(clientId, site, onKept);
  return (
    <Frame
      title={site ? `The site ${site.name}` : 'Add a site'}
      width="md"
      onClose={onClose}
      onSubmit={save}
      actions={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button disabled={busy} onClick={attempt}>
            Try it
          </Button>
          <Button type="submit" variant="contained" disabled={busy}>
            {busy ? 'Asking the host …' : 'Keep it'}
          </Button>
        </>
      }
    >
      <Toggle
        label="How its pages are reached"
        options={WAYS}
        value={fields.way}
        onChange={(way) => set('way', way)}
      />
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5, my: 1.5 }}>
        <TextField label="Name" value={fields.name} onChange={({ target }) => set('name', target.value)} />
        <TextField
          label="Address where visitors see it"
          value={fields.url}
          placeholder="https://example.com/"
          onChange={({ target }) => set('url', target.value)}
        />
        {ASKED[fields.way].map(([field, label, placeholder]) => (
          <TextField
            key={field}
            label={label}
            value={fields[field]}
            placeholder={placeholder}
            onChange={({ target }) => set(field, target.value)}
          />
        ))}
      </Box>
      <SecretFields fields={fields} isKept={site?.hasSecret ?? false} onChange={set} />
      <Told fields={fields} tried={tried} problem={problem} onTrust={trust} />
    </Frame>
  );
}

/** What is typed of a site, tried and kept. */
function useSite(clientId: number, site: Site | undefined, onKept: (id: number) => void) {
  const [fields, setFields] = useState(() => fieldsOf(site));
  const [tried, setTried] = useState<TriedSite | undefined>();
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const keep = useKeepSite(clientId);
  const set = (field: keyof SiteFields, value: string): void => {
    setFields((before) => ({ ...before, [field]: value }));
    setTried(undefined);
    setProblem('');
  };
  const { access, secret } = accessOf(fields);
  const ask = async (hostKey: string): Promise<boolean> => {
    const asked = access.way === 'sftp' ? { ...access, hostKey } : access;
    const outcome = await trySite({ access: asked, secret, id: site?.id ?? null });
    setTried(outcome);
    return outcome.ok;
  };
  const act = (what: () => Promise<unknown>): void => {
    setBusy(true);
    setProblem('');
    what()
      .catch((error: unknown) => setProblem(inWords(error)))
      .finally(() => setBusy(false));
  };
  return {
    fields,
    tried,
    problem,
    busy,
    set,
    attempt: () => act(() => ask(fields.hostKey)),
    /** Keeps a site to which the way leads; one that does not is shown with the reason. */
    save: () =>
      act(async () => {
        if (!(await ask(fields.hostKey))) return;
        const body = { name: fields.name, url: fields.url, access, secret };
        onKept(await keep.mutateAsync({ id: site?.id ?? null, body }));
      }),
    trust: (hostKey: string) => {
      set('hostKey', hostKey);
      act(() => ask(hostKey));
    },
  };
}

/** What signs in. It is sealed when it is kept, and never shown again. */
function SecretFields({
  fields,
  isKept,
  onChange,
}: {
  fields: SiteFields;
  isKept: boolean;
  onChange: (field: Field, value: string) => void;
}) {
  if (fields.way === 'folder')
    return <Hint>Only folders below those that the setting ZINC_SITE_FOLDERS names are written to.</Hint>;
  if (fields.way === 'hand')
    return (
      <Hint>
        Nobody writes to this site but people. Hand over a sheet of what to paste; the live pages are read and
        proved, and read again on a schedule.
      </Hint>
    );
  return (
    <>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
        <TextField
          label="Password"
          type="password"
          autoComplete="off"
          value={fields.password}
          placeholder={isKept ? 'the one that is kept' : ''}
          onChange={({ target }) => onChange('password', target.value)}
        />
        {fields.way === 'sftp' && (
          <TextField
            label="Passphrase of the key"
            type="password"
            autoComplete="off"
            value={fields.passphrase}
            onChange={({ target }) => onChange('passphrase', target.value)}
          />
        )}
      </Box>
      {fields.way === 'sftp' && (
        <TextField
          label="Private key, instead of a password"
          multiline
          minRows={2}
          maxRows={4}
          fullWidth
          value={fields.privateKey}
          onChange={({ target }) => onChange('privateKey', target.value)}
          sx={{ mt: 1.5 }}
        />
      )}
      <Hint>It is kept sealed, goes to this host alone, and is never shown again.</Hint>
    </>
  );
}

/** What came of trying, and the question whether a host is the one that is meant. */
function Told({
  fields,
  tried,
  problem,
  onTrust,
}: {
  fields: SiteFields;
  tried: TriedSite | undefined;
  problem: string;
  onTrust: (hostKey: string) => void;
}) {
  if (problem) return <Telling>{problem}</Telling>;
  if (!tried) return null;
  if (tried.ok)
    return (
      <Box role="status">
        {fields.way === 'hand' ? 'Nothing to try.' : `It answers: ${String(tried.pages)} pages lie there.`}
      </Box>
    );
  return (
    <Telling>
      {tried.problem}
      {tried.hostKey && (
        <Box sx={{ mt: 1 }}>
          <Button onClick={() => onTrust(tried.hostKey)}>
            {fields.hostKey ? 'Take the new key' : 'This is the host’s key; go on'}
          </Button>
        </Box>
      )}
    </Telling>
  );
}
