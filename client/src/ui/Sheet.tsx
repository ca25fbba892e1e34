import { useIsFocused, useRouter, type Href } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { Pressable, ScrollView, StyleSheet, View } from 'react-native';
import { useSelector } from 'react-redux';
import type { AtTheTorch } from '@/state/atTheTorch';
import { arrange } from './arrange';
import { useKeys, type KeyBinding } from './keyBindings';
import { Pill, RoundKey } from './Buttons';
import { useSheetFocus } from './sheetFocus';
import { KeepSlot, type Keeping } from './keepSlot';
import { KeptStrip } from './KeptStrip';
import { KeysSheet } from './KeysSheet';
import { UpArrow } from './marks';
import { useStation } from './station';
import { useIsWide, useTokens } from './theme';
import { TitleBlock, type TitleCells } from './TitleBlock';
import { Mono, Words } from './Words';

export interface SheetAction {
  readonly label: string;
  readonly onPress: () => void;
  readonly disabled?: boolean;
  readonly testID?: string;
}

export interface SheetProps {
  readonly tag: string;
  readonly title: string;
  readonly subtitle?: string;
  /** Where the up key leads, and the word on it. */
  readonly up?: { readonly label: string; readonly href: Href } | { readonly label: string; readonly onPress: () => void };
  readonly action?: SheetAction | undefined;
  /** Why the stage is still open: it stands above the action. */
  readonly why?: string | undefined;
  readonly round?: (SheetAction & { readonly pressed?: boolean }) | undefined;
  readonly cells: TitleCells;
  readonly headerRight?: ReactNode;
  /** Wide screens put this beside the drawing; phones show it after it. */
  readonly aside?: ReactNode;
  /** Phones: a sheet over the lower half, in place of `aside`'s wide column. */
  readonly over?: ReactNode;
  readonly overOpen?: boolean;
  /** What this screen's own keys do, on wide. */
  readonly keys?: readonly KeyBinding[];
  readonly children: ReactNode;
}

/** The draughtsman's sheet: the drawing is the screen, its title block the navigation. */
export function Sheet(props: SheetProps) {
  const wide = useIsWide();
  const [keeping, setKeeping] = useState<Keeping | null>(null);
  const over = useSheetFocus({ isOpen: props.overOpen ?? false, onClose: props.round?.onPress, holds: false });
  const whole: SheetProps = {
    ...props,
    action: props.overOpen && keeping ? { ...keeping, testID: 'keep' } : props.action,
    over: (
      <View ref={over}>
        <KeepSlot.Provider value={setKeeping}>{props.over}</KeepSlot.Provider>
      </View>
    ),
  };
  return wide ? <WideSheet {...whole} /> : <PhoneSheet {...whole} />;
}

function UpKey({ up }: { up: NonNullable<SheetProps['up']> }) {
  const t = useTokens();
  const router = useRouter();
  return (
    <Pressable
      role="link"
      aria-label={`up to ${up.label}`}
      onPress={() => ('href' in up ? router.push(up.href) : up.onPress())}
      style={{
        minHeight: 48,
        minWidth: 72,
        borderWidth: 1,
        borderColor: t.ink,
        borderRadius: 5,
        flexDirection: 'row',
        gap: 5,
        alignItems: 'center',
        justifyContent: 'center',
        paddingHorizontal: 10,
      }}
    >
      <UpArrow />
      <Words size={15} bold>
        {up.label}
      </Words>
    </Pressable>
  );
}

function Title({ tag, title, subtitle, wide }: Pick<SheetProps, 'tag' | 'title' | 'subtitle'> & { wide: boolean }) {
  return (
    <>
      <Mono size={34} role="heading" aria-level={1} style={styles.title}>
        {tag}
      </Mono>
      <View style={wide ? arrange.fill : styles.phoneTitle}>
        <Words size={wide ? 17 : 15} bold numberOfLines={2}>
          {title}
        </Words>
        {subtitle ? (
          <Words size={wide ? 17 : 15} tone="ink2" numberOfLines={wide ? 1 : 2}>
            {subtitle}
          </Words>
        ) : null}
      </View>
    </>
  );
}

/** What keeps it open, above the action. */
function WhyLine({ text }: { text: string }) {
  const t = useTokens();
  return (
    <View style={{ borderTopWidth: 1, borderColor: t.rule, paddingHorizontal: 16, paddingVertical: 6, backgroundColor: t.amberWash }}>
      <Words size={15} tone="amber" numberOfLines={3} role="note">
        {text}
      </Words>
    </View>
  );
}

function PhoneSheet(props: SheetProps) {
  const t = useTokens();
  const hand = useSelector((state: { readonly atTheTorch: AtTheTorch }) => state.atTheTorch.hand);
  return (
    <View style={{ flex: 1, backgroundColor: t.paper }}>
      <View role="banner" style={styles.phoneHead}>
        <Title {...props} wide={false} />
        {props.up ? <UpKey up={props.up} /> : null}
      </View>
      <View role="main" style={arrange.fill}>
        <ScrollView contentContainerStyle={styles.phoneBody} role="region" tabIndex={0} aria-label={`${props.tag} sheet`}>
          {props.children}
          {props.aside}
        </ScrollView>
        {props.overOpen ? (
          <View
            style={{
              position: 'absolute',
              left: 0,
              right: 0,
              bottom: 0,
              maxHeight: '82%',
              backgroundColor: t.panel,
              borderTopWidth: 2,
              borderColor: t.ink,
            }}
          >
            <ScrollView contentContainerStyle={styles.over} tabIndex={0} aria-label="working">
              {props.over}
            </ScrollView>
          </View>
        ) : null}
      </View>
      {props.cells.here === 'kept' ? null : <KeptStrip />}
      {props.why && !props.overOpen ? <WhyLine text={props.why} /> : null}
      {props.action || props.round ? (
        <View
          role="contentinfo"
          style={{
            ...styles.phoneBar,
            flexDirection: hand === 'left' ? 'row-reverse' : 'row',
            borderColor: t.ink,
            backgroundColor: t.paper,
          }}
        >
          {props.round ? <RoundKey {...props.round} testID="round" /> : null}
          {props.action ? <Pill {...props.action} /> : null}
        </View>
      ) : null}
    </View>
  );
}

const ASIDE_WIDTH = 400;

/** Keys every wide screen has, then its own. */
function useSheetKeys(props: SheetProps) {
  const router = useRouter();
  const focused = useIsFocused();
  const station = useStation();
  const [open, setOpen] = useState(false);
  const { action, round } = props;
  const bindings: readonly KeyBinding[] = [
    ...(action && !action.disabled ? [{ key: 'Enter', says: action.label, run: action.onPress }] : []),
    ...(round ? [{ key: 'w', says: round.label, run: round.onPress }] : []),
    ...(props.keys ?? []),
    ...(station ? [{ key: '/', says: 'find by tag, machine, site, job or person', run: station.find }] : []),
    { key: 't', says: 'today', run: () => router.push('/') },
    { key: 'v', says: 'van: rods, torch, gas', run: () => router.push('/van') },
    { key: 'b', says: 'bench: sums without a job', run: () => router.push('/bench') },
    { key: 'c', says: 'check a record file', run: () => router.push('/verify') },
    { key: 'u', says: 'you: units, light, approvals', run: () => router.push('/me') },
    { key: '?', says: 'these keys', run: () => setOpen(!open) },
  ];
  useKeys(focused ? bindings : []);
  return { bindings, open, toggle: () => setOpen(!open) };
}

function WideSheet(props: SheetProps) {
  const t = useTokens();
  const keys = useSheetKeys(props);
  const aside = props.overOpen ? props.over : props.aside;
  return (
    <View style={{ flex: 1, backgroundColor: t.paper }}>
      <View role="main" style={styles.wide}>
        <View style={arrange.fill}>
          <View
            style={{
              flexDirection: 'row',
              gap: 20,
              height: 72,
              paddingHorizontal: 24,
              alignItems: 'center',
              borderBottomWidth: 2,
              borderColor: t.hair,
            }}
          >
            <Title {...props} wide />
            {props.headerRight}
          </View>
          <ScrollView contentContainerStyle={styles.wideBody} role="region" tabIndex={0} aria-label={`${props.tag} sheet`}>
            {props.children}
          </ScrollView>
        </View>
        {aside ? (
          <View
            style={{
              width: ASIDE_WIDTH,
              borderLeftWidth: props.overOpen ? 2 : 1,
              borderColor: props.overOpen ? t.ink : t.hair,
              backgroundColor: props.overOpen ? t.panel : t.paper,
            }}
          >
            <ScrollView contentContainerStyle={styles.wideAside} role="region" tabIndex={0} aria-label="beside the drawing">
              {aside}
            </ScrollView>
          </View>
        ) : null}
      </View>
      {props.why && !props.overOpen ? <WhyLine text={props.why} /> : null}
      <TitleBlock cells={props.cells} action={props.action} round={props.round} onKeys={keys.toggle} />
      <KeysSheet bindings={keys.bindings} open={keys.open} onClose={keys.toggle} />
    </View>
  );
}

const styles = StyleSheet.create({
  title: { letterSpacing: -0.5 },
  // With letters twice as large the title and the way up go under the tag.
  phoneHead: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    columnGap: 14,
    rowGap: 4,
    paddingHorizontal: 16,
    paddingTop: 14,
    paddingBottom: 8,
    alignItems: 'flex-start',
  },
  phoneTitle: { flex: 1, minWidth: 60, paddingTop: 3 },
  phoneBody: { paddingHorizontal: 16, paddingBottom: 20, gap: 12 },
  // So narrow that the pill would break its words, it goes under the round key.
  phoneBar: { flexWrap: 'wrap', columnGap: 12, rowGap: 8, paddingHorizontal: 16, paddingVertical: 12, borderTopWidth: 2 },
  over: { padding: 16 },
  wide: { flex: 1, flexDirection: 'row' },
  wideBody: { paddingHorizontal: 24, paddingVertical: 8, gap: 8, flexGrow: 1 },
  wideAside: { paddingHorizontal: 24, paddingVertical: 16, gap: 8 },
});
