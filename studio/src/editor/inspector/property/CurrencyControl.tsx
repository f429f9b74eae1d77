import { commonCurrencies, currencies } from '@sirene/core/base/money';
import { SearchChoice } from '../../../shared/SearchChoice.tsx';
import type { PropertyControlProps } from './control-props.ts';

const names = new Intl.DisplayNames(undefined, { type: 'currency' });
const option = (value: string) => ({ value, label: `${value} · ${names.of(value)}` });
const options = currencies.map(option);
const first = commonCurrencies.map(option);

/** A currency by its code or its name, such as EUR or krona. */
export function CurrencyControl({ id, value = '', onChange }: PropertyControlProps<string>) {
  return <SearchChoice id={id} value={value} options={options} first={first} onChange={onChange} />;
}
