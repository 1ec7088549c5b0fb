import { listOf, images as pictures, people, profile } from '#core/value';
import { fact } from '../descriptor.ts';

/** People and profiles, and pictures. */
export const profiles = {
  founder: fact('profiles', people, {
    label: 'Founders',
    about: 'People with their profiles',
    headings: 'owner;founded by;inhaber;grunder',
    ask: { at: 22, question: 'Who founded the business?', how: 'One a line: Name | addresses of profiles' },
    property: 'founder',
    block: { label: 'Founded by', inLine: true },
  }),
  sameAs: fact('profiles', listOf(profile, { name: 'profiles' }), {
    label: 'Profiles',
    about: 'Addresses of the business’s own profiles, one a line',
    wanted: 'recommended',
    hint: 'One address a line',
    headings:
      'social profiles;profiles;social;social links;social media;links;social media links;profile urls;profile links;soziale medien;reseaux sociaux;redes sociales',
    usual: true,
    ask: { at: 19, question: 'Your profiles on other sites', how: 'Whole addresses, one a line' },
    property: 'sameAs',
    block: { forMachines: true },
  }),
  logo: fact('images', pictures, {
    label: 'Logo',
    about: 'Whole address of the logo, with its size and caption',
    headings: 'logo url;logo photo;logo image',
    ask: { at: 21, question: 'Where is your logo?', how: 'Its whole address' },
    property: 'logo',
    block: { forMachines: true },
  }),
  image: fact('images', pictures, {
    label: 'Images',
    about: 'Whole addresses of pictures with alternative text',
    wanted: 'recommended',
    headings:
      'images;picture;photos;photo;image url;image urls;photo url;picture url;cover photo;bild;bilder;foto;fotos;imagen;immagine;afbeelding',
    usual: true,
    ask: { at: 20, question: 'Pictures of the place', how: 'Whole addresses, one a line' },
    property: 'image',
    guideline: {
      why: 'Give the whole address of a picture of the place.',
      also: ['photo', 'logo'],
    },
    block: { forMachines: true },
  }),
};
