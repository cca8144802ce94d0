import type { Money } from './fields/Amount';

/** An amount as the server wrote it, with its decimals and currency. */
export function money(cost: unknown): string {
  if (typeof cost !== 'object' || cost === null || !('amount' in cost) || !('currency' in cost)) {
    return '';
  }
  return new Intl.NumberFormat('en-GB', { style: 'currency', currency: String(cost.currency) }).format(
    String(cost.amount) as Intl.StringNumericLiteral,
  );
}

const thousandths = 3;

/** The exact sum of amounts for each currency there is, in thousandths so that no decimal is lost. */
export function sums(costs: (Money | undefined)[]): Money[] {
  const byCurrency = new Map<string, bigint>();
  for (const cost of costs) {
    if (cost) {
      const [whole = '0', part = ''] = String(cost.amount).split('.');
      const units = BigInt(whole + part.padEnd(thousandths, '0').slice(0, thousandths));
      byCurrency.set(cost.currency, (byCurrency.get(cost.currency) ?? 0n) + units);
    }
  }
  return [...byCurrency].map(([currency, units]) => {
    const digits = String(units).padStart(thousandths + 1, '0');
    return { amount: `${digits.slice(0, -thousandths)}.${digits.slice(-thousandths)}`, currency };
  });
}
