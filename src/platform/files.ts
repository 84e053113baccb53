import { getDocumentAsync } from 'expo-document-picker';
import { saveAs } from 'file-saver';

/** The most that is read from a file, in bytes. */
export const MOST_FILE_BYTES = 4_000_000;

export type PickedFile =
  | { readonly kind: 'text'; readonly name: string; readonly text: string }
  | { readonly kind: 'too-big'; readonly name: string }
  | { readonly kind: 'cancelled' };

/** Hands a file to the person. */
export function saveFile(name: string, text: string, type: string): void {
  saveAs(new Blob([text], { type: `${type};charset=utf-8` }), name);
}

/** What browsers hand files over by, to an application that is installed. */
interface Launched {
  readonly launchQueue?: {
    setConsumer(take: (launch: { files?: readonly { getFile(): Promise<File> }[] }) => void): void;
  };
}

/** Calls with the first file that the system opens with the application; returns the way to stop. */
export function onFileHandedOver(take: (picked: PickedFile) => void): () => void {
  let isWanted = true;
  (window as Launched).launchQueue?.setConsumer(({ files = [] }) => {
    void files[0]?.getFile().then(async (file) => {
      const picked = await readPicked(file, MOST_FILE_BYTES);
      if (isWanted) take(picked);
    });
  });
  return () => {
    isWanted = false;
  };
}

async function readPicked(file: File, mostBytes: number): Promise<PickedFile> {
  if (file.size > mostBytes) return { kind: 'too-big', name: file.name };
  return { kind: 'text', name: file.name, text: await file.text() };
}

/** Lets the person choose a file and reads it as text. */
export async function pickFile(mostBytes = MOST_FILE_BYTES): Promise<PickedFile> {
  const result = await getDocumentAsync({ multiple: false, base64: false });
  const asset = result.canceled ? undefined : result.assets[0];
  if (!asset?.file) return { kind: 'cancelled' };
  return readPicked(asset.file, mostBytes);
}

/** A title as the name of a file. */
export function fileName(title: string, ending: string): string {
  const plain = title
    .normalize('NFKD')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 60);
  return `${plain || 'routine'}.${ending}`;
}
