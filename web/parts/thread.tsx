import { NavLink } from 'react-router';

export const stops = [['read', 'Read'], ['bring', 'Bring'], ['check', 'Check'], ['mend', 'Mend'], ['compare', 'Compare'], ['send', 'Send'], ['confirm', 'Confirm']] as const;
export type Stop = (typeof stops)[number][0];
/** How much of each stop is open; nothing where it is passed or does not apply. */
export type OpenCounts = Partial<Record<Stop, { passed: boolean; note: string }>>;

/** The route: seven knots on a thread, each reachable at any time. */
export function Thread({ paperKey, here, counts }: { paperKey: string; here: Stop; counts: OpenCounts }) {
  const at = stops.findIndex(([id]) => id === here);
  return (
    <nav aria-label="Route">
      <ol className="thread">
        <span className="done" style={{ width: `calc(${(at / 7) * 100}% + 10px)` }} aria-hidden="true" />
        {stops.map(([id, verb]) => (
          <li key={id} className={id === here ? 'here' : counts[id]?.passed ? 'passed' : undefined}>
            <span className="knot" aria-hidden="true" />
            <NavLink to={`/papers/${paperKey}/${id}`}>{verb}{counts[id]?.note ? <span className={`open ${/open|missing/.test(counts[id]!.note) ? 'is-notMet' : 'soft'}`}>{counts[id]!.note}</span> : null}</NavLink>
          </li>
        ))}
      </ol>
    </nav>
  );
}
/** The same for a list: seven small knots. */
export function Knots({ counts, here }: { counts: OpenCounts; here: Stop }) {
  return <span className="knots" role="img" aria-label={`Next stop: ${stops.find(([id]) => id === here)![1]}`}>{stops.map(([id]) => <i key={id} className={id === here ? 'here' : counts[id]?.passed ? 'passed' : undefined} />)}</span>;
}
