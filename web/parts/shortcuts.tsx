import Dialog from '@mui/material/Dialog';

const keys = [['?', 'show or hide this list'], ['g then h', 'all papers'], ['1 … 7', 'go to a stop of the route'], ['j / k', 'next / previous place (Check)'], ['← / →', 'previous / next page'], ['+ / − / 0', 'larger, smaller, as it was (All pages)'], ['space, arrows, space', 'carry a file to another document (Bring)']] as const;

export function Shortcuts({ open, close }: { open: boolean; close: () => void }) {
  return (
    <Dialog open={open} onClose={close} aria-labelledby="keys-title">
      <div style={{ padding: '20px 28px 24px' }}>
        <h2 id="keys-title" className="serif" style={{ margin: '0 0 10px' }}>By keyboard</h2>
        <dl className="facts">{keys.map(([k, what]) => [<dt key={k} className="mono">{k}</dt>, <dd key={what}>{what}</dd>])}</dl>
        <button className="act" onClick={close}>Close</button>
      </div>
    </Dialog>
  );
}
