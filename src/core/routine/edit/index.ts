export {
  applyChange,
  entryAt,
  placeOf,
  reversed,
  type Change,
  type Place,
  type Step,
} from './change';
export {
  addEntry,
  changeHead,
  changeItem,
  duplicateEntry,
  moveEntry,
  nudgeEntry,
  removeEntry,
  replaceEntry,
} from './edits';
