import { useRouter } from 'expo-router';
import { useState } from 'react';
import { errorText } from '@/api/api';
import { useLazyFindJointQuery } from '@/features/joint/api';
import { FrameKey } from '@/ui/Buttons';
import { Overlay } from '@/ui/Overlay';
import { TextField } from '@/ui/UnitField';

/** A joint by the tag that stands on it. */
export function FindOver({ open, onClose }: { open: boolean; onClose: () => void }) {
  const router = useRouter();
  const [tag, setTag] = useState('');
  const [find, { error, isFetching }] = useLazyFindJointQuery();
  async function go() {
    const found = await find(tag.trim());
    if (!found.data) return;
    onClose();
    setTag('');
    router.push(`/joints/${found.data.id}`);
  }
  return (
    <Overlay open={open} title="Find a joint" label="find a joint" onClose={onClose}>
      <TextField
        label="tag of a joint, as CR2-07"
        value={tag}
        onChange={setTag}
        error={error ? errorText(error) : null}
        onEnter={() => void go()}
      />
      <FrameKey label="Find it" disabled={tag.trim() === '' || isFetching} onPress={() => void go()} />
    </Overlay>
  );
}
