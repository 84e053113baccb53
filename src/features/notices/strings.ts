import type { Notice } from '@/state/hall';

/** What each notice says, in one or two short sentences. */
export function noticeText(notice: Notice): string {
  switch (notice.kind) {
    case 'demo-loaded':
      return 'These are demo routines and runs from a made-up harbour town, for you to try.';
    case 'routine-deleted':
      return `“${notice.routine.title}” is deleted.`;
    case 'emptied':
      return 'The demo data is cleared away.';
    case 'set-aside':
      return `“${notice.name}” could not be read and is set aside. The rest is here. Save it as a file to have it looked at.`;
    case 'newer':
      return `“${notice.name}” was saved by a newer version of this application. It is kept, but can't be opened here.`;
    case 'not-saved':
      return `“${notice.title}” could not be saved: the browser's storage may be full. Save it as a file now.`;
    case 'run-not-saved':
      return `The run of “${notice.run.title}” could not be saved: the browser's storage may be full. Save it as a table now.`;
    case 'person-not-saved':
      return `What you wrote about ${notice.name} could not be saved: the browser's storage may be full. Make room, and it is tried again.`;
    case 'storage-closed':
      return "The browser's storage can't be opened. What you do now will be lost when you close this page.";
    case 'other-tab':
      return `“${notice.title}” was changed in another tab at the same time. Your version is kept as “${notice.copyTitle}”.`;
    case 'not-deleted':
      return `“${notice.title}” was changed in another tab, so it is not deleted. Look at it, and delete it again if you still want to.`;
    case 'brought-in':
      return `“${notice.title}” is added.`;
    case 'move-kept':
      return [`“${notice.name}” is kept.`, mendedText(notice.mended)].filter(Boolean).join(' ');
    case 'move-deleted':
      return `“${notice.move.name}” is deleted. Routines that use it keep it as it was.`;
    case 'move-reverted':
      return `“${notice.move.name}” is the original again, in all routines.`;
    case 'draft-let-go':
      return `What you wrote for “${notice.draft.name.trim() || 'a new move'}” is let go.`;
    case 'moves-brought-in':
      return broughtText(notice.added.length, notice.replaced.length);
    case 'move-not-saved':
      return `“${notice.name}” could not be saved: the browser's storage may be full. Save your moves as a file now.`;
  }
}

export const SAVING = {
  saved: 'saved',
  saving: 'saving…',
  failed: 'not saved',
};

export const NOTICE = {
  close: 'Close',
  startEmpty: 'Start empty',
  takeBack: 'Bring back',
  undo: 'Undo',
  saveFile: 'Save as a file',
  saveTable: 'Save as a table',
  letGo: 'Delete it for good',
  open: 'Open',
};

function mendedText(titles: readonly string[]): string {
  if (titles.length === 0) return '';
  const named = titles.map((title) => `“${title}”`).join(', ');
  return `Lines in ${named} named something it no longer has; they do it the usual way now.`;
}

function broughtText(added: number, replaced: number): string {
  const moves = (count: number) => (count === 1 ? '1 move is' : `${count} moves are`);
  const parts = [
    added > 0 ? `${moves(added)} added` : '',
    replaced > 0 ? `${moves(replaced)} replaced` : '',
  ].filter(Boolean);
  return parts.length > 0 ? `${parts.join(', ')}.` : 'These moves were here already.';
}
