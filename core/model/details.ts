/** What identifies the student. Stays on the student's machine. */
export interface Details {
  givenNames: string[]; surname: string; otherNames: string[]; username: string; studentNumber: string; candidateNumber: string;
  emails: string[]; phones: string[]; other: string[];
}
export type DetailName = 'givenName' | 'surname' | 'fullName' | 'initials' | 'otherName' | 'username' | 'studentNumber' | 'candidateNumber' | 'email' | 'phone' | 'other';
export const noDetails = (): Details =>
  ({ givenNames: [], surname: '', otherNames: [], username: '', studentNumber: '', candidateNumber: '', emails: [], phones: [], other: [] });
