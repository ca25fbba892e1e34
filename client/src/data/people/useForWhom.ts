import { usePeople } from './api';

/** Says whose words an entry brings, where they are not its writer's own: `, for Ilta Varro`. */
export function useForWhom(): (onBehalfOf: string | null | undefined) => string {
  const { data } = usePeople();
  return (onBehalfOf) => {
    if (!onBehalfOf) return '';
    const name = data?.people.find(({ id }) => id === onBehalfOf)?.name;
    return `, for ${name ?? 'somebody who left the shop'}`;
  };
}
