import { newId } from '../../api/newId';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { api, ask } from '../../api/client';
import { configurations, garageForm, vehicles } from '../../api/queries';
import type { Configuration, GarageForm, Vehicle } from '../../api/types';
import { Button } from '../../ui/Button';
import { Segments } from '../../ui/Segments';
import { Select } from '../../ui/Field';
import { EmptySlab, Failure, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { ConfigurationsView } from './ConfigurationsView';
import { DifferenceView } from './DifferenceView';
import { BundleStrip } from './BundleStrip';
import { OutlookView } from './OutlookView';
import { VehicleForm } from './VehicleForm';

type View = 'vehicle' | 'outlook' | 'configurations' | 'difference';
const VIEWS: [View, string][] = [
  ['vehicle', 'Vehicle'],
  ['outlook', 'Outlook'],
  ['configurations', 'Configurations'],
  ['difference', 'Difference'],
];

/** What is driven: the vehicle, its configurations part by part, and what differs between two of them. */
export function GaragePage() {
  return (
    <Loaded query={useQuery(garageForm())} what="Reading the garage">
      {(form) => <Vehicles form={form} />}
    </Loaded>
  );
}

function Vehicles({ form }: { form: GarageForm }) {
  const client = useQueryClient();
  const [query, setQuery] = useSearchParams();
  const known = useQuery(vehicles());
  const add = useMutation({
    mutationFn: (id: string) =>
      ask(api.POST('/api/vehicles', { body: { id, name: 'New vehicle', description: '', spec: null } })),
    onSuccess: async (v) => {
      await client.invalidateQueries({ queryKey: vehicles().queryKey });
      setQuery({ vehicle: v.id });
    },
  });
  const view = (query.get('view') ?? 'vehicle') as View;
  const set = (key: string, value: string) => {
    const next = new URLSearchParams(query);
    next.set(key, value);
    setQuery(next, { replace: true });
  };
  const another = (
    <Button onClick={() => add.mutate(newId())} disabled={add.isPending}>
      Add a vehicle
    </Button>
  );
  return (
    <Loaded query={known} what="Reading the vehicles">
      {(all) => {
        const chosen = all.find((v) => v.id === query.get('vehicle')) ?? all[0];
        if (!chosen) {
          return (
            <Strip>
              <h1 className="mb-4 text-[26px]">No vehicle yet</h1>
              <EmptySlab line="What is known of the vehicle goes here; what is not stays empty.">
                {another}
              </EmptySlab>
              <BundleStrip />
            </Strip>
          );
        }
        return (
          <>
            <TopStrip
              all={all}
              chosen={chosen}
              view={view}
              another={another}
              onView={(v) => set('view', v)}
              onVehicle={(id) => setQuery({ vehicle: id, view })}
            />
            <Strip>
              {add.error && <Failure error={add.error} />}
              {view === 'vehicle' ? (
                <VehicleForm key={`${chosen.id} ${chosen.version}`} vehicle={chosen} form={form} />
              ) : view === 'outlook' ? (
                <OutlookView vehicle={chosen} />
              ) : (
                <Configurations vehicle={chosen} form={form} view={view} query={query} set={set} />
              )}
            </Strip>
            <BundleStrip />
          </>
        );
      }}
    </Loaded>
  );
}

/** Which vehicle, and what of it. */
function TopStrip(props: {
  all: Vehicle[];
  chosen: Vehicle;
  view: View;
  another: ReactNode;
  onView: (view: View) => void;
  onVehicle: (id: string) => void;
}) {
  return (
    <Strip tone="sheet" className="flex flex-wrap items-end gap-4">
      <h1 className="mr-auto text-[26px]">{props.chosen.name}</h1>
      <Segments label="Part of the garage" value={props.view} options={VIEWS} onChange={props.onView} />
      <Select
        aria-label="Vehicle"
        className="w-56"
        value={props.chosen.id}
        onChange={(e) => props.onVehicle(e.target.value)}
      >
        {props.all.map((v) => (
          <option key={v.id} value={v.id}>
            {v.name}
          </option>
        ))}
      </Select>
      {props.another}
    </Strip>
  );
}

type Props = {
  vehicle: Vehicle;
  form: GarageForm;
  view: View;
  query: URLSearchParams;
  set: (key: string, value: string) => void;
};

function Configurations({ vehicle, form, view, query, set }: Props) {
  return (
    <Loaded query={useQuery(configurations(vehicle.id))} what="Reading the configurations">
      {(all: Configuration[]) =>
        view === 'configurations' ? (
          <ConfigurationsView
            vehicle={vehicle}
            all={all}
            form={form}
            chosen={query.get('configuration')}
            set={set}
          />
        ) : (
          <DifferenceView
            all={all}
            a={query.get('a') ?? all[0]?.id ?? ''}
            b={query.get('b') ?? all[1]?.id ?? ''}
            set={set}
          />
        )
      }
    </Loaded>
  );
}
