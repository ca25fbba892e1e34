import { screen } from '@testing-library/react-native';
import type { SealedVerification, Signed } from '@kesto/core/tree';
import { draftOf, jointView } from '@/testing/joints';
import { showScreen } from '@/testing/screen';
import { brokenEntry, Chain, hashInFours, integrityOf, IntegrityMark } from '.';
import { SealMark } from './SealMark';

const signed = (rest: object = {}): Signed =>
  ({
    ...{ shop: { name: 'Lumikero Botanical Station' }, sealedAt: '2026-11-24T10:00:00.000Z', bySignature: 2, older: null },
    ...{ notSigned: [], devices: [], notes: [], keyWords: ['anchor', 'basil', 'cedar', 'delta', 'ember', 'fable', 'gravel', 'hollow'] },
    ...rest,
  }) as unknown as Signed; // cast: what is read of it

describe('whose a file is', () => {
  test('sealed, it names the shop, by when, and the words of its key', async () => {
    await showScreen(<SealMark signed={signed()} older={null} />);
    expect(screen.getByText('sealed by Lumikero Botanical Station')).toBeTruthy();
    expect(screen.getByText(/24 November 2026.* 2 entries are signed by the devices/)).toBeTruthy();
    expect(screen.getByText('hollow')).toBeTruthy();
  });

  test('without a seal it says that nothing shows whose it is; beside an older copy that it goes on from that alone', async () => {
    await showScreen(<SealMark signed={null} older={null} />);
    expect(screen.getByText(/nothing shows whose it is/)).toBeTruthy();
    await showScreen(<SealMark signed={null} older="continued" />);
    expect(screen.getByText(/goes on from what you kept, and nothing more is shown/)).toBeTruthy();
  });

  test('beside a copy that was kept it says that nothing was taken away since', async () => {
    await showScreen(<SealMark signed={signed({ older: 'continued' })} older="continued" />);
    expect(screen.getByText(/is the beginning of it: nothing was taken away or put in since/)).toBeTruthy();
  });
});

describe('whether a record holds', () => {
  const broken = { intact: false, firstBroken: { entry: 2, why: 'altered' } } as unknown as SealedVerification; // cast: what is read of it

  test('a break names its entry; one that is nobody’s names none', () => {
    expect(brokenEntry(integrityOf(broken))).toBe(2);
    expect(brokenEntry({ status: 'unchecked' })).toBeNull();
  });

  test('what is not checked yet does not call itself whole', async () => {
    await showScreen(<IntegrityMark integrity={{ status: 'unchecked' }} entries={1} />);
    expect(screen.getByText('1 entry, not checked yet')).toBeTruthy();
    await showScreen(<IntegrityMark integrity={{ status: 'checking' }} entries={1} />);
    expect(screen.getByText('checking every link')).toBeTruthy();
    await showScreen(<IntegrityMark integrity={{ status: 'failed', message: 'No signal.' }} entries={1} />);
    expect(screen.getByText('No signal.')).toBeTruthy();
  });

  test('a hash is read in fours', () => expect(hashInFours('abcdefgh12')).toBe('abcd efgh 12'));
});

describe('entries as links', () => {
  const joint = jointView(draftOf(), [
    { kind: 'cooled', values: { note: 'in still air' }, corrects: null },
    { kind: 'corrected', values: { note: 'under a wet cloth' }, corrects: { entry: 'e0', why: 'it was the other one' } },
  ]);

  test('each is told in words with who and when; a correction names what it corrects', async () => {
    await showScreen(<Chain entries={joint.entries} brokenAt={null} />);
    for (const [i] of joint.entries.entries()) expect(screen.getByText(String(i + 1))).toBeTruthy();
    expect(screen.getByText(/^corrects \d/)).toBeTruthy();
    expect(screen.getAllByText(/Ilta Varro, 24 Nov/).length).toBeGreaterThan(0);
  });
});
