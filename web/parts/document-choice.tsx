import TextField from '@mui/material/TextField';

/** Which of several documents of the set is looked at; nothing where there is one. */
export function DocumentChoice({ files, chosen, choose }: { files: readonly { id: string; name: string }[]; chosen: string; choose: (id: string) => void }) {
  if (files.length < 2) return null;
  return <TextField select label="Document" value={chosen} onChange={(e) => choose(e.target.value)} slotProps={{ select: { native: true }, inputLabel: { shrink: true } }} style={{ marginBottom: 14, maxWidth: 420 }} fullWidth>{files.map((f) => <option key={f.id} value={f.id}>{f.name}</option>)}</TextField>;
}
