import type { Kind } from '../model/kinds.ts';
import type { Clause } from './statements.ts';

/** A kind that the wording names. */
export interface Mention { kinds: Kind[]; at: number; to: number; clause: Clause; refused: boolean }
/** What a document is called, and where that stands. */
export interface DocumentLabel { label: string; at: number }

/** What a document is called. */
export const noun = '(?:final |written |completed |signed |lab(?:oratory)? |field |research |reflective |technical |data |cover |title |answer |term |seminar |video |photo |ethics |approval |consent |group |individual |peer evaluation |peer review |self-|project |case |short |long |supporting |supplementary |declaration |observation |submission |application |signature |film |photo |candidate )*(?:essay|report|paper|dissertation|thesis|(?<!\\b(?:electronic|digital|printed|written|any|this|that|the same|paper|of the|in the|which|what) )form|(?:cover|contact|answer) ?sheet|sheet|spreadsheet|archive|data ?set|data file|slides|presentation|poster|video|film|audio file|sound file|text(?= as\\b)|animation|composition|sound piece|podcast|recording|portfolio|notebook|workbook|(?:log|lab|laboratory|field) ?book|boards|photos|op-ed|journal|appendix|appendices|abstract|proposal|(?:raw )?data|assignment|coursework|declaration|reflection|(?<!\\bfor )(?:literature )?review|(?:supplementary|supporting|additional) (?:materials?|files?)|analysis|statement|worksheet|answers|script|plan|full papers?|abstracts|checklist|README|(?<=\\b(?:ethics|ethical|consent|supervisor) )approval(?= \\()|(?<=\\b(?:cover|covering|approval|consent|ethics|motivation|confirmation) )letter|summary|commentary|rationale|exercise|solution|photographs|pictures|figures?|maps?|transcript|bibliography|(?<!\\bthe )template|write-?up|(?:your |the )?source code|(?<=\\b(?:the|your) )code(?= (?:as |in )(?:a |one )?zip\\b| \\(zip\\b)|manuscript|case study|assessment|(?:fieldwork |learning |reading |research )?diar(?:y|ies))';
