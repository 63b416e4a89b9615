import type { Details } from '../core/index.ts';

/** The made-up student of the demonstration. */
export const student: Details = {
  givenNames: ['Nína'], surname: 'Vestergaard-Imani', otherNames: [], username: 'nvi204', studentNumber: '20417733', candidateNumber: 'Y3921847',
  emails: ['nvi204@student.carrow.example'], phones: ['+44 7700 900123'], other: [],
};
