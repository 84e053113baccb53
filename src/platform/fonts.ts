import { Asset } from 'expo-asset';
import atkinson400 from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2';
import atkinson600 from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-600-normal.woff2';
import atkinson700 from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff2';
import literata500 from '@fontsource/literata/files/literata-latin-500-normal.woff2';

const FACES = [
  ['Atkinson Hyperlegible Next', '400', atkinson400],
  ['Atkinson Hyperlegible Next', '600', atkinson600],
  ['Atkinson Hyperlegible Next', '700', atkinson700],
  ['Literata', '500', literata500],
] as const;

/**
 * Loads the shipped fonts into a page, this one or one in a frame; text shows in a fallback until then. A
 * style element would need a looser policy.
 */
export function loadFonts(view: Window & typeof globalThis = window): void {
  for (const [family, weight, file] of FACES) {
    const { uri } = Asset.fromModule(file);
    const face = new view.FontFace(family, `url(${uri})`, { weight, display: 'swap' });
    view.document.fonts.add(face);
    void face.load().catch(() => undefined);
  }
}
