import type { JobView } from '@kesto/contract';
import { calcErrorText, pointerText } from '@kesto/contract/wording';
import type { CircuitGraph } from '@kesto/core';
import { readings, type Metering, type Readings, type ReadingsRequest } from '@kesto/core/refrigerant';
import { formatNumber } from '@kesto/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import type { StageWork } from '@/features/stage/useStage';
import type { Read } from '@/ui/form/fields';
import { FigureFields } from '@/ui/form/FigureFields';
import { useFigures } from '@/ui/form/useFigures';
import { FrameKey, KeepKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';

const FIGURES = {
  suction: { label: 'suction pressure', kind: 'pressure', optional: true },
  suctionLine: { label: 'suction line', kind: 'temperature', optional: true },
  liquid: { label: 'liquid pressure', kind: 'pressure', optional: true },
  liquidLine: { label: 'liquid line', kind: 'temperature', optional: true },
  room: { label: 'room', kind: 'temperature', optional: true },
  outdoor: { label: 'outdoors', kind: 'temperature', optional: true },
} as const;

/** What lets the pressure down, as it is drawn. */
function meteringOf(graph: CircuitGraph | null): Metering {
  const kinds = graph?.parts.map((part) => part.kind) ?? [];
  return kinds.includes('expansion-valve') ? 'valve' : kinds.includes('capillary') ? 'capillary' : 'valve';
}

/** Readings before anything is touched: kept to stand beside those after. */
export function ReadingsForm({
  job,
  graph,
  work,
  onKept,
}: {
  job: JobView;
  graph: CircuitGraph | null;
  work: StageWork;
  onKept: () => void;
}) {
  const figures = useFigures(work.keptAs('readings'), FIGURES);
  const [found, setFound] = useState<Readings | null>(null);
  const [problem, setProblem] = useState<string | null>(null);

  function request(read: Read<typeof FIGURES>): ReadingsRequest {
    const { suction, suctionLine, liquid, liquidLine, room, outdoor } = read;
    return {
      ...{ refrigerant: job.circuit.refrigerant, metering: meteringOf(graph), altitude: { value: job.site.altitudeM, unit: 'm' } },
      ...(suction && suctionLine ? { suction: { pressure: suction, line: suctionLine } } : {}),
      ...(liquid && liquidLine ? { liquid: { pressure: liquid, line: liquidLine } } : {}),
      ...(room ? { room } : {}),
      ...(outdoor ? { outdoor } : {}),
    };
  }
  async function keep(read: Read<typeof FIGURES>): Promise<boolean> {
    const asked = request(read);
    const answer = readings(asked);
    setProblem(answer.ok ? null : answer.errors[0] ? `${answer.errors[0].field} ${calcErrorText(answer.errors[0])}` : null);
    setFound(answer.ok ? answer.value : null);
    return answer.ok && work.note('readings', { request: asked });
  }
  return (
    <View style={{ gap: 10 }}>
      <Heading size={17}>Readings before anything is touched</Heading>
      <FigureFields figures={figures} />
      {problem ? <Failed message={problem} /> : null}
      <KeepKey label="Keep the readings" busy={work.busy} onPress={() => void figures.submit(keep)} />
      {found ? <Found found={found} onClose={onKept} /> : null}
    </View>
  );
}

function Found({ found, onClose }: { found: Readings; onClose: () => void }) {
  const kelvin = (k: number | null) => (k === null ? '–' : `${formatNumber(k, 1)} K`);
  return (
    <View style={{ gap: 6 }}>
      <Words bold>
        superheat {kelvin(found.superheatK)}, subcooling {kelvin(found.subcoolingK)}
      </Words>
      {found.pointers.length === 0 ? <Words size={15}>All inside its window: the readings point to nothing.</Words> : null}
      {found.pointers.map((code) => (
        <Words key={code} size={15}>
          {pointerText(code)}
        </Words>
      ))}
      <Words size={14} tone="ink2">
        Advice, never a verdict.
      </Words>
      <FrameKey label="Close" onPress={onClose} />
    </View>
  );
}
