import { fold } from '#core/text';
import type { ClientSummary, FoundBranch } from '#contract';
import { branchViews, defaultsPath, viewLabel, viewPath, type BranchView } from './place.ts';

/** Something the command bar offers: where it leads. */
export interface Command {
  readonly label: string;
  readonly group: string;
  readonly path: string;
}

/** What can be done in a view, by the words for it. */
const ACTIONS: readonly (readonly [words: string, view: BranchView])[] = [
  ['Edit the record', 'record'],
  ['Check a page or code', 'check'],
  ['Place markup', 'pages'],
  ['Add pages', 'pages'],
  ['Stamp photos', 'photos'],
  ['Add photos', 'photos'],
];

const begins = (text: string, word: string): boolean => ` ${fold(text)}`.includes(` ${word}`);

/** The words typed, taken apart: those that name a view or an action, and those that name a client or a branch. */
export function takeApart(typed: string): { readonly views: readonly BranchView[]; readonly named: string } {
  const words = fold(typed).split(' ').filter(Boolean);
  const views = branchViews.filter((view) => words.some((word) => word.length > 2 && view.startsWith(word)));
  const isView = (word: string): boolean => word.length > 2 && views.some((view) => view.startsWith(word));
  return { views, named: words.filter((word) => !isView(word)).join(' ') };
}

/**
 * What the words find, the best first: views of branches as the search ranks them, then defaults, actions and the
 * desk. `here` is the branch in hand, which actions are done with.
 */
export function commandsFor(
  typed: string,
  branches: readonly FoundBranch[],
  clients: readonly ClientSummary[],
  here: FoundBranch | undefined,
): readonly Command[] {
  const { views, named } = takeApart(typed);
  const words = fold(typed).split(' ').filter(Boolean);
  const fits = (text: string): boolean => words.every((word) => begins(text, word));
  // Words may be the branch's own as well: "check" may be a street.
  const places = branches.flatMap(({ id, label, clientName }) =>
    (views.length > 0 ? views : branchViews).map((view) => ({
      label: `${label}: ${viewLabel[view]}`,
      group: clientName,
      path: viewPath(id, view),
    })),
  );
  const defaults = clients
    .filter(({ name }) => named !== '' && named.split(' ').every((word) => begins(`${name} defaults`, word)))
    .map(({ id, name }) => ({ label: 'Defaults of all branches', group: name, path: defaultsPath(id) }));
  const actions = [
    ...(here
      ? ACTIONS.filter(([action]) => fits(action)).map(([action, view]) => ({
          label: `${action}: ${here.label}`,
          group: 'Do',
          path: viewPath(here.id, view),
        }))
      : []),
    ...(here && fits('Add a branch')
      ? [
          {
            label: `Add a branch: ${here.clientName}`,
            group: 'Do',
            path: `/?add=branch&client=${String(here.clientId)}`,
          },
        ]
      : []),
    ...(fits('Add a client') ? [{ label: 'Add a client', group: 'Do', path: '/?add=client' }] : []),
  ];
  const everywhere = [
    { label: 'Desk', group: 'Everywhere', path: '/' },
    { label: 'Trash and changes', group: 'Everywhere', path: '/trash' },
  ].filter(({ label }) => fits(label));
  if (words.length === 0) return [...everywhere, ...grouped(places), ...actions];
  // Whoever types the beginning of an action and names no branch means the action.
  const rest = [...defaults, ...everywhere];
  return named === '' ? [...actions, ...grouped(places), ...rest] : [...grouped(places), ...rest, ...actions];
}

/** Those of one group stand together, the group of the best first. */
function grouped(commands: readonly Command[]): readonly Command[] {
  const groups = [...new Set(commands.map(({ group }) => group))];
  return groups.flatMap((group) => commands.filter((command) => command.group === group));
}
