import { Fragment } from 'react';

/** The name of a file (or a wording that holds one) that breaks behind its joints and before its ending, not in the middle of a word. */
export const FileName = ({ children }: { children: string }) => <>{children.split(/(?<=[_-])(?=\w)|(?=\.\w{2,5}(?!\w))/).map((piece, i) => <Fragment key={i}>{i > 0 ? <wbr /> : null}{piece}</Fragment>)}</>;
