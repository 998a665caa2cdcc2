/** The database on the device that holds sheets, taps and pictures; the worker that keeps the pages looks into it too. */
export const pocketName = 'hippodrome'
