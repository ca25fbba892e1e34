import { useDispatch, useSelector } from 'react-redux';
import { handChosen, tellingChosen, type Hand, type Telling } from '@/state/atTheTorch';
import type { RootState } from '@/store/store';
import { Choice } from '@/ui/Buttons';
import { WORDS } from './words';

/** How this device is held at the torch, and how much it tells. */
export function TorchChoices() {
  const dispatch = useDispatch();
  const { hand, telling } = useSelector((state: RootState) => state.atTheTorch);
  return (
    <>
      <Choice<Hand>
        label={WORDS.whichThumb}
        value={hand}
        options={[
          { value: 'right', label: WORDS.rightThumb },
          { value: 'left', label: WORDS.leftThumb },
        ]}
        onChange={(choice) => dispatch(handChosen(choice))}
      />
      <Choice<Telling>
        label={WORDS.howMuchItTells}
        value={telling}
        options={[
          { value: 'how', label: WORDS.whatToDo },
          { value: 'why', label: WORDS.andWhyForAn },
        ]}
        onChange={(choice) => dispatch(tellingChosen(choice))}
      />
    </>
  );
}
