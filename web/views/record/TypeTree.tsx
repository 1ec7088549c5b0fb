import {
  Box,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  InputBase,
  Link,
} from '@mui/material';
import { SimpleTreeView } from '@mui/x-tree-view/SimpleTreeView';
import { TreeItem } from '@mui/x-tree-view/TreeItem';
import { useMemo, useState } from 'react';
import {
  describeType,
  findTypes,
  subtypesOf,
  tradeWordsOf,
  typeCaution,
  typeLabel,
  typePathsTo,
} from '#core/vocabulary';
import { colour, typeSize } from '../../theme.ts';

const ROOT = 'LocalBusiness';

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
  const [open, setOpen] = useState<readonly string[]>([ROOT]);
  // A branch of the tree is kept where something in it fits.
  const fitting = useMemo(() => {
    if (!words.trim()) return undefined;
    const found = findTypes(words, 40);
    return {
      best: found.slice(0, 8),
      paths: new Set(found.flatMap(({ name }) => typePathsTo(ROOT, name).flatMap(prefixes))),
    };
  }, [words]);
  const expanded = fitting ? [...fitting.paths] : [...open];
  const isChosen = chosen.includes(shown);
  const above = (typePathsTo(ROOT, shown)[0] ?? typePathsTo('Organization', shown)[0] ?? []).slice(0, -1);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="type-title">
      <DialogTitle id="type-title" sx={{ fontSize: typeSize.title, fontWeight: 700, pb: 0.5 }}>
        Types of local businesses
      </DialogTitle>
      <DialogContent
        sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2, height: 470, overflow: 'hidden' }}
      >
        <Box sx={{ display: 'flex', flexDirection: 'column', minHeight: 0 }}>
          <InputBase
            autoFocus
            type="search"
            value={words}
            placeholder="photographer, vet, van hire …"
            onChange={({ target }) => {
              setWords(target.value);
              const [best] = findTypes(target.value, 1);
              if (target.value.trim() && best) setShown(best.name);
            }}
            inputProps={{ 'aria-label': 'Search types' }}
            sx={{ border: `1px solid ${colour.line}`, borderRadius: '3px', px: 1, mb: 0.5 }}
          />
          {fitting && (
            <Box role="status" sx={{ fontSize: typeSize.body, py: 0.25 }}>
              {fitting.best.length > 0 ? (
                <>
                  Best:{' '}
                  {fitting.best.map(({ name }, at) => (
                    <span key={name}>
                      {at > 0 && ', '}
                      <Link
                        component="button"
                        type="button"
                        onClick={() => {
                          setShown(name);
                        }}
                        sx={{ verticalAlign: 'baseline', fontSize: typeSize.body }}
                      >
                        {typeLabel(name)}
                      </Link>
                    </span>
                  ))}
                </>
              ) : (
                'No type fits these words. Take the nearest general one; LocalBusiness fits every business. Then describe the trade with “More about the type”, an address of a page about it.'
              )}
            </Box>
          )}
          <Box sx={{ overflow: 'auto', flex: 1 }}>
            <SimpleTreeView
              aria-label="Types"
              expandedItems={expanded}
              onExpandedItemsChange={(_, items) => {
                setOpen(items);
              }}
              selectedItems={null}
              onItemFocus={(_, item) => {
                setShown(item.split('/').at(-1) ?? ROOT);
              }}
              onItemClick={(_, item) => {
                setShown(item.split('/').at(-1) ?? ROOT);
              }}
            >
              <Branch path={ROOT} kept={fitting?.paths} chosen={chosen} open={expanded} />
            </SimpleTreeView>
          </Box>
        </Box>
        <Box sx={{ overflow: 'auto', borderLeft: `1px solid ${colour.light}`, pl: 2 }}>
          <Box
            component="h2"
            sx={{
              fontSize: typeSize.title,
              fontWeight: 700,
              m: 0,
              textTransform: 'none',
              letterSpacing: 0,
              color: colour.ink,
            }}
          >
            {typeLabel(shown)}
          </Box>
          <Box sx={{ color: 'text.secondary', mb: 1 }}>{shown}</Box>
          {typeCaution(shown) && <Box sx={{ mb: 1, fontWeight: 600 }}>{typeCaution(shown)}</Box>}
          <Box sx={{ lineHeight: 1.5 }}>{describeType(shown)}</Box>
          {tradeWordsOf(shown).length > 0 && (
            <Box sx={{ mt: 1, color: 'text.secondary' }}>
              People also say: {tradeWordsOf(shown).join(', ')}
            </Box>
          )}
          {above.length > 0 && (
            <Box sx={{ mt: 1, color: 'text.secondary' }}>Under: {above.map(typeLabel).join(' › ')}</Box>
          )}
          <Button
            variant="contained"
            color="primary"
            sx={{ mt: 1.5 }}
            onClick={() => {
              onChange(isChosen ? chosen.filter((one) => one !== shown) : [...chosen, shown]);
            }}
          >
            {isChosen ? 'Take this type away' : 'Choose this type'}
          </Button>
        </Box>
      </DialogContent>
      <DialogActions>
        <Box sx={{ flex: 1, pl: 1 }}>
          {chosen.length > 0 ? `Chosen: ${chosen.join(', ')}` : 'None chosen yet'}
        </Box>
        <Button onClick={onClose}>Done</Button>
      </DialogActions>
    </Dialog>
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
