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
  readonly handle: Ref<SheetHandle>;
}

/** An A4 page with its margins, as wide as it is printed. */
const PAPER = 760;

/** A page in a frame of its own, so that it is printed alone. */
export function SheetOfPaper({ paper, label, width, handle }: SheetOfPaperProps) {
  const frame = useRef<HTMLIFrameElement>(null);
  useImperativeHandle(handle, () => ({ print: () => frame.current?.contentWindow?.print() }), []);
  const share = Math.min(1, width / PAPER);
  useLayoutEffect(() => {
    if (frame.current) lay(frame.current, paper, share);
  }, [paper, share]);
  const scaled = { transformOrigin: '0 0', transform: `scale(${share})` } as const;
  return (
    <div style={{ overflow: 'hidden', width: PAPER * share }}>
      <iframe
        ref={frame}
        title={label}
        style={{ width: PAPER, border: 0, background: '#fff', ...scaled }}
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
