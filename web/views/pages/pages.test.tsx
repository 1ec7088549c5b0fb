import { describe, expect, test } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import { larkspur } from '#sample';
import { WovenRemarks } from './WovenRemarks.tsx';

const page =
  '<body><p>Larkspur &amp; Vane Veterinary Care</p>\n<p>214 Quay St.</p>\n<p>(360) 555-0199</p></body>';
const shown = (source: string) => render(<WovenRemarks source={source} form="woven" record={larkspur} />);

describe('what weaving tells', () => {
  test('the facts it found, and where visitors read something else', () => {
    shown(page);
    expect(screen.getByText(/Found in the text: Street, Name/)).toBeTruthy();
    expect(
      screen.getByText(/Line 3: visitors read “\(360\) 555-0199”, the record says Telephone/),
    ).toBeTruthy();
    expect(screen.getByText(/Line 2: visitors read “214 Quay St\.”/)).toBeTruthy();
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
