import { APPROVAL_SCOPES, LEADS, type PersonView, type Role } from '@kesto/contract';
import { StyleSheet, View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { TextField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { ApprovalFields } from './ApprovalFields';
import { RoleChoice } from './RoleChoice';
import { usePersonEditor } from './usePersonEditor';
import { WORDS } from './words';

interface PersonEditorProps {
  readonly person: PersonView;
  /** Role of whoever changes it. */
  readonly by: Role;
  readonly onDone: () => void;
  readonly onReset: () => void;
}

/** What the shop says of a person: name, role, approvals; and that they left. */
export function PersonEditor({ person, by, onDone, onReset }: PersonEditorProps) {
  const editor = usePersonEditor(person, onDone);
  return (
    <View style={styles.editor}>
      {editor.problem ? <Failed message={editor.problem} /> : null}
      <TextField label={WORDS.name} value={editor.name} onChange={editor.setName} />
      <Heading size={17}>{WORDS.approvals}</Heading>
      {APPROVAL_SCOPES.map((scope) => (
        <ApprovalFields
          key={scope}
          scope={scope}
          approval={editor.approvals.find((a) => a.scope === scope)}
          onChange={(part) => editor.change(scope, part)}
        />
      ))}
      <FrameKey
        label={editor.busy ? WORDS.keeping : WORDS.keepItSo}
        disabled={editor.busy || editor.name.trim() === ''}
        onPress={editor.keep}
      />
      {editor.approvals.length > 0 && LEADS.includes(by) ? (
        <FrameKey label={WORDS.confirmStillDoesThis} disabled={editor.busy} onPress={editor.confirm} />
      ) : null}
      <RoleChoice value={editor.role} by={by} onChange={editor.setRole} />
      {editor.role === person.role ? null : (
        <FrameKey label={WORDS.make(person.name, editor.role)} disabled={editor.busy} onPress={editor.giveRole} />
      )}
      <FrameKey label={WORDS.lostThePasswordA} onPress={onReset} />
      {person.left ? (
        <FrameKey label={WORDS.isBackInThe} disabled={editor.busy} onPress={() => editor.say(false)} />
      ) : (
        <FrameKey
          label={editor.leaving ? WORDS.yesSignOutEverywhere : WORDS.hasLeftTheShop}
          disabled={editor.busy}
          onPress={() => editor.say(true)}
        />
      )}
      <Words size={14} tone="ink2">
        {WORDS.roleAndLeavingNeed}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  editor: { gap: 12, paddingVertical: 8 },
});
