import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { Table, Td, Th } from './Table';

const table = (heads: string[], rows: string[][]) =>
  render(
    <Table>
      <thead>
        <tr>
          {heads.map((h) => (
            <Th key={h}>{h}</Th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((r) => (
          <tr key={r.join()}>
            {r.map((c) => (
              <Td key={c}>{c}</Td>
            ))}
          </tr>
        ))}
        <tr>
          <Td colSpan={heads.length - 1}>together</Td>
          <Td>last</Td>
        </tr>
      </tbody>
    </Table>,
  );

describe('a table on a phone', () => {
  it('names each cell by its column, past cells that span several', () => {
    table(['stop', 'speed', 'distance', 'verdict'], [['1', '50', '42.1', 'valid']]);
    expect(screen.getByText('42.1').dataset.column).toBe('distance');
    expect(screen.getByText('together').dataset.column).toBeUndefined();
    expect(screen.getByText('last').dataset.column).toBe('verdict');
    expect(screen.getByRole('table').dataset.rows).toBe('');
  });

  it('of few columns stays a table', () => {
    table(['stop', 'speed'], [['1', '50']]);
    expect(screen.getByText('50').dataset.column).toBeUndefined();
    expect(screen.getByRole('table').dataset.rows).toBeUndefined();
  });
});
