/** An amount as the server wrote it, with its decimals and currency; the number itself is never computed with. */
export function money(cost: unknown): string {
  if (typeof cost !== 'object' || cost === null || !('amount' in cost) || !('currency' in cost)) {
    return '';
  }
  return new Intl.NumberFormat('en-GB', { style: 'currency', currency: String(cost.currency) }).format(
    Number(cost.amount),
  );
}
