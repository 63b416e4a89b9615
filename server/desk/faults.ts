/** What can go wrong at a receiver on a bad day; each can be switched on at the desk, for one sending or until it is switched off. */
export const faults = [
  { id: 'none', word: 'nothing goes wrong' },
  { id: 'slow', word: 'the line is slow' },
  { id: 'lost', word: 'the connection breaks while sending' },
  { id: 'answerLost', word: 'everything is stored, but the answer is lost' },
  { id: 'oneOfTwo', word: 'only the first document is stored' },
  { id: 'cutShort', word: 'the first file is stored cut short' },
  { id: 'nameChanged', word: 'the receiver changes the file name' },
  { id: 'otherFile', word: 'another file is stored under the name' },
  { id: 'draft', word: 'it stays a draft' },
  { id: 'receiptDelayed', word: 'the receipt comes late' },
  { id: 'mailOnly', word: 'the receipt comes by mail only' },
] as const;
export type Fault = (typeof faults)[number]['id'];
export const isFault = (value: unknown): value is Fault => faults.some((f) => f.id === value);
/** The fault that is on. `percent`: of the bytes after which the line breaks; `left`: sendings that it still meets, null: all. */
export interface FaultState { fault: Fault; percent: number; left: number | null }
export const noFault: FaultState = { fault: 'none', percent: 50, left: null };
