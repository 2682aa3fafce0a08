import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { otherWindows, thisWindow } from './windows';
import type { Climb, StepDocument, TakeRequest, WordRequest } from '../api/types';

/** Something on its way to the studio. */
export type Entry = {
  /** Its place in the order in which things happened. */
  seq?: number;
  /** The link by which it was made. */
  token: string;
  /** The room it is from: it stays the student's when the link is renewed. */
  room?: string;
  /** Why the studio did not accept it, where it did not. */
  refused?: string;
} & ({ kind: 'take'; form: TakeRequest } | { kind: 'word'; form: WordRequest });

/** Whether an entry goes with this link: made by it, or in the same room by one that it has replaced. */
function isOf(entry: Entry, token: string, room: string | undefined): boolean {
  return entry.token === token || (room !== undefined && entry.room === room);
}

/** A routine as it lies on the Bench, as far as the studio does not have it. */
export interface HeldDraft {
  /** The kept routine it comes from, and the version that was changed; a new one without. */
  id?: number;
  version?: number;
  title: string;
  steps: { id?: number; document: StepDocument; climb: Climb; start?: number[] }[];
  at: number;
  studentId?: number;
  /** The window in which it lies. */
  window?: string;
}

/** By what a draft is known: its routine, or that it is new, and the window in which it lies. */
const draftKey = (id: number | undefined, window: string) => `${id ?? 'new'} ${window}`;

interface Kept extends DBSchema {
  outbox: { key: number; value: Entry };
  snapshots: { key: string; value: unknown };
  drafts: { key: string; value: HeldDraft };
}

const NAME = 'pebble-practice';

/** Entries in memory are counted from here on, behind all that are written down. */
const IN_MEMORY = 2 ** 40;

/** Where IndexedDB is missing or locked away, what would be kept lives as long as the page. */
class Memory {
  private entries: Entry[] = [];
  private next = IN_MEMORY;
  readonly lasting: boolean = false;
  get isEmpty() {
    return this.entries.length === 0;
  }
  async add(entry: Entry) {
    this.entries.push({ ...entry, seq: this.next++ });
  }
  async list(token: string, room?: string) {
    return this.entries.filter((entry) => isOf(entry, token, room));
  }
  async change(entry: Entry) {
    this.entries = this.entries.map((one) => (one.seq === entry.seq ? entry : one));
  }
  async remove(seq: number) {
    this.entries = this.entries.filter((entry) => entry.seq !== seq);
  }
  async save() {}
  async forget() {}
  async load(): Promise<unknown> {
    return undefined;
  }
  /** Whether the draft is written down; here it is not. */
  async hold(draft: HeldDraft): Promise<boolean> {
    void draft;
    return false;
  }
  async held(): Promise<HeldDraft | undefined> {
    return undefined;
  }
  async drafts(): Promise<HeldDraft[]> {
    return [];
  }
  async drop() {}
  async dropAll() {}
}

class Lasting {
  private readonly db: IDBPDatabase<Kept>;
  /** What the disk had no room for. */
  private readonly beside = new Memory();
  constructor(db: IDBPDatabase<Kept>) {
    this.db = db;
  }
  get lasting() {
    return this.beside.isEmpty;
  }
  /** Comes back only when it is written to the disk, or, where that is full, held in memory. */
  async add(entry: Entry) {
    try {
      const transaction = this.db.transaction('outbox', 'readwrite', { durability: 'strict' });
      await Promise.all([transaction.store.add(entry), transaction.done]);
    } catch {
      await this.beside.add(entry);
    }
  }
  async list(token: string, room?: string) {
    const kept = (await this.db.getAll('outbox')).filter((entry) => isOf(entry, token, room));
    return [...kept, ...(await this.beside.list(token, room))];
  }
  async change(entry: Entry) {
    if (entry.seq! >= IN_MEMORY) await this.beside.change(entry);
    else await this.db.put('outbox', entry);
  }
  async remove(seq: number) {
    if (seq >= IN_MEMORY) await this.beside.remove(seq);
    else await this.db.delete('outbox', seq);
  }
  async save(key: string, value: unknown) {
    await this.db.put('snapshots', value, key);
  }
  async forget(key: string) {
    await this.db.delete('snapshots', key);
  }
  load(key: string): Promise<unknown> {
    return this.db.get('snapshots', key);
  }
  async hold(draft: HeldDraft) {
    try {
      const window = await thisWindow();
      await this.db.put('drafts', { ...draft, window }, draftKey(draft.id, window));
      return true;
    } catch {
      return false;
    }
  }
  /** This window's own, or one that a window has left which is gone. */
  async held(id: number | undefined) {
    const own = await thisWindow();
    const these = (await this.drafts()).filter((draft) => draft.id === id);
    return these.find((draft) => draft.window === own) ?? these[0];
  }
  /** Those of this window, and of windows that are gone. */
  async drafts() {
    const others = await otherWindows();
    return (await this.db.getAll('drafts')).filter((draft) => !others.includes(draft.window ?? ''));
  }
  /** Drops this window's own draft, or that of a window which is gone. */
  async drop(id: number | undefined) {
    for (const draft of await this.drafts())
      if (draft.id === id) await this.db.delete('drafts', draftKey(id, draft.window ?? ''));
  }
  async dropAll() {
    await this.db.clear('drafts');
  }
}

let opened: Promise<Memory | Lasting> | undefined;

async function open(): Promise<Memory | Lasting> {
  try {
    const db = await openDB<Kept>(NAME, 2, {
      upgrade(fresh, before) {
        if (before < 1) {
          fresh.createObjectStore('outbox', { keyPath: 'seq', autoIncrement: true });
          fresh.createObjectStore('snapshots');
        }
        fresh.createObjectStore('drafts');
      },
    });
    return new Lasting(db);
  } catch {
    return new Memory();
  }
}

/** What this browser keeps: the practice room, and what lies on the Bench. */
export function store(): Promise<Memory | Lasting> {
  opened ??= open();
  return opened;
}
