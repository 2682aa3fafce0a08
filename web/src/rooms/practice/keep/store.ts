import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { TakeForm, WordForm } from '../../../api/types';

/** Something on its way to the studio; `seq` is its place in the order in which things happened. */
export type Entry = { seq?: number; token: string } & (
  { kind: 'take'; form: TakeForm } | { kind: 'word'; form: WordForm }
);

interface Kept extends DBSchema {
  outbox: { key: number; value: Entry; indexes: { token: string } };
  snapshots: { key: string; value: unknown };
}

const NAME = 'pebble-practice';

/** Where IndexedDB is missing or locked away, what would be kept lives as long as the page. */
class Memory {
  private entries: Entry[] = [];
  private next = 1;
  readonly lasting = false;
  async add(entry: Entry) {
    this.entries.push({ ...entry, seq: this.next++ });
  }
  async list(token: string) {
    return this.entries.filter((entry) => entry.token === token);
  }
  async remove(seq: number) {
    this.entries = this.entries.filter((entry) => entry.seq !== seq);
  }
  async save() {}
  async load(): Promise<unknown> {
    return undefined;
  }
}

class Lasting {
  private readonly db: IDBPDatabase<Kept>;
  readonly lasting = true;
  constructor(db: IDBPDatabase<Kept>) {
    this.db = db;
  }
  /** Comes back only when it is written to the disk. */
  async add(entry: Entry) {
    const transaction = this.db.transaction('outbox', 'readwrite', { durability: 'strict' });
    await transaction.store.add(entry);
    await transaction.done;
  }
  list(token: string) {
    return this.db.getAllFromIndex('outbox', 'token', token);
  }
  remove(seq: number) {
    return this.db.delete('outbox', seq);
  }
  async save(key: string, value: unknown) {
    await this.db.put('snapshots', value, key);
  }
  load(key: string): Promise<unknown> {
    return this.db.get('snapshots', key);
  }
}

let opened: Promise<Memory | Lasting> | undefined;

async function open(): Promise<Memory | Lasting> {
  try {
    const db = await openDB<Kept>(NAME, 1, {
      upgrade(fresh) {
        fresh
          .createObjectStore('outbox', { keyPath: 'seq', autoIncrement: true })
          .createIndex('token', 'token');
        fresh.createObjectStore('snapshots');
      },
    });
    return new Lasting(db);
  } catch {
    return new Memory();
  }
}

/** What this browser keeps of the practice room. */
export function store(): Promise<Memory | Lasting> {
  opened ??= open();
  return opened;
}
