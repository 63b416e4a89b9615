import type { Failure } from '../../core/index.ts';

/** What happened, to which file, and what to do. */
export function FailureNote({ failure }: { failure: Pick<Failure, 'message' | 'remedy'> & { file?: string | null } }) {
  return <div className="failure small" role="alert">{failure.file ? <span className="mono">{failure.file}: </span> : null}{failure.message} {failure.remedy}</div>;
}
