import { LIMIT_SPECS, type LimitName, limitFor, type ShopLimits } from '../../core/car/limits/catalogue';
import { unitsIn } from '../../features/shell/units';

/** Figures in millimetres, degrees Celsius and kilopascals; and in inches, Fahrenheit and psi. */
export const METRIC = unitsIn({ lengthUnit: 'mm', temperatureUnit: '°C', pressureUnit: 'kPa' });
export const INCHES = unitsIn({ lengthUnit: 'in', temperatureUnit: '°F', pressureUnit: 'psi' });

/** Limits as a form asks for them, in a shop with these of its own. */
export const limitsIn =
  (shop: ShopLimits = {}) =>
  (name: LimitName, car?: number | null) =>
    limitFor(name, shop, car);

/** What is usual, by name. */
export const usual = (name: LimitName) => LIMIT_SPECS[name].usual;
