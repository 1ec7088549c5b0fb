import { memo, useCallback, useMemo, useRef, type Dispatch } from 'react';
import { hostAnswerSchema, type Branch, type HostAnswer } from '#contract';
import { profiles, profileWith } from '#core/checking';
import { limits, megabytes } from '#core/limits';
import { decodeText, noText } from '#core/encoding';
import { utf8Bytes, type Place } from '#core/text';
import { startFileCheck, useJudging } from '../../api/checks.ts';
import { fetchPage } from '../../api/queries.ts';
import { askText } from '../../api/request.ts';
import { useComplain } from '../../parts/actions.ts';
import { DropFrame } from '../../parts/Drop.tsx';
import { EmptyState } from '../../parts/Notice.tsx';
import { WithTray } from '../../parts/Tray.tsx';
import { asItCame, fileNameOf, type SourceEvent, type SourceInHand } from '../../state/sourceInHand.ts';
import { SourceBar } from './SourceBar.tsx';
import type { EditorHandle } from './SourceEditor.tsx';
import { SourceTray } from './SourceTray.tsx';
import { ThreeWay } from './ThreeWay.tsx';
import { useCheck } from './useCheck.ts';
import { useKeptSource, type GivenSource } from './useKeptSource.ts';

interface SourceCheckProps {
  readonly branch: Branch;
  readonly given: GivenSource | undefined;
  readonly onKept: (checkId: number) => void;
}

/** What a source of a branch is checked by. */
function useCheckOptions(branch: Branch, { url, name }: SourceInHand) {
  const { data: judging } = useJudging(branch.clientId);
  return useMemo(
    () => ({
      url,
      page: url || name,
      record: branch.record,
      ...(judging
        ? { profile: profileWith(profiles[judging.profile], judging.wants), ignores: judging.ignores }
        : {}),
    }),
    [url, name, branch.record, judging],
  );
}

type Load = (text: string, name: string, address?: string, answer?: HostAnswer) => void;

/** The ways in which a source comes into hand beside the keyboard: a file, and an address. */
function useTaking(url: string, tell: Dispatch<SourceEvent>, load: Load) {
  const openFile = async (file: File): Promise<void> => {
    if (file.size > limits.pageBytes)
      throw new Error(
        `${file.name} has ${megabytes(file.size)}; at most ${megabytes(limits.pageBytes)} are read. The source in hand is as it was.`,
      );
    const bytes = new Uint8Array(await file.arrayBuffer());
    const what = noText(bytes);
    if (what) throw new Error(`${file.name} is ${what}. A page is text. The source in hand is as it was.`);
    load(decodeText(bytes).text, file.name);
  };
  const fetchNow = async (): Promise<void> => {
    tell({ kind: 'fetching', now: true });
    try {
      const page = await fetchPage(url.trim());
      load(page.text, page.url, page.url, hostAnswerSchema.parse(page));
      if (page.status >= 400)
        throw new Error(`${page.url} answers with status ${String(page.status)}. What it sent is shown.`);
    } finally {
      tell({ kind: 'fetching', now: false });
    }
  };
  return { openFile, fetchNow };
}

/** One source: what record, markup and visitor say, side by side; in the tray the source with every finding. */
export function SourceCheck({ branch, given, onKept }: SourceCheckProps) {
  const [source, tell] = useKeptSource(branch.id, given);
  const { text, url, answer } = source;
  const editor = useRef<EditorHandle>(null);
  const options = useCheckOptions(branch, source);
  const checking = useCheck(text, options);
  const { check } = checking;
  const complain = useComplain();
  const show = useCallback((place: Place): void => editor.current?.show(place), []);
  const load: Load = (next, name, address = '', answered) => {
    tell({ kind: 'loaded', text: next, name, answer: answered, ...(address ? { url: address } : {}) });
    editor.current?.replace(next);
  };
  const { openFile, fetchNow } = useTaking(url, tell, load);
  const keep = (): void => {
    const file = { name: fileNameOf(source), file: new Blob([utf8Bytes(asItCame(source))]) };
    startFileCheck(branch.clientId, [file], url, answer).then(({ id }) => onKept(id), complain);
  };
  return (
    <DropFrame
      label="File to check"
      multiple={false}
      onFiles={([file]) => {
        if (file) openFile(file).catch(complain);
      }}
    >
      {(open) => (
        <WithTray
          name="check"
          label="Source"
          height={340}
          tray={
            <SourceTray
              source={source}
              tell={tell}
              editor={editor}
              clientId={branch.clientId}
              options={options}
              checking={checking}
              onShow={show}
              onClear={() => load('', '')}
            />
          }
        >
          <SourceBar
            branch={branch}
            source={source}
            checking={checking}
            onOpen={open}
            onPage={(id, path, address) => {
              askText('pageSource', { id }).then((page) => load(page, path, address), complain);
            }}
            onUrl={(next) => tell({ kind: 'addressed', url: next })}
            onFetch={() => fetchNow().catch(complain)}
            onKeep={keep}
          />
          {check && <Facts rows={check.threeWay} onPlace={show} />}
          {!text.trim() && <NothingYet label={branch.label} />}
        </WithTray>
      )}
    </DropFrame>
  );
}

/** Drawn again only when the check is another, not at every letter. */
const Facts = memo(ThreeWay);

const NothingYet = ({ label }: { label: string }) => (
  <EmptyState title="Nothing to check yet.">
    Paste a page, a script element or bare JSON-LD into the source below, drop a file anywhere here, fetch an
    address, or choose one of the site’s pages. It is read the way a machine reads it and compared with the
    record of {label}. Many pages at once are checked under Site.
  </EmptyState>
);
