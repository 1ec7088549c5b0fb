import { describe, expect, test } from '@jest/globals';
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { readSource } from '#core/reading';
import { weave } from '#core/weaving';
import { larkspur } from '#sample';
import { WovenRemarks } from './WovenRemarks.tsx';

const page =
  '<body><p>Larkspur &amp; Vane Veterinary Care</p>\n<p>214 Quay St.</p>\n<p>(360) 555-0199</p></body>';
const woven = (source: string, corrects: string[]) =>
  weave(readSource(source), larkspur, { syntax: 'microdata', corrects });
function Tray({ source }: { source: string }) {
  const [corrects, setCorrects] = useState<string[]>([]);
  return <WovenRemarks result={woven(source, corrects)} corrects={corrects} onCorrect={setCorrects} />;
}
const shown = (source: string) => render(<Tray source={source} />);

describe('what weaving tells', () => {
  test('the facts it found, and where visitors read something else', () => {
    shown(page);
    expect(screen.getByText(/Found in the text: Street, Name/)).toBeTruthy();
    expect(
      screen.getByText(/Line 3: visitors read “\(360\) 555-0199”, the record says Telephone/),
    ).toBeTruthy();
    expect(screen.getByText(/Line 2: visitors read “214 Quay St\.”/)).toBeTruthy();
    expect(screen.getByText('Visitors see the page as it was.')).toBeTruthy();
  });

  test('an offer to put each right, which can be taken back', () => {
    shown(page);
    const tick = () => screen.getByLabelText<HTMLInputElement>('Put “(360) 555-0142” there');
    fireEvent.click(tick());
    expect(tick().checked).toBe(true);
    expect(screen.getByText(/Found in the text: .*Telephone/)).toBeTruthy();
    expect(screen.getByText(/but for what is put right/)).toBeTruthy();
    expect(screen.getByText(/Line 3: visitors read “\(360\) 555-0199”/)).toBeTruthy();
    fireEvent.click(tick());
    expect(tick().checked).toBe(false);
    expect(screen.queryByText(/Found in the text: .*Telephone/)).toBeNull();
  });

  test('which places of a fact have to be told apart', () => {
    const far = '<p>lorem ipsum dolor sit amet</p>\n'.repeat(40);
    shown(
      `<body><p>(360) 555-0142</p>\n`.repeat(2) +
        `${far}<p>Larkspur &amp; Vane Veterinary Care</p>\n${far}<p>214 Quay Street, Port Ellery, WA 98299</p></body>`,
    );
    expect(screen.getByText(/Telephone stands 2 times, on lines 1, 2/)).toBeTruthy();
    expect(screen.getByText(/Found in the text: .*Name/)).toBeTruthy();
  });
});
