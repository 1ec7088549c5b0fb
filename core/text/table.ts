/** A table that is asked with names from elsewhere: one without it, "constructor" say, has no entry. */
export const table = <T>(entries: Readonly<Record<string, T>>): Readonly<Record<string, T | undefined>> =>
  Object.freeze(Object.assign(Object.create(null) as Record<string, T>, entries));
