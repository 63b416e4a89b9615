import { Link } from 'react-router';
import type { StopProps } from './paper.tsx';

/** Compare: not built yet, and said so. */
export function CompareStop({ paper }: StopProps) {
  return (
    <>
      <div className="stop-head"><h2>Compare with other texts</h2></div>
      <div className="pad">
        <p style={{ marginTop: 0 }}>Comparing the paper with your sources before the receiver does is not built yet.</p>
        <p className="soft">The docket does not count it{paper.brief.similarityChecked ? ', although this paper will be checked for similarity: a first score takes 10 to 30 minutes, a later one 24 to 48 hours (common practice)' : ''}. <Link className="act" to={`/papers/${paper.id}/send`}>Go on to Send</Link></p>
      </div>
    </>
  );
}
