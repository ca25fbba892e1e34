import type { CircuitGraph } from '../circuit/graph';
import { RIG, type Place } from '../stage/entry';
import { tubePlace } from '../stage/places';
import type { Spec } from './fields';
import { KINDS, type KindId } from './kinds';

/** A place that an entry names, by the field it stands in. */
export interface NamedPlace {
  readonly field: string;
  readonly place: Place;
}

function placesOf(spec: Spec, value: unknown, field: string): readonly NamedPlace[] {
  if (value === undefined) return [];
  if (spec.of === 'part' || spec.of === 'place') return [{ field, place: String(value) }];
  if (spec.of !== 'list') return [];
  return (value as readonly unknown[]).flatMap((item, i) => placesOf(spec.item, item, `${field}[${i}]`)); // cast: the field was checked
}

/** Every part and place that somebody tells in an entry of a kind, whose values fit its fields. */
export const placesIn = (kind: KindId, values: Readonly<Record<string, unknown>>): readonly NamedPlace[] =>
  Object.entries(KINDS[kind].told).flatMap(([key, { spec }]) => placesOf(spec, values[key], key));

/** Whether a place is on a drawing: a part, a tube by the two it joins, or the rig, which is on every one. */
export const isOnDrawing = ({ parts, links }: CircuitGraph, place: Place): boolean =>
  place === RIG || parts.some((part) => part.id === place) || links.some((link) => tubePlace(link) === place);
