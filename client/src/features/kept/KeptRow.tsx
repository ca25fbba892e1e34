import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { useDispatch } from 'react-redux';
import { isHeld, sendAgain, takeBack, type Command } from '@/outbox';
import type { AppDispatch } from '@/store/store';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { BothLines } from './BothLines';
import { copyOf, stateText, whatOf, type Owner } from './keptText';
import { WORDS } from './words';

interface KeptRowProps {
  readonly command: Command;
  readonly owner: Owner;
  /** May take off what somebody who left had kept. */
  readonly isLead: boolean;
}

/** One write that only this device has: what it is, how it stands, and what can be done about it. */
export function KeptRow({ command, owner, isLead }: KeptRowProps) {
  const t = useTokens();
  const dispatch = useDispatch<AppDispatch>();
  const { state } = command;
  const needsSomebody = owner === 'left' || (owner === 'own' && isHeld(command));
  const mayTakeOff = needsSomebody && (owner === 'own' || isLead);
  return (
    <View role="listitem" style={{ borderBottomWidth: 1, borderColor: t.rule, paddingVertical: 12, gap: 4 }}>
      <View style={arrange.apart12}>
        <Words bold style={arrange.fill}>
          {whatOf(command)}
        </Words>
        <Words size={15} tone="ink2">
          {format(new Date(command.at), 'd MMM HH:mm')}
        </Words>
      </View>
      <Words size={15} tone={needsSomebody ? 'red' : 'ink2'}>
        {stateText(command, owner)}
      </Words>
      {owner === 'own' && state.status === 'changed' ? <BothLines id={command.id} lines={state.lines} /> : null}
      {needsSomebody ? (
        <View style={arrange.wrap8}>
          {state.status === 'refused' && owner === 'own' ? (
            <FrameKey label={WORDS.sendItAgain} onPress={() => void dispatch(sendAgain(command.id))} />
          ) : null}
          <CopyKey command={command} />
          {mayTakeOff ? <TakeOffKey onPress={() => void dispatch(takeBack(command.id))} own={owner === 'own'} /> : null}
        </View>
      ) : null}
    </View>
  );
}

function CopyKey({ command }: { command: Command }) {
  const [copied, setCopied] = useState<boolean | null>(null);
  // Over plain HTTP a browser gives no clipboard: what is to be copied then stands there to be selected.
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(copyOf(command));
      setCopied(true);
    } catch {
      setCopied(false);
    }
  };
  return copied === false ? (
    <Words size={14} selectable>
      {copyOf(command)}
    </Words>
  ) : (
    <FrameKey label={copied ? WORDS.copied : WORDS.copyIt} onPress={() => void copy()} />
  );
}

function TakeOffKey({ own, onPress }: { own: boolean; onPress: () => void }) {
  const [asked, setAsked] = useState(false);
  const first = own ? 'Take it back' : 'Take it off this device';
  return <FrameKey label={asked ? WORDS.yesItIsNot : first} onPress={() => (asked ? onPress() : setAsked(true))} />;
}
