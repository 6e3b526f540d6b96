import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import { devices, run } from '../../api/queries';
import type { Device, RunView } from '../../api/types';
import { Failure } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { Sheet } from '../../ui/Sheet';

const KIND: Record<Device['kind'], string> = {
  LOGGER: 'logger: its stops are found and judged',
  THERMOMETER: 'thermometer: its readings are taken down',
  ROLLER_TESTER: 'roller tester',
  WEATHER_MAST: 'weather mast',
};

/** Which devices the run listens to. */
export function DevicesSheet({ view, onClose }: { view: RunView; onClose: () => void }) {
  const client = useQueryClient();
  const choose = useMutation({
    mutationFn: (ids: string[]) =>
      ask(api.PUT('/api/runs/{testId}/devices', { params: { path: { testId: view.testId } }, body: ids })),
    onSuccess: (now) => client.setQueryData(run(view.testId).queryKey, now),
  });
  const chosen = view.devices.map((d) => d.id);
  return (
    <Sheet
      open
      trackside
      title="Devices of this run"
      description="A device serves one run at a time. Without any, everything is entered by hand."
      onClose={onClose}
    >
      <Loaded query={useQuery(devices())} what="Reading the devices">
        {(all) => (
          <div className="grid gap-1">
            {all.length === 0 && <p>No device is paired. Add one under Devices.</p>}
            {all
              .filter((d) => d.kind === 'LOGGER' || d.kind === 'THERMOMETER')
              .map((d) => (
                <label key={d.id} className="flex min-h-14 items-center gap-3 text-[16px]">
                  <input
                    type="checkbox"
                    className="size-6 flex-none accent-[var(--ink)]"
                    checked={chosen.includes(d.id)}
                    onChange={() =>
                      choose.mutate(
                        chosen.includes(d.id) ? chosen.filter((id) => id !== d.id) : [...chosen, d.id],
                      )
                    }
                  />
                  <span>
                    <b className="font-[650]">{d.name}</b>, {d.connected ? 'connected' : 'not connected'}
                    <span className="block text-[14px] text-ink-2">{KIND[d.kind]}</span>
                  </span>
                </label>
              ))}
            {choose.error && <Failure error={choose.error} />}
          </div>
        )}
      </Loaded>
    </Sheet>
  );
}
