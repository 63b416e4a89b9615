import { useColorScheme } from '@mui/material/styles';
import { useEffect, useState, type ReactNode } from 'react';
import { Link, NavLink, useNavigate } from 'react-router';
import { useHotkeys } from 'react-hotkeys-hook';
import { Shortcuts } from './shortcuts.tsx';

/** Name, what is in hand, and the few places beside it. */
export function Top({ children }: { children?: ReactNode }) {
  const { mode, systemMode, setMode } = useColorScheme();
  const [help, setHelp] = useState(false);
  const navigate = useNavigate();
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  useHotkeys('shift+slash', () => setHelp((h) => !h), { useKey: false });
  useHotkeys('g>h', () => { void navigate('/'); });
  useEffect(() => { document.title = 'Hand Over'; }, []);
  return (
    <header className="top">
      <Link to="/" className="name">Hand Over</Link>
      {children}
      <nav aria-label="Application">
        <NavLink to="/" end className={({ isActive }) => (isActive ? 'here' : '')}>Papers</NavLink>
        <NavLink to="/details" className={({ isActive }) => (isActive ? 'here' : '')}>My details</NavLink>
        <a href="/desk/" target="_blank" rel="noreferrer">Practice desk</a>
        <button className="act soft" style={{ textDecoration: 'none' }} onClick={() => setMode(dark ? 'light' : 'dark')}>{dark ? 'Light' : 'Dark'}</button>
        <button className="act soft" style={{ textDecoration: 'none' }} aria-label="Keyboard shortcuts" onClick={() => setHelp(true)}>?</button>
      </nav>
      <Shortcuts open={help} close={() => setHelp(false)} />
    </header>
  );
}
