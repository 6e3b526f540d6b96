import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { sheetReading } from '../../api/queries';
import type { Quantity, SheetReading, TypedTable } from '../../api/types';

const PAUSE_MS = 250;

/** A value once it has stood still for a moment. */
function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  const written = JSON.stringify(value);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(JSON.parse(written) as T), PAUSE_MS);
    return () => window.clearTimeout(timer);
  }, [written]);
  return settled;
}

/** What the table says, a moment after the last key. `isOf` tells whether it is of the table as it stands. */
export function useReading(testId: string | null, speed: Quantity | null, table: TypedTable) {
  const request = {
    testId,
    nominalSpeed: speed && { value: speed.entered, unit: speed.unit },
    table,
  };
  const settled = useSettled(request);
  const asked = useQuery({ ...sheetReading(settled), placeholderData: keepPreviousData });
  const isCurrent = !asked.isPlaceholderData && JSON.stringify(settled) === JSON.stringify(request);
  return { reading: asked.data as SheetReading | undefined, isCurrent, error: asked.error };
}
