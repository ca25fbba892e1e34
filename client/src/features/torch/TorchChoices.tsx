import { useDispatch, useSelector } from 'react-redux';
import { handChosen, tellingChosen, type Hand, type Telling } from '@/state/atTheTorch';
import type { RootState } from '@/store/store';
import { Choice } from '@/ui/Buttons';

/** How this device is held at the torch, and how much it tells. */
export function TorchChoices() {
  const dispatch = useDispatch();
  const { hand, telling } = useSelector((state: RootState) => state.atTheTorch);
  return (
    <>
      <Choice<Hand>
        label="which thumb"
        value={hand}
        options={[
          { value: 'right', label: 'right thumb' },
          { value: 'left', label: 'left thumb' },
        ]}
        onChange={(choice) => dispatch(handChosen(choice))}
      />
      <Choice<Telling>
        label="how much it tells"
        value={telling}
        options={[
          { value: 'how', label: 'what to do' },
          { value: 'why', label: 'and why, for an apprentice' },
        ]}
        onChange={(choice) => dispatch(tellingChosen(choice))}
      />
    </>
  );
}
