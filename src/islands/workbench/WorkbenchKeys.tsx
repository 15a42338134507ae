import { KeysDialog, type KeysDialogProps } from '../parts/KeysDialog';
import { stationKeys } from '../stations/stationKeys';
import { revisionKeys, workbenchKeys } from './keyLines';

interface Props extends Omit<KeysDialogProps, 'keys'> {
  readonly view: string;
}

/** The keys of the view that is open, then those of the whole workbench. */
export function WorkbenchKeys({ view, ...others }: Props) {
  return (
    <KeysDialog keys={[...(stationKeys[view] ?? revisionKeys), ...workbenchKeys]} {...others} />
  );
}
