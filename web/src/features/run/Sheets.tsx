import type { Happening, RunView } from '../../api/types';
import { CrackSheet } from './CrackSheet';
import { DevicesSheet } from './DevicesSheet';
import { DiscsSheet } from './DiscsSheet';
import { HistorySheet } from './HistorySheet';
import { ReadingsSheet } from './ReadingsSheet';
import { SignSheet } from './SignSheet';
import { TaskSheet } from './TaskSheet';

export type Sheet = 'discs' | 'cracks' | 'readings' | 'sign' | 'history' | 'devices' | 'task' | null;

/** The sheet that is open, if any. */
export function Sheets(props: {
  testId: string;
  view: RunView;
  holder: string;
  say: (what: Happening) => void;
  sheet: Sheet;
  now: number;
  restAtS: number;
  onClose: () => void;
}) {
  const { view, say, sheet, onClose } = props;
  switch (sheet) {
    case 'discs':
      return <DiscsSheet view={view} say={say} onClose={onClose} />;
    case 'cracks':
      return <CrackSheet view={view} say={say} onClose={onClose} />;
    case 'readings':
      return (
        <ReadingsSheet
          view={view}
          now={props.now}
          restAtS={props.restAtS}
          holder={props.holder}
          say={say}
          onClose={onClose}
        />
      );
    case 'devices':
      return <DevicesSheet view={view} onClose={onClose} />;
    case 'sign':
      return <SignSheet holder={props.holder} say={say} onClose={onClose} />;
    case 'task':
      return <TaskSheet view={view} say={say} onClose={onClose} />;
    case 'history':
      return <HistorySheet testId={props.testId} onClose={onClose} />;
    default:
      return null;
  }
}
