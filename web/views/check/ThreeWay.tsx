import { Box, Button, ButtonBase, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { useState } from 'react';
import type { ThreeWayRow } from '#core/agreement';
import { syntaxName } from '#core/item';
import type { Place } from '#core/text';
import { DifferentText } from '../../parts/Difference.tsx';
import { AgreementMark } from '../../parts/Marks.tsx';
import { mono, typeSize } from '../../theme.ts';

const differs = ({ markup, visitor }: ThreeWayRow): boolean =>
  markup.some(({ agreement }) => agreement !== undefined && agreement !== 'exact') ||
  (visitor.agreement !== undefined && visitor.agreement !== 'exact');

/** A row for each fact: what the record says, what the markup says, what a visitor sees. */
export function ThreeWay({
  rows,
  onPlace,
}: {
  rows: readonly ThreeWayRow[];
  onPlace: (place: Place) => void;
}) {
  const [all, setAll] = useState(false);
  if (rows.length === 0) return null;
  // Name, address, numbers and hours always; the others where they part.
  const first = rows.filter((row) => row.core || differs(row));
  const others = rows.length - first.length;
  return (
    <>
      <Table size="small" aria-label="Three-way reading" sx={{ tableLayout: 'fixed' }}>
        <TableHead>
          <TableRow>
            <TableCell sx={{ width: 110 }}>Fact</TableCell>
            <TableCell>The record says</TableCell>
            <TableCell>A machine reads</TableCell>
            <TableCell>A visitor sees</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {(all ? rows : first).map((row) => (
            <FactRow key={row.fact} row={row} onPlace={onPlace} />
          ))}
        </TableBody>
      </Table>
      {others > 0 && (
        <Box sx={{ px: 2, py: 0.5 }}>
          <Button onClick={() => setAll(!all)} aria-expanded={all} sx={{ py: 0 }}>
            {all
              ? 'Only what matters most, and what differs'
              : `Show the other ${String(others)} facts, which agree`}
          </Button>
        </Box>
      )}
    </>
  );
}

function FactRow({ row, onPlace }: { row: ThreeWayRow; onPlace: (place: Place) => void }) {
  return (
    <TableRow data-row={row.fact}>
      <TableCell component="th" scope="row" sx={{ color: 'text.secondary', verticalAlign: 'top' }}>
        {row.label}
      </TableCell>
      <TableCell
        sx={{
          fontFamily: mono,
          fontSize: '13px !important',
          verticalAlign: 'top',
          whiteSpace: 'pre-line',
          overflowWrap: 'anywhere',
        }}
      >
        {shorten(row.record ?? '') || '—'}
      </TableCell>
      <TableCell sx={{ verticalAlign: 'top' }}>
        {row.markup.length === 0 && '—'}
        {row.markup.map(({ syntax, text, understood, agreement, place }) => (
          <Reading
            key={`${syntax} ${String(place.start)}`}
            reference={row.record ?? text}
            text={text}
            place={place}
            onPlace={onPlace}
            shows={agreement !== 'exact' && row.fact !== 'telephone'}
          >
            {agreement && <AgreementMark agreement={agreement} />}
            <Box component="span" sx={{ fontSize: typeSize.small, color: 'text.secondary' }}>
              {syntaxName[syntax]}
              {understood && `: ${understood}`}
            </Box>
          </Reading>
        ))}
      </TableCell>
      <TableCell sx={{ verticalAlign: 'top' }}>
        {row.visitor.agreement === undefined && !row.visitor.text ? (
          '—'
        ) : (
          <Reading
            reference={row.record ?? row.visitor.text}
            text={row.visitor.text}
            place={row.visitor.place}
            onPlace={onPlace}
            shows={row.visitor.agreement !== 'exact' && row.fact !== 'hours'}
          >
            {row.visitor.agreement && <AgreementMark agreement={row.visitor.agreement} />}
          </Reading>
        )}
      </TableCell>
    </TableRow>
  );
}

const LONGEST = 600;
const shorten = (text: string): string => (text.length > LONGEST ? `${text.slice(0, LONGEST)} …` : text);

function Reading({
  reference,
  text,
  place,
  onPlace,
  shows,
  children,
}: {
  reference: string;
  text: string;
  place: Place | undefined;
  onPlace: (place: Place) => void;
  shows: boolean;
  children: React.ReactNode;
}) {
  const words =
    shows && text ? (
      <DifferentText reference={shorten(reference)} text={shorten(text)} />
    ) : (
      <Box component="span" sx={{ fontFamily: mono, fontSize: typeSize.body, overflowWrap: 'anywhere' }}>
        {shorten(text)}
      </Box>
    );
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', columnGap: 1, flexWrap: 'wrap' }}>
      {place ? (
        <ButtonBase
          onClick={() => onPlace(place)}
          title={`Line ${String(place.line)} of the source`}
          sx={{ textAlign: 'left', font: 'inherit', '&:hover': { textDecoration: 'underline' } }}
        >
          {words}
        </ButtonBase>
      ) : (
        words
      )}
      {children}
    </Box>
  );
}
