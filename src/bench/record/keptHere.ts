'use client';
import { openDB, type IDBPDatabase } from 'idb';

/** What this browser keeps until the server has it: entries, and photographs. */
const STORES = ['kept', 'photographs'] as const;
export type KeptStore = (typeof STORES)[number];

let opened: Promise<IDBPDatabase | null> | null = null;

/** Null without IndexedDB (a private window): then things are kept in memory only. */
export function openKeptHere(): Promise<IDBPDatabase | null> {
  const open = async () =>
    openDB('urn-key', STORES.length, {
      upgrade: (database) => {
        for (const store of STORES)
          if (!database.objectStoreNames.contains(store))
            database.createObjectStore(store, { keyPath: 'id' });
      },
      // Another tab has a newer version: it must not wait for this one.
      blocking: (_now, _wanted, event) => {
        (event.target as IDBDatabase).close();
        opened = null;
      },
    });
  opened ??= open().catch(() => null);
  return opened;
}
