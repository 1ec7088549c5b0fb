import { Box, Button, InputBase, Link } from '@mui/material';
import { styled } from '@mui/material/styles';
import { SimpleTreeView } from '@mui/x-tree-view/SimpleTreeView';
import { TreeItem } from '@mui/x-tree-view/TreeItem';
import { useMemo, useState } from 'react';
import type { findTypes } from '#core/vocabulary';
import {
  describeType,
  subtypesOf,
  tradeWordsOf,
  typeCaution,
  typeLabel,
  typePathsTo,
} from '#core/vocabulary';
import { useFindTypes } from './useFindTypes.ts';
import { Frame } from '../../parts/Frame.tsx';
import { Column, Scroll, Soft, Words } from '../../parts/layout.tsx';
import { boxed, colour, typeSize } from '../../theme.ts';

const ROOT = 'LocalBusiness';

/** The types that fit some words, the best first, and every path to one of them; undefined without words. */
function fittingTypes(find: typeof findTypes, words: string) {
  if (!words.trim()) return undefined;
  const found = find(words, 40).map(({ name }) => name);
  return {
    best: found.slice(0, 8),
    paths: new Set(found.flatMap((name) => typePathsTo(ROOT, name).flatMap(prefixes))),
  };
}

/** All subtypes of LocalBusiness as a tree, searched by name, description and the words of the trades. */
export default function TypeTree({
  chosen,
  onChange,
  onClose,
}: {
  chosen: readonly string[];
  onChange: (types: readonly string[]) => void;
  onClose: () => void;
}) {
  const [words, setWords] = useState('');
  const [shown, setShown] = useState(chosen[0] ?? ROOT);
  const find = useFindTypes();
  const fitting = useMemo(() => fittingTypes(find, words), [find, words]);
  const isChosen = chosen.includes(shown);
  return (
    <Frame
      title="Types of local businesses"
      width="md"
      onClose={onClose}
      actions={
        <>
          <Words>{chosen.length > 0 ? `Chosen: ${chosen.join(', ')}` : 'None chosen yet'}</Words>
          <Button onClick={onClose}>Done</Button>
        </>
      }
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2, height: 450 }}>
        <Column sx={{ minHeight: 0 }}>
          <InputBase
            autoFocus
            type="search"
            value={words}
            placeholder="photographer, vet, van hire …"
            onChange={({ target }) => {
              setWords(target.value);
              const [best] = find(target.value, 1);
              if (target.value.trim() && best) setShown(best.name);
            }}
            inputProps={{ 'aria-label': 'Search types' }}
            sx={{ ...boxed, mb: 0.5 }}
          />
          {fitting && <Best types={fitting.best} onShow={setShown} />}
          <Tree kept={fitting?.paths} chosen={chosen} onShow={setShown} />
        </Column>
        <About
          type={shown}
          isChosen={isChosen}
          onChoose={() => onChange(isChosen ? chosen.filter((one) => one !== shown) : [...chosen, shown])}
        />
      </Box>
    </Frame>
  );
}

/** What fits the words best, in a line. */
function Best({ types, onShow }: { types: readonly string[]; onShow: (type: string) => void }) {
  if (types.length === 0)
    return (
      <div role="status">
        No type fits these words. Take the nearest general one; LocalBusiness fits every business. Then
        describe the trade with “More about the type”, an address of a page about it.
      </div>
    );
  return (
    <div role="status">
      Best:{' '}
      {types.map((name, at) => (
        <span key={name}>
          {at > 0 && ', '}
          <Link
            component="button"
            type="button"
            onClick={() => onShow(name)}
            sx={{ verticalAlign: 'baseline', font: 'inherit' }}
          >
            {typeLabel(name)}
          </Link>
        </span>
      ))}
    </div>
  );
}

/** The tree; where words were searched for, only the branches in which something fits. */
function Tree({
  kept,
  chosen,
  onShow,
}: {
  kept: ReadonlySet<string> | undefined;
  chosen: readonly string[];
  onShow: (type: string) => void;
}) {
  const [open, setOpen] = useState<readonly string[]>([ROOT]);
  const expanded = kept ? [...kept] : [...open];
  const show = (_: unknown, path: string): void => onShow(path.split('/').at(-1) ?? ROOT);
  return (
    <Scroll>
      <SimpleTreeView
        aria-label="Types"
        expandedItems={expanded}
        onExpandedItemsChange={(_, items) => setOpen(items)}
        selectedItems={null}
        onItemFocus={show}
        onItemClick={show}
      >
        <Branch path={ROOT} kept={kept} chosen={chosen} open={expanded} />
      </SimpleTreeView>
    </Scroll>
  );
}

const TypeName = styled('h2')({
  margin: 0,
  fontSize: typeSize.title,
  textTransform: 'none',
  letterSpacing: 0,
  color: colour.ink,
});

/** What the vocabulary says of a type, and what to be careful about. */
function About({ type, isChosen, onChoose }: { type: string; isChosen: boolean; onChoose: () => void }) {
  const above = (typePathsTo(ROOT, type)[0] ?? typePathsTo('Organization', type)[0] ?? []).slice(0, -1);
  const said = tradeWordsOf(type);
  return (
    <Box sx={{ overflow: 'auto', borderLeft: `1px solid ${colour.light}`, pl: 2, '& > p': { m: 0, mt: 1 } }}>
      <TypeName>{typeLabel(type)}</TypeName>
      <Soft>{type}</Soft>
      {typeCaution(type) && (
        <p>
          <b>{typeCaution(type)}</b>
        </p>
      )}
      <p>{describeType(type)}</p>
      {said.length > 0 && (
        <p>
          <Soft>People also say: {said.slice(0, 16).join(', ')}</Soft>
        </p>
      )}
      {above.length > 0 && (
        <p>
          <Soft>Under: {above.map(typeLabel).join(' › ')}</Soft>
        </p>
      )}
      <Button variant="contained" color="primary" sx={{ mt: 1.5 }} onClick={onChoose}>
        {isChosen ? 'Take this type away' : 'Choose this type'}
      </Button>
    </Box>
  );
}

/** "A", "A/B", "A/B/C" of a path. */
const prefixes = (path: readonly string[]): string[] => path.map((_, at) => path.slice(0, at + 1).join('/'));

function Branch({
  path,
  kept,
  chosen,
  open,
}: {
  path: string;
  kept: ReadonlySet<string> | undefined;
  chosen: readonly string[];
  open: readonly string[];
}) {
  const name = path.split('/').at(-1) ?? path;
  const below = subtypesOf(name).filter((one) => !kept || kept.has(`${path}/${one}`));
  return (
    <TreeItem
      itemId={path}
      label={
        <Box
          sx={{
            fontSize: typeSize.text,
            fontWeight: chosen.includes(name) ? 700 : 400,
            color: /^Superseded|discourages/.test(typeCaution(name)) ? colour.middle : 'inherit',
            fontStyle: /^Superseded|discourages/.test(typeCaution(name)) ? 'italic' : 'normal',
          }}
        >
          {typeLabel(name)}
          {chosen.includes(name) && ' (chosen)'}
        </Box>
      }
    >
      {/* What is closed is not drawn; a stand-in keeps the item openable. */}
      {below.length > 0 &&
        (open.includes(path) ? (
          below.map((one) => (
            <Branch key={one} path={`${path}/${one}`} kept={kept} chosen={chosen} open={open} />
          ))
        ) : (
          <TreeItem itemId={`${path}/…`} label="…" />
        ))}
    </TreeItem>
  );
}
