import { useQueryClient } from '@tanstack/react-query';
import { limits } from '#core/limits';
import { addPhoto, PHOTOS } from '../../api/photos.ts';
import { refresh } from '../../api/request.ts';
import { useUpload } from '../../parts/Drop.tsx';

const isZip = ({ name }: File): boolean => /\.zip$/i.test(name);

/** Takes photos, folders and zips in, and says what was refused and what was there already. */
export function useUploadPhotos(branchId: number) {
  const queries = useQueryClient();
  return useUpload({
    noun: 'photo',
    most: (file) => (isZip(file) ? limits.photosZipBytes : limits.photoBytes),
    add: async (file) => {
      const { photos, refused } = await addPhoto(branchId, file);
      return {
        added: photos.length,
        refused: [
          ...refused.map(({ name, reason }) => `${name} was not taken: ${reason}`),
          ...photos.flatMap(({ name, twin }) => (twin ? [`${name} is the same picture as ${twin}.`] : [])),
        ],
      };
    },
    done: () => {
      void refresh(queries, ...PHOTOS);
    },
  });
}
