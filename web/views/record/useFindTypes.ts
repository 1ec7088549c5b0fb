import { useEffect, useState } from 'react';
import { findTypes, loadFindTypes } from '#core/vocabulary';

/** The finder of types: in English at once, in every language once its words are loaded. */
export function useFindTypes(): typeof findTypes {
  const [find, setFind] = useState(() => findTypes);
  useEffect(() => {
    let isHere = true;
    void loadFindTypes().then((every) => {
      if (isHere) setFind(() => every);
    });
    return () => {
      isHere = false;
    };
  }, []);
  return find;
}
