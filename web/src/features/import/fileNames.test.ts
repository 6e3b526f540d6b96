import { describe, expect, it } from 'vitest';
import { toldByNames } from './fileNames';

const known = ['As bought', 'Pads', 'Pads and fluid'];

describe('what names of files tell', () => {
  it('finds a known configuration, the longest that fits', () => {
    expect(toldByNames(['2026-06-20_pads-and-fluid_run2.csv'], known)).toEqual([
      { configuration: 'Pads and fluid', block: '2' },
    ]);
    expect(toldByNames(['AS_BOUGHT.CSV'], known)).toEqual([{ configuration: 'As bought', block: '' }]);
  });

  it('takes what is left of a name where none is known, without what all have', () => {
    expect(toldByNames(['tarn-old-pads-1.csv', 'tarn-old-pads-2.csv', 'tarn-new-pads-1.csv'], [])).toEqual([
      { configuration: 'old pads', block: '1' },
      { configuration: 'old pads', block: '2' },
      { configuration: 'new pads', block: '1' },
    ]);
  });

  it('does not make a configuration of dates, clocks or what a logger calls its files', () => {
    expect(toldByNames(['log_20260620_101530.csv', 'log 20260620.csv'], known)).toEqual([
      { configuration: '', block: '' },
      { configuration: '', block: '' },
    ]);
  });

  it('reads folders and blocks in several ways of writing', () => {
    expect(toldByNames(['day/hoses/block 03.csv'], [])[0]?.block).toBe('3');
    expect(toldByNames(['hoses B2.csv'], [])[0]).toEqual({ configuration: 'hoses', block: '2' });
    expect(toldByNames(['100 kmh pads.csv'], known)[0]?.configuration).toBe('Pads');
  });
});
