import { useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { weather } from '../../api/queries';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { Heading } from '../../ui/Layout';
import { usePreferences } from '../../reader/preferences';
import { shownOf, weatherText, type ConditionText } from './request';

const FIELDS: [keyof ConditionText, string, string, string?][] = [
  ['drivenOn', 'Date', 'date'],
  ['begunAt', 'Begun at', 'time'],
  ['endedAt', 'Ended at', 'time'],
  ['driver', 'Driver or rider', 'text'],
  ['load', 'Load', 'text'],
  ['surface', 'Surface', 'choice'],
  ['direction', 'Direction', 'text'],
  ['tyrePressureFrontBar', 'Front tyres', 'tyres'],
  ['tyres', 'Tyres at the start', 'choice'],
  ['tyreC', 'Tread', 'air', 'Read before the stops; warm from 20 °C (36 °F) above the air.'],
  ['ambientC', 'Air', 'air'],
  ['trackC', 'Lane surface', 'air'],
  ['windMps', 'Wind along the lane', 'wind', 'Against the vehicle counts positive.'],
  ['humidity', 'Humidity, %', 'number'],
];

const CHOICES: Partial<Record<keyof ConditionText, string[]>> = {
  surface: ['dry', 'damp', 'wet'],
  tyres: ['cold', 'warm'],
};

/** Under what a series was driven. A weather mast may fill in its part. */
export function ConditionFields(props: {
  conditions: ConditionText;
  onChange: (conditions: ConditionText) => void;
  children: ReactNode;
}) {
  const { conditions, onChange } = props;
  const { units } = usePreferences();
  const shown = shownOf(units);
  const client = useQueryClient();
  const [said, setSaid] = useState('');
  const fill = async () => {
    const now = await client.fetchQuery({ ...weather(), staleTime: 0 });
    if (now.readings === 0) {
      setSaid('No mast has sent anything in the last five minutes. Add it under Devices.');
    } else {
      setSaid(`Mean of the last five minutes, ${now.readings} readings.`);
      onChange({ ...conditions, ...weatherText(now, units) });
    }
  };
  return (
    <div>
      <Heading note="leave empty what nobody wrote down">Conditions</Heading>
      <div className="grid max-w-3xl grid-cols-2 gap-3 md:grid-cols-4">
        {FIELDS.map(([key, label, type, help]) => (
          <Field
            key={key}
            label={type in shown ? `${label}, ${shown[type as keyof typeof shown].unit}` : label}
            {...(help ? { help } : {})}
          >
            {CHOICES[key] ? (
              <Select
                value={conditions[key]}
                onChange={(e) => onChange({ ...conditions, [key]: e.target.value })}
              >
                <option value="">not noted</option>
                {CHOICES[key].map((choice) => (
                  <option key={choice}>{choice}</option>
                ))}
              </Select>
            ) : (
              <Input
                type={type in shown ? 'number' : type}
                step="any"
                value={conditions[key]}
                onChange={(e) => onChange({ ...conditions, [key]: e.target.value })}
              />
            )}
          </Field>
        ))}
        {props.children}
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-4">
        <Button onClick={() => void fill()}>Fill from the weather mast</Button>
        <span role="status" className="text-[13px] text-ink-2">
          {said}
        </span>
      </div>
    </div>
  );
}
