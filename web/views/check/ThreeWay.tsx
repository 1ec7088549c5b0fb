import { Box, ButtonBase, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import type { ThreeWayRow } from '#core/checking';
import type { Place } from '#core/text';
import { DifferentText } from '../../parts/Difference.tsx';
import { AgreementMark } from '../../parts/Marks.tsx';
import { mono } from '../../theme.ts';

/** A row for each fact: what the record says, what the markup says, what a visitor sees. */
export function ThreeWay({
  rows,
  onPlace,
}: {
  rows: readonly ThreeWayRow[];
  onPlace: (place: Place) => void;
}) {
  if (rows.length === 0) return null;
  return (
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
        {rows.map((row) => (
          <TableRow key={row.fact} data-row={row.fact}>
            <TableCell component="th" scope="row" sx={{ color: 'text.secondary' }}>
              {row.label}
            </TableCell>
            <TableCell sx={{ fontFamily: mono, fontSize: '13px !important' }}>{row.record || '—'}</TableCell>
            <TableCell>
              {row.markup.length === 0 && '—'}
              {row.markup.map(({ syntax, text, agreement, place }) => (
                <Reading
                  key={syntax}
                  reference={row.record ?? text}
                  text={text}
                  place={place}
                  onPlace={onPlace}
                  shows={agreement !== 'exact' && row.fact !== 'telephone'}
                >
                  {agreement && <AgreementMark agreement={agreement} />}
                  <Box component="span" sx={{ fontSize: 12, color: 'text.secondary' }}>
                    {syntax === 'jsonld' ? 'JSON-LD' : 'microdata'}
                  </Box>
                </Reading>
              ))}
            </TableCell>
            <TableCell>
              {row.visitor.agreement === undefined && !row.visitor.text ? (
                '—'
              ) : (
                <Reading
                  reference={row.record ?? row.visitor.text}
                  text={row.visitor.text}
                  place={row.visitor.place}
                  onPlace={onPlace}
                  shows={row.visitor.agreement !== 'exact'}
                >
                  {row.visitor.agreement && <AgreementMark agreement={row.visitor.agreement} />}
                </Reading>
              )}
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}

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
      <DifferentText reference={reference} text={text} />
    ) : (
      <Box component="span" sx={{ fontFamily: mono, fontSize: 13, overflowWrap: 'anywhere' }}>
        {text}
      </Box>
    );
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', columnGap: 1, flexWrap: 'wrap' }}>
      {place ? (
        <ButtonBase
          onClick={() => {
            onPlace(place);
          }}
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
