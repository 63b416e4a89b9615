import type { ReactNode } from 'react';

/** An order to choose, by pointer and by keyboard: Alt with the arrow keys moves the one that has the focus, chosen or not. */
export function OrderList<T extends { id: string; name: string }>({ label, items, at, choose, move, children }: { label: string; items: T[]; at: number; choose: (at: number) => void; /** moves what stands at a place, by so many places */ move: (by: number, from: number) => void; children?: (item: T) => ReactNode }) {
  return (
    <div>
      <ol className="plain order" aria-label={label} style={{ margin: 0 }}>
        {items.map((item, i) => (
          <li key={item.id} className={`finding${i === at ? ' chosen' : ''}`}>
            <button type="button" className="pick" aria-pressed={i === at} onClick={() => choose(i)} onKeyDown={(e) => { if (e.altKey && (e.key === 'ArrowUp' || e.key === 'ArrowDown')) { e.preventDefault(); move(e.key === 'ArrowUp' ? -1 : 1, i); } }}><span className="mono tiny">{i + 1}. {item.name}</span>{children ? <><br />{children(item)}</> : null}</button>
          </li>
        ))}
      </ol>
      <div className="row small" style={{ marginTop: 8 }}><button type="button" className="act" disabled={at === 0} onClick={() => move(-1, at)}>earlier</button><button type="button" className="act" disabled={at >= items.length - 1} onClick={() => move(1, at)}>later</button><span className="soft">or Alt with the arrow keys</span></div>
    </div>
  );
}

/** Changes places in an order of ids. @returns the new order and where the moved one stands now, or null at an end */
export function moved(ids: string[], at: number, by: number): { ids: string[]; at: number } | null {
  const to = at + by;
  if (to < 0 || to >= ids.length) return null;
  const next = [...ids];
  [next[at], next[to]] = [next[to]!, next[at]!];
  return { ids: next, at: to };
}
