const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

/** "25 December 2026", "April 1987", "1987": understood in every country, unlike figures. The date as ISO 8601 writes it. */
export function showDate(date: string): string {
  const [year = '', month = '', day = ''] = date.split('-');
  return [day && String(Number(day)), month && (MONTHS[Number(month) - 1] ?? ''), year]
    .filter(Boolean)
    .join(' ');
}
