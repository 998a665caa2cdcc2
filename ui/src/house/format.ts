import dayjs from 'dayjs'

/** Days and numbers as riders write them. */

export const longDay = (day: string) => dayjs(day).format('dddd D MMMM')
export const shortDay = (day: string) => dayjs(day).format('ddd D MMM')

export const minutes = (n: number) => `${Math.round(n * 10) / 10} min`

export const way = (metres: number) =>
  metres >= 1000 ? `${(metres / 1000).toFixed(1)} km` : `${Math.round(metres / 10) * 10} m`

export function inDays(days: number): string {
  if (days === 0) return 'today'
  if (days === 1) return 'tomorrow'
  if (days < 0) return `${-days} days ago`
  return days < 15 ? `in ${days} days` : `in ${Math.round(days / 7)} weeks`
}

export const initials = (name: string) =>
  name
    .split(/\s+/)
    .map((word) => word[0])
    .slice(0, 2)
    .join('')
    .toUpperCase()

/** How long something has been open: "since today", "for a day", "for 9 days". */
export const opened = (days: number) =>
  days === 0 ? 'since today' : days === 1 ? 'for a day' : `for ${days} days`
