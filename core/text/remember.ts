const LONGEST = 1000;

/**
 * A pure function of one text that remembers its last answers, for texts that come again and again (the hours
 * of a day in thousands of branches). At most `most` answers are kept; then it begins anew. Of texts longer than
 * 1,000 characters none is.
 */
export function remember<T>(ask: (text: string) => T, most = 2000): (text: string) => T {
  const answers = new Map<string, { readonly answer: T }>();
  return (text) => {
    if (text.length > LONGEST) return ask(text);
    const known = answers.get(text);
    if (known) return known.answer;
    const answer = ask(text);
    if (answers.size >= most) answers.clear();
    answers.set(text, { answer });
    return answer;
  };
}

/** The same for long texts that come twice in a row: only the last answer is kept. */
export function rememberLast<T>(ask: (text: string) => T): (text: string) => T {
  let last: { readonly text: string; readonly answer: T } | undefined;
  return (text) => {
    if (last?.text !== text) last = { text, answer: ask(text) };
    return last.answer;
  };
}

/** The same for a function of one object: the answer is remembered as long as the object is. */
export function remembered<K extends object, T>(ask: (of: K) => T): (of: K) => T {
  const answers = new WeakMap<K, { readonly answer: T }>();
  return (of) => {
    let known = answers.get(of);
    if (!known) answers.set(of, (known = { answer: ask(of) }));
    return known.answer;
  };
}
