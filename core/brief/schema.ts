import Joi from 'joi';
import type { Brief } from '../model/brief.ts';
import type { Details } from '../model/details.ts';
import { CannotDo } from '../model/outcome.ts';
import type { Kind } from '../model/kinds.ts';
import { endings } from '../tables/signatures.ts';
import { billParts } from '../words/bill.ts';
import { emptyBrief, noLimits } from '../model/brief.ts';
import { noDetails } from '../model/details.ts';
import { patternFormat, type BriefPattern } from './pattern.ts';

/** Nothing where a list or a group of fields is meant: it is not settled. */
const listOf = (items: Joi.Schema): Joi.ArraySchema => Joi.array().items(items).empty(null).default([]);
/** A kind by its own name or by an ending that its files have. */
const kind = Joi.string().lowercase().custom((value: string, helpers) => kindOf(value.replace(/^\./, '')) ?? helpers.error('any.only', { valids: Object.keys(endings) }));
const kindOf = (name: string): string | undefined => (name in endings ? name : Object.keys(endings).find((k) => endings[k as Kind].includes(name)));
const text = Joi.string().trim().allow('', null).empty('').default(null);
const count = Joi.number().integer().min(0).empty(Joi.valid(null, 0)).default(null);
const iso = Joi.string().pattern(/^\d{4}-\d{2}-\d{2}(?:T\d{2}:\d{2}(?::\d{2}(?:\.\d+)?)?(?:Z|[+-]\d{2}:?\d{2})?)?$/).allow(null).default(null).messages({ 'string.pattern.base': '{{#label}} must be a date like 2027-03-12 or a time like 2027-03-12T17:00:00+00:00' });
const flag = Joi.boolean().allow(null).default(null);
const side = Joi.number().min(0).max(200).optional();
const wordParts = listOf(Joi.string().valid(...billParts.map((p) => p.part)));
const limits = Joi.object({ maxBytes: count, minWords: count, maxWords: count, minPages: count, maxPages: count });

const nameField = Joi.string().valid('studentNumber', 'candidateNumber', 'surname', 'givenNames', 'initials', 'username', 'courseCode', 'title', 'part', 'date');
const choice = Joi.object({ values: Joi.array().items(Joi.number().positive()).min(2).max(10).required(), between: Joi.boolean().required() }).optional();

/** The shape of a brief, as cli.md gives it. Unknown keys are dropped, so that a newer file can be read. */
export const briefSchema = Joi.object({
  place: text,
  documents: listOf(Joi.object({ label: text, types: listOf(kind), limits: limits.empty(null).optional() })),
  limits: limits.empty(null).default(noLimits()),
  naming: Joi.object({ pattern: text, mustContain: listOf(nameField), mustNotIdentify: flag }).empty(null).default(emptyBrief().naming),
  anonymous: flag, similarityChecked: flag, opens: iso, due: iso, extension: iso, timeZone: text,
  parts: listOf(Joi.object({ label: Joi.string().required(), opens: iso, due: iso })).max(20),
  attempts: Joi.object({ allowed: Joi.alternatives(Joi.number().integer().min(1), Joi.string().valid('unlimited')).allow(null).default(null), keeps: Joi.string().valid('latest', 'all').allow(null).default(null) }).empty(null).default(emptyBrief().attempts),
  late: Joi.object({ percentPerDay: Joi.number().min(0).allow(null).default(null), cutoffDays: Joi.number().min(0).allow(null).default(null) }).empty(null).default(emptyBrief().late),
  statesWords: Joi.boolean().valid(true).optional(),
  shown: Joi.array().items(Joi.object({ field: nameField.required(), where: Joi.string().valid('runningHead', 'titlePage', 'text').required() })).optional(),
  layout: Joi.object({ pageSize: text, marginMm: Joi.number().positive().allow(null).default(null), fontSizePt: Joi.number().positive().allow(null).default(null), lineSpacing: Joi.number().positive().allow(null).default(null), fonts: listOf(Joi.string()), pageNumbers: flag, atLeast: Joi.array().items(Joi.string().valid('fontSizePt', 'marginMm', 'lineSpacing')).optional(), choices: Joi.object({ fontSizePt: choice, lineSpacing: choice, marginMm: choice }).optional(), orientation: Joi.string().valid('portrait', 'landscape').optional(), faceKind: Joi.string().valid('serif', 'sans serif').optional(), fontsAreExamples: Joi.boolean().valid(true).optional(), margins: Joi.object({ left: side, right: side, top: side, bottom: side }).unknown(false).optional() }).empty(null).default(emptyBrief().layout),
  declaration: flag, referenceStyle: text, sections: Joi.array().items(Joi.string().max(80)).max(40).optional(),
  archival: Joi.string().pattern(/^PDF\/A(?:-[1-4][abuef]?)?$/).optional(),
  counting: Joi.object({ counted: wordParts, left: wordParts, pagesLeft: wordParts.optional() }).unknown(false).optional(),
  lengths: Joi.array().items(Joi.string().valid('maxBytes', 'minWords', 'maxWords', 'minPages', 'maxPages')).optional(),
  evidence: listOf(Joi.object({ field: Joi.string(), quote: Joi.string().allow(''), start: Joi.number().integer().min(0), end: Joi.number().integer().min(0) }).unknown()),
}).options({ stripUnknown: true, abortEarly: false, convert: true });

const list = Joi.array().items(Joi.string().trim().allow('', null)).single().empty(null).default([]);
const plain = Joi.string().trim().allow('', null).empty(null).default('');
const number = Joi.alternatives(plain, Joi.number().cast('string')).empty(null).default('');
export const detailsSchema = Joi.object({ givenNames: list, surname: plain, otherNames: list, username: plain, studentNumber: number, candidateNumber: number, emails: list, phones: list, other: list })
  .options({ stripUnknown: true, abortEarly: false });

/** Validates a brief from outside. @throws {CannotDo} `badInput`, naming each field that is wrong */
export function parseBrief(value: unknown, file: string | null = null): Brief { return validate<Brief>(briefSchema, value, { ...emptyBrief() }, 'brief', file); }
/** Validates details from outside. @throws {CannotDo} `badInput`, naming each field that is wrong */
export function parseDetails(value: unknown, file: string | null = null): Details {
  const d = validate<Details>(detailsSchema, value, noDetails(), 'details', file);
  for (const key of ['givenNames', 'otherNames', 'emails', 'phones', 'other'] as const) d[key] = d[key].filter(Boolean);
  return d;
}
/** Validates an exported pattern, or a bare brief. @throws {CannotDo} `badInput`, naming each field that is wrong */
export function parsePattern(value: unknown, file: string | null = null): BriefPattern {
  const whole = value as Partial<BriefPattern> | null;
  if (whole && typeof whole === 'object' && whole.format === patternFormat) return { format: patternFormat, course: String(whole.course ?? '').slice(0, 100), brief: parseBrief(whole.brief, file) };
  return { format: patternFormat, course: '', brief: parseBrief(value, file) };
}
function validate<T>(schema: Joi.ObjectSchema, value: unknown, fallback: T, what: string, file: string | null): T {
  if (value === null || typeof value !== 'object' || Array.isArray(value)) throw new CannotDo('badInput', `The ${what} is not an object of fields.`, `Export the ${what} again.`, file);
  const { error, value: clean } = schema.validate(value) as { error?: Joi.ValidationError; value: T };
  if (error) throw new CannotDo('badInput', `The ${what} has wrong fields: ${error.details.map((d) => d.message.replace(/"/g, '')).join('; ')}.`, 'Correct these fields and try again.', file);
  return { ...fallback, ...clean };
}
