import { useLiveQuery } from 'dexie-react-hooks';
import { db } from '../store/db.ts';

/** The student's sending speed in bytes a second: measured at the desk, or entered. */
export const useSpeed = (): number | null | undefined => useLiveQuery(async () => ((await db.settings.get('speed'))?.value as number | undefined) ?? null, []);
export const saveSpeed = async (bytesPerSecond: number | null): Promise<void> => { if (bytesPerSecond === null) await db.settings.delete('speed'); else await db.settings.put({ key: 'speed', value: bytesPerSecond }); };
