import { useImperativeHandle, useLayoutEffect, useRef, type Ref } from 'react';
import type { Paper } from '@/core/class';
import { loadFonts } from './fonts';

/** What can be done with a sheet that is shown. */
export interface SheetHandle {
  readonly print: () => void;
}

interface SheetOfPaperProps {
  readonly paper: Paper;
  readonly label: string;
  /** Of the room it has; the page is made smaller to fit. */
  readonly width: number;
  /** Words that run over to the next line keep their size on a narrow screen. */
  readonly flows?: boolean;
  readonly handle: Ref<SheetHandle>;
}

/** An A4 page with its margins, as wide as it is printed. */
const PAPER = 760;

/** A page in a frame of its own, so that it is printed alone. */
export function SheetOfPaper({ paper, label, width, flows, handle }: SheetOfPaperProps) {
  const frame = useRef<HTMLIFrameElement>(null);
  useImperativeHandle(handle, () => ({ print: () => frame.current?.contentWindow?.print() }), []);
  const share = flows ? 1 : Math.min(1, width / PAPER);
  const wide = flows ? Math.min(width, PAPER) : PAPER;
  useLayoutEffect(() => {
    if (frame.current) lay(frame.current, paper, share);
  }, [paper, share, wide]);
  const scaled = { transformOrigin: '0 0', transform: `scale(${share})` } as const;
  return (
    <div style={{ overflow: 'hidden', width: wide * share }}>
      <iframe
        ref={frame}
        title={label}
        style={{ width: wide, border: 0, background: '#fff', ...scaled }}
      />
    </div>
  );
}

/**
 * Puts a page into its frame, as high as it is. The style is handed over as a sheet and not as text of
 * the page: the server's policy lets no style through that it does not know.
 */
function lay(frame: HTMLIFrameElement, { title, css, body }: Paper, share: number): void {
  const page = frame.contentDocument;
  const view = frame.contentWindow as (Window & typeof globalThis) | null;
  if (!page || !view) return;
  const style = new view.CSSStyleSheet();
  style.replaceSync(css);
  page.adoptedStyleSheets = [style];
  page.title = title;
  page.documentElement.lang = document.documentElement.lang;
  const parsed = new view.DOMParser().parseFromString(body, 'text/html');
  page.body.replaceChildren(...parsed.body.childNodes);
  const fit = () => {
    const high = page.documentElement.scrollHeight;
    frame.style.height = `${high}px`;
    if (frame.parentElement) frame.parentElement.style.height = `${high * share}px`;
  };
  fit();
  if (page.fonts.size === 0) loadFonts(view);
  // The shipped fonts are a little wider than what stands in for them.
  void page.fonts.ready.then(fit);
}
