import { checkPattern, endings, fieldNames, proposeName, type Brief, type NameField } from '../../core/index.ts';
import { useDetails } from '../queries/paper.ts';
import { Mark } from './standing.tsx';

const insertable: [NameField, string][] = [['candidateNumber', 'CandidateNumber'], ['studentNumber', 'StudentNumber'], ['surname', 'Surname'], ['initials', 'Initials'], ['courseCode', 'CourseCode'], ['title', 'Title'], ['part', 'Part'], ['date', 'Date']];

/** Builds the name rule from fields, and shows at once what my file would be called. */
export function NameRule({ brief, title, course, set }: { brief: Brief; title: string; course: string; set: (pattern: string) => void }) {
  const details = useDetails() ?? null;
  const extension = endings[brief.documents[0]?.types[0] ?? 'pdf'][0] ?? 'pdf', pattern = brief.naming.pattern ?? '';
  const name = proposeName({ brief, details, present: `paper.${extension}`, extension, title, courseCode: course, label: brief.documents[0]?.label ?? null, anonymous: brief.anonymous === true });
  const verdict = pattern ? checkPattern(name, pattern, details) : null;
  return (
    <div className="wide small">
      <div className="row" style={{ gap: 10 }}><span className="soft">Insert</span>{insertable.map(([field, word]) => <button key={field} type="button" className="act" onClick={() => set(`${pattern.replace(/\.\w{2,4}$/, '')}${pattern ? '_' : ''}${word}`)}>{fieldNames[field]}</button>)}</div>
      <div className="row" style={{ marginTop: 6 }}><span className="soft">My file would be</span> <span className="mono" data-testid="name-preview">{name}</span>{verdict ? <Mark standing={verdict.fits === true ? 'met' : 'look'} word={verdict.fits === true ? 'keeps the rule' : `look: ${verdict.why}`} /> : null}</div>
    </div>
  );
}
