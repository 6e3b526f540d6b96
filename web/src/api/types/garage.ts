import type { Figure, Figures, Quantity, Schemas } from './figures';

export type Vehicle = Schemas['VehicleView'];
export type Configuration = Required<Omit<Schemas['ConfigurationView'], 'replacesId'>> & {
  replacesId: string | null;
};
export type GarageForm = Schemas['GarageForm'];
export type Entry = GarageForm['vehicle'][number];
export type Part = Pick<Schemas['Part'], 'description' | 'condition'> & {
  cost: number | null;
  since: string | null;
  bedding: Bedding | null;
  figures: Record<string, Quantity>;
  uncertainties: Record<string, Quantity>;
};
export type Bedding = {
  [K in keyof Schemas['BeddingIn']]: Schemas['BeddingIn'][K] extends Schemas['WrittenQuantity']
    ? Quantity
    : Schemas['BeddingIn'][K];
};
export type Difference = Figures<Omit<Schemas['DifferenceView'], 'warning'>> & { warning: string | null };
export type Outlook = Omit<Schemas['Outlook'], 'brakeForceShare' | 'rises'> & {
  brakeForceShare: Figure;
  rises: Figures<Schemas['Rise']>[];
};
