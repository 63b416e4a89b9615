import type { Kind } from '../model/kinds.ts';

/** What can be done with a working file of each kind, for the one who brought it. */
export const wayOn: Partial<Record<Kind, string>> = {
  docx: 'A working file: it can be cleaned, and converted to PDF in Mend.', docm: 'A working file with macros: Mend makes a PDF of it, or save it without macros.', odt: 'A working file: it can be cleaned, and converted to PDF or DOCX in Mend.', rtf: 'A working file: Mend converts it to PDF or DOCX.',
  html: 'A working file: Mend converts it to PDF or DOCX. Pictures that lie elsewhere do not come along.', markdown: 'A working file: Mend converts it to PDF or DOCX.', txt: 'A working file: Mend converts it to PDF or DOCX.', doc: 'An old kind: the office engine converts it, where it is installed; else save it as DOCX in the program it was written in.',
  jpeg: 'A picture: several go together into one PDF, in the order you choose.', png: 'A picture: several go together into one PDF, in the order you choose.', tiff: 'A picture: several go together into one PDF, in the order you choose.', heic: 'A picture of a kind that few receivers open: set the telephone to take JPEG, or export it as JPEG, and bring that.',
  zip: 'An archive: unpack it here, and hand in the documents themselves.', gz: 'An archive: unpack it here, and hand in the document itself.', dotx: 'A template: save it as an ordinary document under a name of its own.',
};
