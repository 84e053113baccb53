import { memo, type ComponentType } from 'react';
import ArrowDown from 'lucide-react-native/icons/arrow-down';
import ArrowUp from 'lucide-react-native/icons/arrow-up';
import Check from 'lucide-react-native/icons/check';
import ChevronDown from 'lucide-react-native/icons/chevron-down';
import ChevronLeft from 'lucide-react-native/icons/chevron-left';
import ChevronUp from 'lucide-react-native/icons/chevron-up';
import Copy from 'lucide-react-native/icons/copy';
import FileDown from 'lucide-react-native/icons/file-down';
import FileText from 'lucide-react-native/icons/file-text';
import FileUp from 'lucide-react-native/icons/file-up';
import GripVertical from 'lucide-react-native/icons/grip-vertical';
import Minus from 'lucide-react-native/icons/minus';
import Pencil from 'lucide-react-native/icons/pencil';
import Play from 'lucide-react-native/icons/play';
import Printer from 'lucide-react-native/icons/printer';
import Plus from 'lucide-react-native/icons/plus';
import Redo2 from 'lucide-react-native/icons/redo-2';
import Trash from 'lucide-react-native/icons/trash';
import Sprout from 'lucide-react-native/icons/sprout';
import Undo2 from 'lucide-react-native/icons/undo-2';
import X from 'lucide-react-native/icons/x';

/** The icons that the application uses, by the names that components ask for. */
const ICONS = {
  down: ArrowDown,
  up: ArrowUp,
  check: Check,
  more: ChevronDown,
  less: ChevronUp,
  'less-of': Minus,
  back: ChevronLeft,
  copy: Copy,
  save: FileDown,
  text: FileText,
  open: FileUp,
  print: Printer,
  grip: GripVertical,
  lead: Play,
  rename: Pencil,
  add: Plus,
  mend: Sprout,
  redo: Redo2,
  delete: Trash,
  undo: Undo2,
  close: X,
} as const;

export type IconName = keyof typeof ICONS;

interface IconProps {
  readonly name: string;
  readonly color?: string | undefined;
  readonly size: number;
}

/** What Paper draws its icons with, in place of an icon font. */
export const Icon = memo(function Icon({ name, color, size }: IconProps) {
  const Drawing:
    ComponentType<{ color?: string; size?: number; 'aria-hidden'?: boolean }> | undefined =
    Object.hasOwn(ICONS, name) ? ICONS[name as IconName] : undefined;
  return Drawing ? <Drawing color={color ?? 'currentColor'} size={size} aria-hidden /> : null;
});
