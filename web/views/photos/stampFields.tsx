import { Box, Button, TextField } from '@mui/material';
import {
  commentFacts,
  stampFieldNames,
  wordLists,
  type Policy,
  type StampField,
  type StampSettings,
} from '#core/photo';
import type { BusinessRecord } from '#core/record';
import { LabelledSelect } from '../../parts/Choice.tsx';
import { Hint, Line, Plain } from '../../parts/layout.tsx';
import { Tick } from '../../parts/Tick.tsx';
import { WordingField } from './WordingField.tsx';

interface StampPart {
  readonly draft: StampSettings;
  readonly set: (part: Partial<StampSettings>) => void;
}

const column = { display: 'grid', gap: 1.25 } as const;

type TextWording = Exclude<keyof StampSettings['wordings'], 'keywords'>;
const WORDINGS: readonly (readonly [TextWording, string, string])[] = [
  ['subject', 'Subject', 'Where it is blank, what the file name says.'],
  ['title', 'Title', 'No two photos of a set get the same.'],
  ['headline', 'Headline', 'Where it is blank, the title.'],
  ['caption', 'Caption', ''],
  ['alt', 'Alternative text', 'What somebody hears who cannot see the photo.'],
  ['fileName', 'File name', 'Where it is blank, the name stays. The ending always does.'],
];

/** Texts that are filled in for each photo. */
export const WordingFields = ({ draft, set }: StampPart) => {
  const { wordings } = draft;
  return (
    <Box sx={column}>
      {WORDINGS.map(([field, label, hint]) => (
        <WordingField
          key={field}
          label={label}
          value={wordings[field]}
          hint={hint}
          onChange={(text) => set({ wordings: { ...wordings, [field]: text } })}
        />
      ))}
      <WordingField
        label="Keywords, with commas"
        value={wordings.keywords.join(',')}
        hint="Each once, whatever its capitals."
        onChange={(text) => set({ wordings: { ...wordings, keywords: text === '' ? [] : text.split(',') } })}
      />
    </Box>
  );
};

const LISTS = {
  service: 'Services',
  area: 'Areas',
  phrase: 'Phrases',
  category: 'Categories',
} as const;

/** Words that are taken in turn, one for each photo; they begin with what the record says. */
export function ListFields({ draft, set, record }: StampPart & { record: BusinessRecord }) {
  const said = wordLists(record);
  const kinds = Object.keys(LISTS) as (keyof typeof LISTS)[];
  return (
    <Box sx={column}>
      <Hint>
        One a line. Each photo of a set gets the next one wherever a wording says {'{service}'}, {'{area}'},{' '}
        {'{phrase}'} or {'{category}'}.
      </Hint>
      {kinds.map((kind) => (
        <TextField
          key={kind}
          label={LISTS[kind]}
          multiline
          minRows={2}
          maxRows={6}
          value={(draft.lists[kind] ?? said[kind]).join('\n')}
          helperText={draft.lists[kind] === undefined ? 'What the record says.' : undefined}
          onChange={({ target }) =>
            set({ lists: { ...draft.lists, [kind]: target.value === '' ? [] : target.value.split('\n') } })
          }
        />
      ))}
      <Line>
        <Button onClick={() => set({ lists: {} })}>Back to what the record says</Button>
      </Line>
    </Box>
  );
}

type CommentFact = (typeof commentFacts)[number];
const FACTS: Readonly<Record<CommentFact, string>> = {
  name: 'Name',
  address: 'Address',
  telephone: 'Telephone',
  email: 'Email',
  url: 'Page',
};
const AUTHORS = [
  ['business', 'the business'],
  ['website', 'the website'],
  ['name', 'a name'],
  ['nobody', 'nobody'],
] as const;

/** The comment with its facts in their order, who is named as author, and the line of copyright. */
export function ContactFields({ draft, set }: StampPart) {
  const { comment, author } = draft;
  const others = commentFacts.filter((fact) => !comment.facts.includes(fact));
  const setFacts = (facts: readonly CommentFact[]): void =>
    set({ comment: { ...comment, facts: [...facts] } });
  const moved = (at: number): readonly CommentFact[] =>
    comment.facts.map((fact, place) =>
      place === at - 1 ? (comment.facts[at] ?? fact) : place === at ? (comment.facts[at - 1] ?? fact) : fact,
    );
  return (
    <Box sx={column}>
      <Hint>The comment says these facts, in this order:</Hint>
      <Plain aria-label="Facts of the comment">
        {comment.facts.map((fact, at) => (
          <Line as="li" key={fact}>
            <Tick
              label={FACTS[fact]}
              on
              onChange={() => setFacts(comment.facts.filter((one) => one !== fact))}
            />
            {at > 0 && (
              <Button variant="text" aria-label={`Up: ${FACTS[fact]}`} onClick={() => setFacts(moved(at))}>
                Up
              </Button>
            )}
          </Line>
        ))}
        {others.map((fact) => (
          <li key={fact}>
            <Tick label={FACTS[fact]} on={false} onChange={() => setFacts([...comment.facts, fact])} />
          </li>
        ))}
      </Plain>
      <LabelledSelect
        label="Written"
        value={comment.lines}
        options={[
          ['several', 'on lines of their own'],
          ['one', 'in one line'],
        ]}
        onChange={(lines) => set({ comment: { ...comment, lines: lines === 'one' ? 'one' : 'several' } })}
      />
      <LabelledSelect
        label="Author"
        value={author.is}
        options={AUTHORS}
        onChange={(is) =>
          set({ author: { ...author, is: AUTHORS.find(([one]) => one === is)?.[0] ?? 'business' } })
        }
      />
      {author.is === 'name' && (
        <TextField
          label="Name of the author"
          value={author.name}
          onChange={({ target }) => set({ author: { ...author, name: target.value } })}
        />
      )}
      <WordingField
        label="Copyright"
        value={draft.copyright}
        hint="Author and copyright are written only where a photo has none, unless “When” says otherwise."
        onChange={(copyright) => set({ copyright })}
      />
    </Box>
  );
}

const FIELDS: Readonly<Record<StampField, string>> = {
  coordinates: 'Coordinates',
  title: 'Title',
  headline: 'Headline',
  caption: 'Caption',
  keywords: 'Keywords',
  alt: 'Alternative text',
  subject: 'Subject',
  author: 'Author',
  copyright: 'Copyright',
  comment: 'Comment',
  town: 'Town',
  region: 'Region',
  country: 'Country',
  street: 'Street',
  contact: 'Contact',
};
const WHEN: readonly (readonly [Policy, string])[] = [
  ['always', 'always'],
  ['empty', 'only where a photo has none'],
  ['remove', 'never, and what is there goes'],
];
const usualWhen = (field: StampField): Policy =>
  field === 'author' || field === 'copyright' ? 'empty' : 'always';

/** When each field is written, and whether what says something of a person or a device stays. */
export const WhenFields = ({ draft, set }: StampPart) => (
  <Box sx={column}>
    <Hint>What was typed for one photo is written into it whatever it has.</Hint>
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: 'max-content max-content',
        columnGap: 2,
        rowGap: 0.5,
        alignItems: 'center',
      }}
    >
      {stampFieldNames.map((field) => (
        <Box key={field} sx={{ display: 'contents', '& label': { display: 'contents' } }}>
          <LabelledSelect
            label={FIELDS[field]}
            value={draft.when[field] ?? usualWhen(field)}
            options={WHEN}
            onChange={(when) =>
              set({
                when: { ...draft.when, [field]: WHEN.find(([one]) => one === when)?.[0] ?? 'always' },
              })
            }
          />
        </Box>
      ))}
    </Box>
    <Tick
      label="Remove what says something of a person or a device: owner, serial numbers, faces, embedded small pictures, positions of an earlier place"
      on={draft.personal === 'remove'}
      onChange={(on) => set({ personal: on ? 'remove' : 'keep' })}
    />
  </Box>
);
