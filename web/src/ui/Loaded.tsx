import type { UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Failure, Reading, Strip } from './Layout';

/** A page’s data once it is here; before that what is being read, or what failed. */
export function Loaded<T>(props: {
  query: Pick<UseQueryResult<T>, 'data' | 'error'>;
  what: string;
  children: (data: T) => ReactNode;
}) {
  const { data, error } = props.query;
  if (error || data === undefined) {
    return <Strip>{error ? <Failure error={error} /> : <Reading what={props.what} />}</Strip>;
  }
  return props.children(data);
}
