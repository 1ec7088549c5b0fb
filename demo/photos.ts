import sharp from 'sharp';

/** What the drawn photos show: a scene of a few shapes in the colours of the place. */
const scenes: Readonly<Record<string, { readonly sky: string; readonly shapes: string }>> = {
  front: {
    sky: '#c9d8dd',
    shapes:
      '<rect x="240" y="330" width="1120" height="620" fill="#8a7a6b"/><rect x="240" y="330" width="1120" height="90" fill="#6b2d5c"/><rect x="320" y="500" width="300" height="260" fill="#dfe9ec"/><rect x="700" y="480" width="200" height="470" fill="#3c454b"/><rect x="980" y="500" width="300" height="260" fill="#dfe9ec"/><rect x="0" y="950" width="1600" height="250" fill="#6b767d"/>',
  },
  reception: {
    sky: '#ece6da',
    shapes:
      '<rect x="0" y="820" width="1600" height="380" fill="#b59a78"/><rect x="300" y="600" width="1000" height="320" fill="#7d5f45"/><rect x="300" y="570" width="1000" height="50" fill="#54402f"/><circle cx="480" cy="300" r="70" fill="#fff4d6"/><circle cx="800" cy="300" r="70" fill="#fff4d6"/><circle cx="1120" cy="300" r="70" fill="#fff4d6"/>',
  },
  ward: {
    sky: '#dfeae6',
    shapes:
      '<g fill="#9fb3ad"><rect x="150" y="250" width="380" height="330"/><rect x="610" y="250" width="380" height="330"/><rect x="1070" y="250" width="380" height="330"/><rect x="150" y="640" width="380" height="330"/><rect x="610" y="640" width="380" height="330"/><rect x="1070" y="640" width="380" height="330"/></g><ellipse cx="800" cy="880" rx="120" ry="70" fill="#5b4a3c"/><circle cx="900" cy="830" r="50" fill="#5b4a3c"/>',
  },
  surgery: {
    sky: '#d5e4e8',
    shapes:
      '<rect x="400" y="640" width="800" height="70" fill="#8fa1a8"/><rect x="760" y="710" width="80" height="330" fill="#6b767d"/><ellipse cx="800" cy="230" rx="260" ry="90" fill="#fdfdf5"/><rect x="785" y="0" width="30" height="180" fill="#6b767d"/>',
  },
  kiln: {
    sky: '#4a3a33',
    shapes:
      '<rect x="420" y="260" width="760" height="760" rx="60" fill="#8b5a3c"/><rect x="560" y="420" width="480" height="480" rx="240" fill="#f08a3c"/><rect x="640" y="520" width="320" height="320" rx="160" fill="#ffd27a"/>',
  },
  shelf: {
    sky: '#e6ddd0',
    shapes:
      '<rect x="120" y="480" width="1360" height="40" fill="#7d5f45"/><rect x="120" y="900" width="1360" height="40" fill="#7d5f45"/><g fill="#5f7f86"><ellipse cx="330" cy="400" rx="110" ry="80"/><rect x="560" y="300" width="150" height="180" rx="40"/><ellipse cx="940" cy="410" rx="150" ry="70"/><rect x="1200" y="260" width="120" height="220" rx="50"/></g><g fill="#a3543d"><ellipse cx="380" cy="830" rx="160" ry="70"/><rect x="700" y="680" width="170" height="220" rx="60"/><ellipse cx="1150" cy="820" rx="180" ry="80"/></g>',
  },
  frames: {
    sky: '#f0efe9',
    shapes:
      '<g fill="none" stroke="#2f3a40" stroke-width="26"><circle cx="420" cy="400" r="130"/><circle cx="760" cy="400" r="130"/><path d="M550 400h80"/><circle cx="840" cy="840" r="130"/><circle cx="1180" cy="840" r="130"/><path d="M970 840h80"/></g><rect x="0" y="1080" width="1600" height="120" fill="#cfc8ba"/>',
  },
};

/** A photo of a scene as a JPEG of 1600 × 1200. Every other one comes with what a camera writes into it. */
export async function drawPhoto(scene: string, withCamera: boolean): Promise<Buffer> {
  const { sky, shapes } = scenes[scene] ?? { sky: '#b9c1c6', shapes: '' };
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="1600" height="1200"><rect width="1600" height="1200" fill="${sky}"/>${shapes}</svg>`;
  const picture = sharp(Buffer.from(svg)).jpeg({ quality: 86 });
  const camera = {
    IFD0: { Make: 'Harbour Optics', Model: 'HO-7', Software: 'HO-7 2.1' },
    IFD2: { DateTimeOriginal: '2026:05:14 10:20:00', FNumber: '28/10', ISOSpeedRatings: '200' },
  };
  return (withCamera ? picture.withExif(camera) : picture).toBuffer();
}
