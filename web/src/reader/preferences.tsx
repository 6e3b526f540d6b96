import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { asksAs } from '../api/client';
import { unitsOf, type System, type UnitTable } from '../units/units';

type Preferences = {
  system: System;
  units: UnitTable;
  night: boolean;
  person: string;
  toggleSystem: () => void;
  toggleNight: () => void;
  setPerson: (name: string) => void;
};

const Context = createContext<Preferences | null>(null);

const stored = (key: string) => window.localStorage.getItem(`frenum.${key}`);

/** What this device remembers of its user: units, theme and name. */
export function PreferencesProvider({ children }: { children: ReactNode }) {
  const [system, setSystem] = useState<System>(stored('system') === 'imperial' ? 'imperial' : 'metric');
  const [night, setNight] = useState(stored('night') === 'yes');
  const [person, setPerson] = useState(() => {
    const name = stored('person') ?? '';
    asksAs(name);
    return name;
  });
  useEffect(() => {
    document.documentElement.dataset.theme = night ? 'night' : 'light';
    window.localStorage.setItem('frenum.system', system);
    window.localStorage.setItem('frenum.night', night ? 'yes' : 'no');
    window.localStorage.setItem('frenum.person', person);
  }, [system, night, person]);
  const value = useMemo(
    () => ({
      system,
      units: unitsOf(system),
      night,
      person,
      toggleSystem: () => setSystem((s) => (s === 'metric' ? 'imperial' : 'metric')),
      toggleNight: () => setNight((n) => !n),
      setPerson: (name: string) => {
        // At once, so that what is sent next carries it.
        asksAs(name);
        setPerson(name);
      },
    }),
    [system, night, person],
  );
  return <Context.Provider value={value}>{children}</Context.Provider>;
}

export function usePreferences(): Preferences {
  const value = useContext(Context);
  if (!value) {
    throw new Error('usePreferences needs a PreferencesProvider above it');
  }
  return value;
}
