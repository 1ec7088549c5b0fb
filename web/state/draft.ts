import {
  changeOwn,
  effectiveRecord,
  emptyRecord,
  factText,
  mergeRecords,
  setOwn,
  takeTheirs,
  type BusinessRecord,
  type Clash,
  type Fact,
} from '#core/record';

/** How the draft stands to what is saved. `kept`: saving failed, the text is in this browser. */
type SaveState =
  | { readonly kind: 'saved' | 'typing' | 'saving'; readonly message?: string }
  | { readonly kind: 'kept'; readonly message: string }
  | { readonly kind: 'conflict'; readonly message: string; readonly clashes: readonly Clash[] };

/** A record as the server has it. */
export interface SavedRecord {
  readonly record: BusinessRecord;
  readonly version: number;
}

/** What was typed and not saved, with what it was typed into. */
interface Backup extends SavedRecord {
  /** The record as it was saved when the typing began; undefined in backups of before. */
  readonly base?: BusinessRecord | undefined;
}

/** Why saving failed. */
export interface SaveFailure {
  /** Somebody else saved first; what is refused for what it is; or nothing answers. */
  readonly kind: 'conflict' | 'refused' | 'silent';
  readonly message: string;
}

/** What is edited, as whoever shows it knows it. */
export interface DraftSubject extends SavedRecord {
  /** What the record inherits from; its own facts come first. */
  readonly defaults: BusinessRecord;
  /** Asks for it as it is saved now. */
  readonly ask: () => Promise<SavedRecord>;
  /** It was saved: whoever shows it elsewhere is told. */
  readonly onSaved: (record: BusinessRecord, version: number) => void;
}

/** What a draft needs of the world. */
export interface DraftWorld {
  readonly save: (
    record: BusinessRecord,
    version: number,
    leaving: boolean,
  ) => Promise<{ readonly version: number } | SaveFailure>;
  readonly readBackup: () => Backup | undefined;
  /** Whether there was room for it. */
  readonly keepBackup: (backup: Backup) => boolean;
  readonly forgetBackup: () => void;
  /** Does something after so many milliseconds; returns what calls it off. */
  readonly later: (milliseconds: number, act: () => void) => () => void;
  /** Milliseconds. */
  readonly now: () => number;
}

/** What is shown of a draft; a new object whenever something of it changed. */
export interface DraftShown {
  readonly record: BusinessRecord;
  readonly state: SaveState;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

const PAUSE_MS = 500;
const RETRY_MS = 4000;
const GROUP_MS = 1500;
const MOST_STEPS = 200;

/**
 * The record in hand: edited at once, saved by itself after a pause, kept in the browser until the server has it,
 * with undo and redo. What others saved meanwhile is merged; where both changed the same fact, both are shown and
 * nothing is saved until one is chosen.
 */
export class Draft {
  readonly #world: DraftWorld;
  #subject: DraftSubject;
  readonly #listeners = new Set<() => void>();
  #shown: DraftShown;
  /** The record and version that the typing stands on. */
  #base: BusinessRecord;
  #version: number;
  #past: readonly BusinessRecord[] = [];
  #future: readonly BusinessRecord[] = [];
  #theirs: SavedRecord | undefined;
  #busy = false;
  #left = false;
  #callOff: (() => void) | undefined;
  #lastEdit: { readonly fact: Fact; readonly at: number } | undefined;

  constructor(saved: DraftSubject, world: DraftWorld) {
    this.#world = world;
    this.#subject = saved;
    this.#base = saved.record;
    this.#version = saved.version;
    const backup = world.readBackup();
    this.#shown = {
      record: backup?.record ?? saved.record,
      state: { kind: backup ? 'typing' : 'saved' },
      canUndo: false,
      canRedo: false,
    };
    if (!backup) return;
    if (backup.version === saved.version) this.#base = backup.base ?? saved.record;
    else this.#merge(backup.base ?? emptyRecord, saved, 'This browser held text that was not saved.');
  }

  get shown(): DraftShown {
    return this.#shown;
  }

  subscribe(listener: () => void): () => void {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }

  /** What is around the record has changed: its defaults, or who is told of a save. */
  follow(subject: DraftSubject): void {
    this.#subject = subject;
  }

  /** Begins to save by itself; what was left unsaved before is saved now. */
  start(): void {
    this.#left = false;
    if (this.#shown.state.kind === 'typing') this.#saveAfter(PAUSE_MS);
  }

  /** The view is left, or the page closes: what is not saved is sent at once, and stays in the browser until it is. */
  leave(): void {
    this.#left = true;
    this.#callOff?.();
    const { kind } = this.#shown.state;
    if (kind === 'typing' || kind === 'kept') void this.#save(true);
  }

  set(fact: Fact, text: string): void {
    const { defaults } = this.#subject;
    if (factText(effectiveRecord(this.#shown.record, defaults), fact) === text) return;
    const at = this.#world.now();
    const sameStroke = this.#lastEdit?.fact === fact && at - this.#lastEdit.at < GROUP_MS;
    if (!sameStroke) this.#remember();
    this.#lastEdit = { fact, at };
    this.#future = [];
    this.#take(setOwn(this.#shown.record, defaults, fact, text));
  }

  /** Changes several facts as one step. */
  change(alter: (record: BusinessRecord) => BusinessRecord): void {
    const next = changeOwn(this.#shown.record, this.#subject.defaults, alter);
    if (next === this.#shown.record) return;
    this.#remember();
    this.#future = [];
    this.#take(next);
  }

  undo(): void {
    const next = this.#past.at(-1);
    if (!next) return;
    this.#past = this.#past.slice(0, -1);
    this.#future = [...this.#future, this.#shown.record];
    this.#lastEdit = undefined;
    this.#take(next);
  }

  redo(): void {
    const next = this.#future.at(-1);
    if (!next) return;
    this.#future = this.#future.slice(0, -1);
    this.#past = [...this.#past, this.#shown.record];
    this.#lastEdit = undefined;
    this.#take(next);
  }

  /** Chooses a side of the facts that both changed; everything else of both stays. */
  resolve(keep: 'mine' | 'theirs'): void {
    const { state, record } = this.#shown;
    const theirs = this.#theirs;
    if (state.kind !== 'conflict' || !theirs) return;
    this.#theirs = undefined;
    this.#base = theirs.record;
    this.#version = theirs.version;
    this.#show({ state: { kind: 'typing' } });
    if (keep === 'theirs') {
      this.#remember();
      this.#take(takeTheirs(record, theirs.record, state.clashes));
    } else this.#take(record);
  }

  #remember(): void {
    this.#lastEdit = undefined;
    this.#past = [...this.#past.slice(-MOST_STEPS), this.#shown.record];
  }

  #show(changed: Partial<DraftShown>): void {
    this.#shown = {
      ...this.#shown,
      ...changed,
      canUndo: this.#past.length > 0,
      canRedo: this.#future.length > 0,
    };
    for (const listener of this.#listeners) listener();
  }

  #take(record: BusinessRecord): void {
    const { state } = this.#shown;
    this.#show({ record, state: state.kind === 'conflict' ? state : { kind: 'typing' } });
    this.#backUp();
    if (state.kind !== 'conflict') this.#saveAfter(PAUSE_MS);
  }

  /** No room for a backup is no reason not to save. */
  #backUp(): void {
    this.#world.keepBackup({ record: this.#shown.record, version: this.#version, base: this.#base });
  }

  #saveAfter(milliseconds: number): void {
    this.#callOff?.();
    if (this.#left) return;
    this.#callOff = this.#world.later(milliseconds, () => void this.#save(false));
  }

  async #save(leaving: boolean): Promise<void> {
    if (this.#busy) return;
    this.#busy = true;
    const sent = this.#shown.record;
    this.#show({ state: { kind: 'saving' } });
    const outcome = await this.#world.save(sent, this.#version, leaving);
    this.#busy = false;
    if ('version' in outcome) this.#saved(sent, outcome.version, leaving);
    else if (outcome.kind === 'conflict') await this.#catchUp();
    else {
      this.#show({ state: { kind: 'kept', message: outcome.message } });
      // What is refused will be refused again; what is silent may answer the next time.
      if (outcome.kind === 'silent') this.#saveAfter(RETRY_MS);
    }
  }

  #saved(record: BusinessRecord, version: number, leaving: boolean): void {
    this.#version = version;
    this.#base = record;
    this.#subject.onSaved(record, version);
    if (this.#shown.record === record) {
      this.#world.forgetBackup();
      this.#show({ state: { kind: 'saved' } });
      return;
    }
    this.#show({ state: { kind: 'typing' } });
    this.#backUp();
    if (leaving || this.#left) void this.#save(true);
    else this.#saveAfter(PAUSE_MS);
  }

  /** Somebody else saved first: what they saved is asked for and merged. */
  async #catchUp(): Promise<void> {
    const message = 'The record was saved in another tab or by someone else.';
    try {
      this.#merge(this.#base, await this.#subject.ask(), message);
    } catch {
      this.#show({ state: { kind: 'kept', message: `${message} What they saved cannot be asked for yet.` } });
      this.#saveAfter(RETRY_MS);
      return;
    }
    if (this.#shown.state.kind === 'typing') this.#saveAfter(0);
  }

  #merge(base: BusinessRecord, theirs: SavedRecord, message: string): void {
    const before = this.#shown.record;
    const { record, clashes } = mergeRecords(base, before, theirs.record);
    if (clashes.length > 0) {
      this.#theirs = theirs;
      this.#show({ record, state: { kind: 'conflict', message, clashes } });
      return;
    }
    this.#base = theirs.record;
    this.#version = theirs.version;
    this.#show({ record, state: { kind: 'typing', message: `${message} Both changes are kept.` } });
    this.#backUp();
  }
}
