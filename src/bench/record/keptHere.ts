'use client';
import type { IDBPDatabase } from 'idb';

/**
 * What this browser keeps: what the server has not got yet, and every opened job as it was last known. `photographs` is where an earlier
 * version kept those: they are taken over from there.
 */
const STORES = { kept: 'id', photographs: 'id', jobs: 'jobId' } as const;

let opened: Promise<IDBPDatabase | null> | null = null;

/**
 * Null without IndexedDB (a private window), or while what opens it can not be fetched: then things are kept in memory only. Asked again,
 * it tries again.
 */
export function openKeptHere(): Promise<IDBPDatabase | null> {
  const open = async () => {
    // It is not needed for the first drawing.
    const { openDB } = await import('idb');
    return openDB('urn-key', Object.keys(STORES).length, {
      upgrade: (database) => {
        for (const [store, keyPath] of Object.entries(STORES))
          if (!database.objectStoreNames.contains(store)) database.createObjectStore(store, { keyPath });
      },
      // Another tab has a newer version: it must not wait for this one.
      blocking: (_now, _wanted, event) => {
        (event.target as IDBDatabase).close();
        opened = null;
      },
    });
  };
  opened ??= open().catch(() => {
    opened = null;
    return null;
  });
  return opened;
}
